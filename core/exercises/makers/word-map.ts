import { offered } from '../making/offered';
import { baseOf } from '../../languages/en/words/word-parts';
import { define } from '../../languages/en/words/meanings';
import { soundIndex } from '../../languages/en/words/sound-index';
import type { LexiconEntry } from '../../languages/en/lexicon/lexicon';
import type { BuildPiece } from '../interactions/build/task';
import type { MakerNote } from '../making/exercise';
import type { Maker, MakerInput } from '../making/maker';
import { shortMeaning } from '../making/short-meaning';
import { numbered } from '../making/usable-words';

/** A word rarer than this is not known to a class. */
const LEAST_ZIPF = 3.3;
const MOST_ON_A_BRANCH = 3;
/** A map with less than this on it teaches nothing. */
const FEWEST_PIECES = 4;

const branches = {
  means: 'What it means',
  same: 'Nearly the same',
  opposite: 'The opposite',
  kind: 'It is a kind of',
  family: 'Its family',
  rhymes: 'It rhymes with',
} as const;
type Branch = keyof typeof branches;

/** What belongs on each branch of a word, each text once on the whole map. */
function piecesOf(
  entry: LexiconEntry,
  input: Pick<MakerInput, 'lexicon' | 'meanings' | 'profile'>,
): Omit<BuildPiece, 'id'>[] {
  const { lexicon, meanings } = input;
  const senses = meanings ? define(entry.word, meanings, lexicon).senses.slice(0, 2) : [];
  const fit = offered(input);
  const common = (word: string) => {
    const found = lexicon.find(word);
    return found !== undefined && found.zipf >= LEAST_ZIPF && fit(found);
  };
  const base = baseOf(entry, lexicon);
  const family = lexicon.entries
    .slice(0, 15_000)
    .filter(
      (each) =>
        each.word.startsWith(base.slice(0, 3)) && baseOf(each, lexicon) === base && fit(each),
    )
    .map((each) => each.word);
  const short = shortMeaning(entry.word, input)?.definition;
  const wanted: Readonly<Record<Branch, readonly string[]>> = {
    means: short === undefined ? [] : [short],
    same: senses.flatMap((sense) => sense.near).filter(common),
    opposite: senses.flatMap((sense) => sense.opposites).filter(common),
    kind: senses.flatMap((sense) => sense.kindOf ?? []).filter(common),
    family,
    rhymes: soundIndex(lexicon)
      .rhymes(entry.readings[0])
      .filter((each) => each.zipf >= LEAST_ZIPF + 0.5 && fit(each))
      .map((each) => each.word),
  };
  const taken = new Set([entry.word.toLowerCase()]);
  return (Object.keys(branches) as Branch[]).flatMap((branch) => {
    const texts: string[] = [];
    for (const text of wanted[branch]) {
      if (texts.length === MOST_ON_A_BRANCH) break;
      // A word that fits two branches would have two homes: it stays off the map.
      const elsewhere = (Object.keys(branches) as Branch[]).some(
        (other) => other !== branch && wanted[other].includes(text),
      );
      if (taken.has(text.toLowerCase()) || elsewhere) continue;
      taken.add(text.toLowerCase());
      texts.push(text);
    }
    return texts.map((text) => ({
      text,
      place: branch,
      reason: `${text}: ${branches[branch].toLowerCase()}${branch === 'means' || branch === 'family' ? '' : ` ${entry.word}`}.`,
    }));
  });
}

/** One word in the middle, and pieces to lay on its branches. */
const maker: Maker = {
  id: 'word-map',
  name: 'Word map',
  group: 'Vocabulary',
  description: 'A word in the middle; its meaning, family, rhymes and opposites are laid round it.',
  interaction: 'build',
  onScreen: 'Put each piece on the branch where it belongs.',
  fewestWords: 1,
  needsMeanings: true,
  needs: 'a word with a meaning, a family or rhymes; the first such word is the middle',
  asks: ['words', 'meanings'],
  saysWhatIsLeft: true,
  workedByDefault: false,
  startWords: ['rain'],

  make(input) {
    const { words, parameters, random, lexicon } = input;
    const ordered = parameters.shuffle === false ? words : random.shuffle(words);
    const notes: MakerNote[] = [];
    let centre = '';
    let pieces: Omit<BuildPiece, 'id'>[] = [];
    let picture: string | undefined;
    // One word is enough: the others wait for another shuffle.
    for (const { word, entry } of ordered) {
      const found = entry && !lexicon.isUnfit(word) ? piecesOf(entry, input) : [];
      if (entry === undefined || found.length < FEWEST_PIECES) {
        notes.push({ word, text: `${word} has too little to lay round it. It was left out.` });
        continue;
      }
      centre = word;
      pieces = found;
      [picture] = lexicon.picturesOf(entry.word);
      break;
    }
    const places = (Object.keys(branches) as Branch[])
      .filter((branch) => pieces.some((piece) => piece.place === branch))
      .map((branch) => ({ id: branch, label: branches[branch] }));
    return {
      title: parameters.title ?? (centre === '' ? 'Word map' : `All about ${centre}`),
      instruction:
        parameters.instruction ??
        'Cut out the pieces. Lay each on the branch where it belongs. Add one of your own.',
      worked: false,
      task: {
        interaction: 'build',
        board: 'map',
        centre,
        ...(picture === undefined ? {} : { picture }),
        places,
        pieces: numbered(random.shuffle(pieces), 'piece'),
      },
      notes:
        centre !== '' && words.length > 1
          ? [
              ...notes,
              { text: `A map has one word in the middle: ${centre}. Shuffle again for another.` },
            ]
          : notes,
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ topic: 'weather' }],
};

export default maker;
