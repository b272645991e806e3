import { offered } from '../making/offered';
import { number, read } from '../making/parameters';
import { shortMeaning } from '../making/short-meaning';
import { numbered } from '../making/usable-words';
import { define } from '../../languages/en/words/meanings';
import type { LexiconEntry } from '../../languages/en/lexicon/lexicon';
import type { Random } from '../../kernel/random';
import type { GapItem, GapPiece } from '../interactions/gap/task';
import type { MakerNote } from '../making/exercise';
import type { Maker, MakerInput } from '../making/maker';

const parameters = {
  rungs: number('Words to climb to', { least: 2, most: 5, usual: 3, offered: [2, 3, 4, 5] }),
};

const MOST = 8;
/** Rarer words are not climbed to. */
const LEAST_ZIPF = 3.4;
const SHORTEST = 3;
const LONGEST = 5;
/** Ways that are tried from one word before it is given up. */
const MOST_TRIES = 400;

interface Rung {
  readonly word: string;
  readonly clue: string;
}

const holds = (clue: string, word: string) =>
  clue
    .toLowerCase()
    .split(/[^a-z]+/)
    .includes(word);

/** Two rungs of one clue would both be right, and a clue that says another's word gives it away. */
const tells = (one: Rung, other: Rung) =>
  one.clue === other.clue || holds(one.clue, other.word) || holds(other.clue, one.word);

const patternsOf = (word: string) =>
  [...word].map((_, at) => `${word.slice(0, at)}.${word.slice(at + 1)}`);

/** Words that differ in one letter, by the pattern that they share. */
function byPattern(entries: readonly LexiconEntry[]): ReadonlyMap<string, readonly LexiconEntry[]> {
  const found = new Map<string, LexiconEntry[]>();
  for (const entry of entries) {
    for (const pattern of patternsOf(entry.word)) {
      found.set(pattern, [...(found.get(pattern) ?? []), entry]);
    }
  }
  return found;
}

/** Words that may be climbed to: plain, common, fit for the class, and no harder than what was given. */
function steps(input: MakerInput): LexiconEntry[] {
  const { words, lexicon, profile } = input;
  const fit = offered({ profile, lexicon });
  const top = Math.max(0, ...words.flatMap(({ entry }) => entry?.level ?? []));
  return lexicon.entries.filter(
    (entry) =>
      entry.word.length >= SHORTEST &&
      entry.word.length <= LONGEST &&
      /^[a-z]+$/.test(entry.word) &&
      entry.zipf >= LEAST_ZIPF &&
      entry.level <= top + 1 &&
      fit(entry),
  );
}

/** Nouns, verbs, adjectives and adverbs: what small words do is hard to say in a clue. */
const TELLING = 'nvad';

/** What the word means; nothing where it is a form of another (held), whose meaning its clue would give. */
function clueFor(word: string, input: MakerInput): string | undefined {
  if (!input.meanings || define(word, input.meanings, input.lexicon).base !== undefined) {
    return undefined;
  }
  const sense = shortMeaning(word, input);
  return sense && TELLING.includes(sense.wordClass) ? sense.definition : undefined;
}

/** The rungs from a word, each with its clue; undefined where there is no way. */
function climb(
  start: string,
  count: number,
  taken: ReadonlySet<string>,
  near: ReadonlyMap<string, readonly LexiconEntry[]>,
  clueOf: (word: string) => string | undefined,
  random: Random,
): Rung[] | undefined {
  let tries = 0;
  const go = (here: string, rungs: readonly Rung[]): Rung[] | undefined => {
    if (rungs.length === count) return [...rungs];
    const next = random.shuffle(patternsOf(here).flatMap((pattern) => near.get(pattern) ?? []));
    for (const { word } of next) {
      tries += 1;
      if (tries > MOST_TRIES) return undefined;
      const been = word === start || rungs.some((rung) => rung.word === word);
      if (been || taken.has(word)) continue;
      const clue = clueOf(word);
      if (clue === undefined || rungs.some((rung) => tells(rung, { word, clue }))) continue;
      const found = go(word, [...rungs, { word, clue }]);
      if (found) return found;
    }
    return undefined;
  };
  return go(start, []);
}

const itemOf = (start: string, rungs: readonly Rung[]): Omit<GapItem, 'id'> => ({
  word: start,
  pieces: [
    { kind: 'text', text: start },
    ...rungs.flatMap(({ word, clue }): GapPiece[] => [
      { kind: 'text', text: ' → ' },
      { kind: 'gap', answer: word, accepted: [] },
      { kind: 'text', text: ` (${clue})` },
    ]),
  ],
  key: rungs.map(({ word }) => word).join(', '),
  reason: `${[start, ...rungs.map(({ word }) => word)].join(', ')}: one letter is another each time.`,
});

/** From a word to others, one letter at a time, by clues. */
const maker: Maker = {
  id: 'word-ladder',
  name: 'Word ladder',
  group: 'Sounds and spelling',
  description:
    'One letter changes at each step, and a clue says which word it is: cold, cord, word.',
  interaction: 'gap',
  fewestWords: 2,
  bringsWords: true,
  needsMeanings: true,
  needs: 'short words, of three letters to five, that others differ from in one letter',
  asks: ['words', 'meanings'],
  parameters,
  workedByDefault: true,

  make(input) {
    const { words, parameters: given, random } = input;
    const { rungs: count } = read(parameters, given);
    const near = byPattern(steps(input));
    const clues = new Map<string, string | undefined>();
    const clueOf = (word: string) => {
      if (!clues.has(word)) clues.set(word, clueFor(word, input));
      return clues.get(word);
    };
    const notes: MakerNote[] = [];
    const taken = new Set(words.map(({ word }) => word.toLowerCase()));
    const items: Omit<GapItem, 'id'>[] = [];
    for (const { word } of given.shuffle === false ? words : random.shuffle(words)) {
      const start = word.toLowerCase();
      const left = (why: string) => notes.push({ word, text: `${word} ${why}. It was left out.` });
      if (items.length === MOST) {
        left(`has no room: a sheet has ${MOST} ladders`);
        continue;
      }
      if (!/^[a-z]+$/.test(start) || start.length < SHORTEST || start.length > LONGEST) {
        left('does not have three letters to five');
        continue;
      }
      const found = climb(start, count, taken, near, clueOf, random);
      if (!found) {
        left('has no ladder of words that the class may be given');
        continue;
      }
      for (const rung of found) taken.add(rung.word);
      items.push(itemOf(start, found));
    }
    return {
      title: given.title ?? 'Word ladders',
      instruction:
        given.instruction ?? 'Change one letter at each step. The clue says which word it is.',
      worked: given.worked ?? maker.workedByDefault,
      task: { interaction: 'gap', items: numbered(items), bank: [], sentences: true },
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 1 }],
  suggestions: () => [{ maxSyllables: 1 }],
};

export default maker;
