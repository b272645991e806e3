import { showGrapheme } from '../../reach/check-word';
import { showSound } from '../../languages/en/sounds/phonemes';

import { sortMaker } from '../making/sort-maker';
import type { AlignedUnit } from '../../languages/en/sounds/align';
import type { MaterialWord } from '../../search/material-word';
import { clearUnits } from '../../search/target-sound';
import { given, read } from '../making/parameters';

/** The spelling it is about; found in the words where it is not given. */
const declared = { spelling: given<string>('text') };

/** Letters that say several sounds, in the order they are taught (common practice). */
const variable = ['ow', 'ea', 'oo', 'ch', 'y', 'ou', 'g', 'c', 'ie', 's', 'ear', 'a', 'i', 'o'];

/**
 * Dog and frog have two vowels in the dictionary, and one in most mouths (Wells 1982, cot and
 * caught); ball and walk keep theirs, as schools teach it.
 */
const asHeard = (unit: AlignedUnit) =>
  unit.grapheme === 'o' && unit.phonemes.join(' ') === 'AO' ? 'AA' : unit.phonemes.join(' ');

/** The spelling that says the most different sounds among the words, and stands in the most of them. */
function spellingOf(words: readonly MaterialWord[]): string | undefined {
  const sounds = new Map<string, Map<string, number>>();
  for (const word of words) {
    for (const unit of clearUnits(word)) {
      const found = sounds.get(unit.grapheme) ?? new Map<string, number>();
      const sound = asHeard(unit);
      if (sound !== '') found.set(sound, (found.get(sound) ?? 0) + 1);
      sounds.set(unit.grapheme, found);
    }
  }
  const size = (counts: Map<string, number>) =>
    [...counts.values()].reduce((sum, count) => sum + count, 0);
  // A heading with a single card is no sort, if another spelling has more.
  const fair = (counts: Map<string, number>) =>
    Number([...counts.values()].filter((count) => count > 1).length > 1);
  const place = (grapheme: string) => {
    const at = variable.indexOf(grapheme);
    return at < 0 ? variable.length : at;
  };
  return [...sounds]
    .filter(([, counts]) => counts.size > 1)
    .sort(
      ([left, leftCounts], [right, rightCounts]) =>
        fair(rightCounts) - fair(leftCounts) ||
        size(rightCounts) - size(leftCounts) ||
        place(left) - place(right),
    )[0]?.[0];
}

/** Words with one spelling, under the sounds it says in them. */
export default sortMaker({
  id: 'sort-by-sound',
  name: 'Sort by sound',
  group: 'Sounds and spelling',
  description: 'One spelling that says several sounds: words sorted by the sound (snow, cow).',
  needs: 'words with one spelling that says different sounds, such as snow and cow',
  parameters: declared,
  startWords: ['snow', 'blow', 'low', 'slow', 'cow', 'down', 'now', 'brown'],
  onScreen: 'Read each word aloud. Put it under the sound you hear.',
  title: ({ words, parameters }) =>
    `Which sound does ${showGrapheme(read(declared, parameters).spelling ?? spellingOf(words) ?? 'it')} say?`,
  instruction: 'Cut out the words. Read each one aloud. Glue it under the sound you hear.',
  homeOf({ word, entry }, { words, parameters }) {
    const spelling = read(declared, parameters).spelling ?? spellingOf(words);
    if (spelling === undefined) return 'has no spelling that says another sound in another word';
    const units = entry.readings[0].units.filter((unit) => unit.grapheme === spelling);
    const sounds = new Set(units.map(asHeard));
    const [unit] = units;
    if (unit === undefined) return `does not have ${showGrapheme(spelling)}`;
    if (sounds.size > 1)
      return `has ${showGrapheme(spelling)} with two sounds, so it has two homes`;
    if (unit.phonemes.length === 0) return `has a silent ${showGrapheme(spelling)}`;
    if (!clearUnits({ entry }).includes(unit))
      return `says ${showGrapheme(spelling)} too weakly to be sorted by it`;
    const otherWays = entry.readings.slice(1).some((reading) => {
      const other = reading.units.find((each) => each.grapheme === spelling);
      return other !== undefined && asHeard(other) !== asHeard(unit);
    });
    if (otherWays) return 'can be said in two ways, so it has two homes';
    const sound = showSound(asHeard(unit).split(' '));
    return { heading: sound, reason: `In ${word}, ${showGrapheme(spelling)} says ${sound}.` };
  },
  replacements: (word, { words, parameters }) => {
    const spelling = read(declared, parameters).spelling ?? spellingOf(words);
    const sound = word.entry?.readings[0].units
      .find((unit) => unit.grapheme === spelling)
      ?.phonemes.join(' ');
    return spelling === undefined || !sound ? [] : [{ spelling, sound }];
  },
  suggestions: ({ words, parameters }) => {
    const spelling = read(declared, parameters).spelling ?? spellingOf(words) ?? 'ow';
    return [{ spelling }];
  },
});
