import {
  syllablesOf,
  syllableTypeOf,
  type SyllableType,
} from '../../languages/en/sounds/syllable-types';
import type { MaterialWord } from '../../search/material-word';

import { sortMaker } from '../making/sort-maker';

/** What a syllable of each type shows, as a teacher says it. */
const typeNames: Readonly<Record<Exclude<SyllableType, 'other'>, readonly [string, string]>> = {
  closed: ['closed', 'one vowel letter, shut in by a consonant: it is short'],
  open: ['open', 'one vowel letter at the end: it is long'],
  'vowel-team': ['vowel team', 'two or more letters together spell one vowel sound'],
  'split-digraph': ['split digraph', 'a vowel, a consonant and a silent e'],
  'r-controlled': ['vowel with r', 'the r changes the vowel'],
  'consonant-le': ['consonant + le', 'a consonant and le at the end of the word'],
};

/** The syllable a word is sorted by: its last where that is consonant-le, else its first. */
function typeOf({ entry }: MaterialWord) {
  if (entry === undefined) return undefined;
  const syllables = syllablesOf(entry.readings[0]);
  const last = syllables[syllables.length - 1];
  const shown = last && syllableTypeOf(last) === 'consonant-le' ? last : syllables[0];
  return shown && { letters: shown.letters, type: syllableTypeOf(shown) };
}

/** Words under the type of their telling syllable. */
export default sortMaker({
  id: 'sort-by-syllable-type',
  name: 'Sort by syllable type',
  group: 'Sounds and spelling',
  description: 'Closed, open, vowel team, split digraph, vowel with r, consonant + le.',
  needs: 'words with different kinds of syllable, such as hat, she, rain, make, storm, table',
  startWords: ['mist', 'she', 'rain', 'make', 'storm', 'table', 'wet', 'go', 'cloud', 'wave'],
  onScreen: 'Look at the first syllable (at the end for –le). Put each word under its kind.',
  title: () => 'What kind of syllable?',
  instruction:
    'Cut out the words. Look at the first syllable (at the end for –le). Glue each under its kind.',
  homeOf(word) {
    const found = typeOf(word);
    if (found === undefined || found.type === 'other') return 'has a syllable of no plain type';
    const [heading, why] = typeNames[found.type];
    return { heading, reason: `${found.letters} in ${word.word}: ${why}.` };
  },
  replacements: () => [{ maxSyllables: 1 }],
  suggestions: () => [
    { pattern: 'CVCe', maxSyllables: 1 },
    { pattern: 'vowel-team', maxSyllables: 1 },
    { pattern: 'r-controlled', maxSyllables: 1 },
    { pattern: 'CVC' },
  ],
});
