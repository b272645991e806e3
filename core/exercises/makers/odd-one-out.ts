import { patternsOf, patternTexts, type PatternName } from '../../languages/en/sounds/patterns';
import type { LexiconEntry, Lexicon } from '../../languages/en/lexicon/lexicon';
import { wordClassBits } from '../../languages/en/lexicon/word-class';
import { wordParts } from '../../languages/en/words/word-parts';
import { rhymeKey } from '../../languages/en/words/sound-index';
import type { ChoiceItem } from '../interactions/choice/task';
import type { Random } from '../../kernel/random';
import type { Maker } from '../making/maker';
import { numbered, usableWords } from '../making/usable-words';

/** A trait of words by which one of four can be odd, with how to say it. */
interface Trait {
  readonly name: string;
  readonly having: ReadonlySet<LexiconEntry>;
  /** Letters that look like it, also where they sound otherwise: a learner may take them for it. */
  readonly looks?: RegExp;
}

/** Topics of which it is plain what belongs to them: a cat may be nature, but it is no drink. */
const concrete = new Set(
  'animals body buildings clothes colour drink family food kitchen money music number shape space sport tool transport weather'.split(
    ' ',
  ),
);

/** Patterns that a class sees in the word itself. */
const visible: readonly PatternName[] = [
  'CVCe',
  'vowel-team',
  'r-controlled',
  'consonant-digraph',
  'doubled-consonant',
  'soft-c',
  'hard-c',
  'soft-g',
  'hard-g',
  'silent-letter',
];

/** The or of forest is no r-controlled vowel in every accent, yet it looks like one. */
const looks: Partial<Record<PatternName, RegExp>> = {
  CVCe: /[aeiou][^aeiou]e$/,
  'vowel-team': /[aeiou]{2}|[aeo][wy]|igh/,
  'r-controlled': /[aeiou]r/,
  'consonant-digraph': /sh|ch|th|wh|ph|gh|ck|ng|kn|wr|gn|mb$|([^aeiou])\1$/,
  'doubled-consonant': /([^aeiou])\1/,
  'soft-c': /c/,
  'hard-c': /[ckq]/,
  'soft-g': /[gj]/,
  'hard-g': /g/,
  // Island, tongue, castle, calm, and the e of whale.
  'silent-letter':
    /kn|wr|gn|mb|mn|gh|wh|rh|ps|isl|st(?:le|en)|l[kfm]|ue|sc|bt|sword|^ho(?:n|ur)|e$/,
};

/** A word that has both, as bicycle, is a model of neither. */
const opposed: Partial<Record<PatternName, PatternName>> = {
  'soft-c': 'hard-c',
  'hard-c': 'soft-c',
  'soft-g': 'hard-g',
  'hard-g': 'soft-g',
};

function traitsOf(entries: readonly LexiconEntry[], lexicon: Lexicon): Trait[] {
  const trait = (name: string, has: (entry: LexiconEntry) => boolean): Trait => ({
    name,
    having: new Set(entries.filter(has)),
  });
  const rhymes = new Map(entries.map((entry) => [entry, rhymeKey(entry.readings[0])]));
  const patterns = new Map(entries.map((entry) => [entry, patternsOf(entry.readings[0])]));
  const all: Trait[] = [
    ...[...new Set(rhymes.values())].map((key) => {
      const model = entries.find((entry) => rhymes.get(entry) === key);
      return trait(`rhyme with ${model?.word ?? ''}`, (entry) => rhymes.get(entry) === key);
    }),
    ...lexicon.topicNames
      .filter((topic) => concrete.has(topic))
      .map((topic) =>
        trait(`are about ${topic}`, (entry) => lexicon.topicWords(topic).has(entry.word)),
      ),
    ...visible.map((pattern) => ({
      ...trait(`have this: ${patternTexts[pattern]}`, (entry) => {
        const found = patterns.get(entry) ?? [];
        const other = opposed[pattern];
        return found.includes(pattern) && !(other !== undefined && found.includes(other));
      }),
      ...(looks[pattern] && { looks: looks[pattern] }),
    })),
  ];
  return all.filter(({ having }) => having.size >= 2 && having.size < entries.length);
}

