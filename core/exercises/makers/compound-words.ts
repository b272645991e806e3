import { wordParts } from '../../languages/en/words/word-parts';
import { matchTask } from '../making/match-task';
import type { Maker } from '../making/maker';
import { usableWords } from '../making/usable-words';

/** A word that nobody in a class would think of (footman) is no second answer; Zipf scale. */
const IN_USE = 3;

/** Two words to be joined into one. */
const maker: Maker = {
  id: 'compound-words',
  name: 'Compound words',
  group: 'Sounds and spelling',
  description: 'First halves on the left, second halves on the right, to be joined into one word.',
  interaction: 'match',
  fewestWords: 3,
  needs: 'compound words, such as rainbow and snowman',
  asks: ['words'],
  workedByDefault: true,

  make({ words, parameters, random, lexicon }) {
    const { used, notes } = usableWords(words, ({ entry }) => {
      const { kind, parts } = wordParts(entry, lexicon);
      const [first, second] = parts.map((part) => part.text);
      if (kind !== 'compound' || first === undefined || second === undefined) {
        return 'is not made of two words';
      }
      if (/teen$/.test(entry.word))
        return 'is a number: its end means ten, and is no word of its own';
      // Holy and day make holiday, but not by writing them together.
      if (`${first}${second}` !== entry.word.toLowerCase()) {
        return `is not spelled as ${first} and ${second} written together`;
      }
      return { first, second };
    });
    // A half may serve twice (snowman, snowball); but no two halves may make a word that is not asked for.
    const asked = new Set(used.map(({ found }) => found.first + found.second));
    const kept: (typeof used)[number][] = [];
    for (const each of used) {
      const made = [...kept, each];
      const other = made
        .flatMap(({ found: { first } }) => made.map(({ found: { second } }) => first + second))
        .find((word) => !asked.has(word) && (lexicon.find(word)?.zipf ?? 0) >= IN_USE);
      if (other === undefined) {
        kept.push(each);
        continue;
      }
      const word = each.found.first + each.found.second;
      notes.push({
        word,
        text: `The halves of ${word} and of the others also make ${other}, so that two lines would be right. It was left out.`,
      });
    }
    const chosen = (parameters.shuffle === false ? kept : random.shuffle(kept)).slice(0, 10);
    return {
      title: parameters.title ?? 'Make one word of two',
      instruction:
        parameters.instruction ?? 'Join two words to make one. Read it and say what it means.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: matchTask(
        chosen.map(({ word: { word }, found }) => ({
          word,
          left: found.first,
          right: { text: found.second },
          reason: `${found.first} + ${found.second} = ${word}`,
        })),
        random,
      ),
      notes,
    };
  },

  replacements: () => [{ compound: true }],
  suggestions: ({ words, lexicon }) => {
    // Rainbow and sunset say what they are made of; breakfast and tonight hardly do.
    const named = [
      { compound: true, topic: 'weather' },
      { compound: true, pictured: true },
      { compound: true, wordClass: 'noun' as const },
    ];
    const topic = words.flatMap(({ entry }) => (entry ? lexicon.topicsOf(entry.word) : []))[0];
    return [...(topic === undefined ? [] : [{ compound: true, topic }]), ...named];
  },
};

export default maker;
