import { patternsOf, patternTexts, type PatternName } from '../../languages/en/sounds/patterns';
import type { LexiconEntry, Lexicon } from '../../languages/en/lexicon/lexicon';
import { rhymeKey } from '../../languages/en/words/sound-index';
import type { ChoiceItem } from '../interactions/choice/task';
import type { Maker } from '../making/maker';
import { numbered, usableWords } from '../making/usable-words';

/** A trait of words by which one of four can be odd, with how to say it. */
interface Trait {
  readonly name: string;
  readonly having: ReadonlySet<LexiconEntry>;
}

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

function traitsOf(entries: readonly LexiconEntry[], lexicon: Lexicon): Trait[] {
  const trait = (name: string, has: (entry: LexiconEntry) => boolean): Trait => ({
    name,
    having: new Set(entries.filter(has)),
  });
  const rhymes = new Map(entries.map((entry) => [entry, rhymeKey(entry.readings[0])]));
  const patterns = new Map(entries.map((entry) => [entry, patternsOf(entry.readings[0])]));
  const all = [
    ...[...new Set(rhymes.values())].map((key) => {
      const model = entries.find((entry) => rhymes.get(entry) === key);
      return trait(`rhyme with ${model?.word ?? ''}`, (entry) => rhymes.get(entry) === key);
    }),
    ...lexicon.topicNames.map((topic) =>
      trait(`are about ${topic}`, (entry) => lexicon.topicWords(topic).has(entry.word)),
    ),
    ...visible.map((pattern) =>
      trait(
        `have this: ${patternTexts[pattern]}`,
        (entry) => patterns.get(entry)?.includes(pattern) ?? false,
      ),
    ),
  ];
  return all.filter(({ having }) => having.size >= 2 && having.size < entries.length);
}

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
    const items: Omit<ChoiceItem, 'id'>[] = [];
    const oddBefore = new Set<LexiconEntry>();
    for (const trait of random.shuffle(traits)) {
      if (items.length >= 8) break;
      const having = random.shuffle([...trait.having]);
      const odd = entries.find((entry) => !trait.having.has(entry) && !oddBefore.has(entry));
      if (having.length < 3 || odd === undefined) continue;
      const four = [...having.slice(0, 3), odd];
      // Only one answer may be right: no other word may be odd by another trait.
      const otherOdd = traits.some((each) => {
        const without = four.filter((entry) => !each.having.has(entry));
        return without.length === 1 && without[0] !== odd;
      });
      if (otherOdd) continue;
      oddBefore.add(odd);
      const reason = `The other three ${trait.name}; ${odd.word} does not belong.`;
      items.push({
        word: odd.word,
        prompt: '',
        options: numbered(
          random.shuffle(four).map((entry) => ({ text: entry.word, right: entry === odd })),
          'option',
        ),
        reason,
      });
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