/** What a learner may see as well: beats, first letter, length, class, two words in one. */
function otherSights(entries: readonly LexiconEntry[], lexicon: Lexicon): Trait[] {
  const sights: ((entry: LexiconEntry) => unknown)[] = [
    ({ readings }) => readings[0].syllables.length,
    ({ word }) => word.charAt(0).toLowerCase(),
    ({ word }) => /^\p{Lu}/u.test(word),
    (entry) => wordParts(entry, lexicon).kind === 'compound',
    (entry) => /s$/.test(entry.word) && entry.head !== undefined,
    ({ kinds }) => (kinds & wordClassBits.noun) !== 0,
  ];
  return sights.flatMap((sight) =>
    [...new Set(entries.map(sight))].map((value) => ({
      name: '',
      having: new Set(entries.filter((entry) => sight(entry) === value)),
    })),
  );
}

/** What is heard or meant strikes before what is spelled. */
const isPattern = ({ name }: Trait) => name.startsWith('have this');

const MOST = 8;
const TURNS = 20;

/** Three that share the trait, and a fourth that lacks it and was not odd before. */
function fourOf(
  trait: Trait,
  entries: readonly LexiconEntry[],
  oddBefore: ReadonlySet<LexiconEntry>,
  random: Random,
): LexiconEntry[] | undefined {
  const three = random.shuffle([...trait.having]).slice(0, 3);
  const odd = random
    .shuffle(entries)
    .find(
      (entry) =>
        !trait.having.has(entry) && !oddBefore.has(entry) && !trait.looks?.test(entry.word),
    );
  return odd === undefined ? undefined : [...three, odd];
}

/** Only one answer may be right: no other word may be odd by anything that can be seen. */
const hasOtherOdd = (
  four: readonly LexiconEntry[],
  odd: LexiconEntry,
  sights: readonly Trait[],
): boolean =>
  sights.some(({ having }) => {
    const without = four.filter((entry) => !having.has(entry));
    return without.length === 1 && without[0] !== odd;
  });

/** Four words of which three share a trait, and no other three of them share another. */
const maker: Maker = {
  id: 'odd-one-out',
  name: 'Odd one out',
  group: 'Vocabulary',
  description: 'Four words; three share a rhyme, a topic or a pattern, and one does not.',
  interaction: 'choice',
  fewestWords: 4,
  needs: 'words of which several share a rhyme, a topic or a pattern',
  asks: ['words'],
  workedByDefault: true,

  make({ words, parameters, random, lexicon }) {
    const { used, notes } = usableWords(words, ({ entry }) => ({ entry }));
    const entries = random.shuffle(used.map(({ found }) => found.entry));
    const traits = traitsOf(entries, lexicon);
    const sights = [...traits, ...otherSights(entries, lexicon)];
    const items: Omit<ChoiceItem, 'id'>[] = [];
    const oddBefore = new Set<LexiconEntry>();
    // Several tries with each trait: not every three of its words are odd to one other alone.
    const tries = random
      .shuffle(traits.filter(({ having }) => having.size >= 3))
      .sort((left, right) => Number(isPattern(left)) - Number(isPattern(right)));
    for (let turn = 0; turn < TURNS; turn += 1) {
      for (const trait of tries) {
        if (items.length >= MOST) break;
        const four = fourOf(trait, entries, oddBefore, random);
        const odd = four?.[3];
        if (four === undefined || odd === undefined || hasOtherOdd(four, odd, sights)) continue;
        oddBefore.add(odd);
        items.push({
          word: odd.word,
          prompt: '',
          options: numbered(
            random.shuffle(four).map((entry) => ({ text: entry.word, right: entry === odd })),
            'option',
          ),
          reason: `The other three ${trait.name}; ${odd.word} does not belong.`,
        });
      }
    }
    if (items.length === 0) {
      notes.push({
        text: 'No three of these words share a rhyme, topic or pattern that a fourth lacks. Add words of two kinds.',
      });
    }
    return {
      title: parameters.title ?? 'Find the odd one out',
      instruction:
        parameters.instruction ??
        'Three words belong together. Tick the one that does not. Say why.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: { interaction: 'choice', items: numbered(items) },
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: ({ words, lexicon }) => {
    const topic = words.flatMap(({ entry }) => (entry ? lexicon.topicsOf(entry.word) : []))[0];
    return topic === undefined ? [{ maxSyllables: 1 }] : [{ topic }];
  },
};

export default maker;
