import { wordParts } from '../../languages/en/words/word-parts';
import { matchTask } from '../making/match-task';
import type { Maker } from '../making/maker';
import { usableWords } from '../making/usable-words';

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
    const halves = new Set<string>();
    const { used, notes } = usableWords(words, ({ entry }) => {
      const { kind, parts } = wordParts(entry, lexicon);
      const [first, second] = parts.map((part) => part.text);
      if (kind !== 'compound' || first === undefined || second === undefined) {
        return 'is not made of two words';
      }
      if (halves.has(first) || halves.has(second)) return 'shares a half with another word';
      halves.add(first).add(second);
      return { first, second };
    });
    // No half may make another word with a second half that is here: snow + ball beside snow + man.
    const kept = used.filter(({ found }) => {
      const other = used.find(
        (each) =>
          each.found !== found && lexicon.find(found.first + each.found.second) !== undefined,
      );
      if (other === undefined) return true;
      notes.push({
        word: found.first + found.second,
        text: `${found.first} also makes ${found.first}${other.found.second}, so that two lines would be right. It was left out.`,
      });
      return false;
    });
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
    const topic = words.flatMap(({ entry }) => (entry ? lexicon.topicsOf(entry.word) : []))[0];
    return [...(topic === undefined ? [] : [{ compound: true, topic }]), { compound: true }];
  },
};

export default maker;
