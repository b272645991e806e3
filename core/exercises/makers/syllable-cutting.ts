import type { Maker } from '../making/maker';
import { usableWords } from '../making/usable-words';
import { written } from '../making/written';

/** Words to be cut into their syllables. */
const maker: Maker = {
  id: 'syllable-cutting',
  name: 'Syllable cutting',
  group: 'Sounds and spelling',
  description: 'Long words to be written with a dot between their syllables.',
  interaction: 'write',
  fewestWords: 3,
  needs: 'words of two syllables or more',
  asks: ['sounds'],
  workedByDefault: true,

  make({ words, parameters, random }) {
    const { used, notes } = usableWords(words, ({ entry }) => {
      const { syllables } = entry.readings[0];
      return syllables.length < 2 ? 'has one syllable' : syllables;
    });
    const items = used.map(({ word: { word }, found: syllables }) => ({
      word,
      prompt: word,
      answer: syllables.join('·'),
      accepted: [
        syllables.join('-'),
        syllables.join(' '),
        syllables.join('/'),
        syllables.join('.'),
      ],
      lines: 1,
      reason: `${syllables.length} syllables.`,
    }));
    return {
      title: parameters.title ?? 'Cut the words into syllables',
      instruction:
        parameters.instruction ?? 'Clap the word. Write it again with a dot between its syllables.',
      worked: parameters.worked ?? maker.workedByDefault,
      ...written(parameters.shuffle === false ? items : random.shuffle(items)),
      notes,
    };
  },

  replacements: (word) => {
    const count = word.entry?.readings[0].syllables.length ?? 2;
    return [{ minSyllables: count, maxSyllables: count }];
  },
  suggestions: () => [{ minSyllables: 2, maxSyllables: 3 }],
};

export default maker;
