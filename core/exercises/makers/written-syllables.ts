import type { MakerNote } from '../making/exercise';
import type { Maker } from '../making/maker';
import { unknownSign } from '../making/read-words';
import { written, type GivenItem } from '../making/written';

const SIGNS = ['-', ' ', '/', '.', '|'];

/** Words cut into their syllables as at the end of a line. */
const maker: Maker = {
  id: 'written-syllables',
  name: 'Cut words as they are written',
  description:
    'Words to be written with a dot between their syllables, by the rules of French, Italian, Portuguese or Spanish.',
  group: 'Sounds and spelling',
  interaction: 'write',
  fewestWords: 3,
  needs: 'French, Italian, Portuguese or Spanish words of two syllables or more',
  asks: ['spelling rules'],
  workedByDefault: true,

  make({ words, parameters: given, random, pack }) {
    const notes: MakerNote[] = [];
    const items = words.flatMap(({ word }): GivenItem[] => {
      const bare = pack.spelling?.bare(word) ?? word;
      const syllables = pack.spelling?.syllables(bare);
      if (!syllables) {
        const text = /\P{L}/u.test(bare)
          ? `${word} is more than one word. It was left out.`
          : unknownSign(word, pack).text;
        notes.push({ word, text });
        return [];
      }
      if (syllables.length < 2) {
        notes.push({ word, text: `${word} has one syllable. It was left out.` });
        return [];
      }
      return [
        {
          word,
          prompt: bare,
          answer: syllables.join('·'),
          accepted: SIGNS.map((sign) => syllables.join(sign)),
          lines: 1,
          reason: `${syllables.length} syllables in writing.`,
        },
      ];
    });
    return {
      title: given.title ?? 'Cut the words into syllables',
      instruction:
        given.instruction ??
        'Say the word slowly. Write it again with a dot between its syllables.',
      worked: given.worked ?? maker.workedByDefault,
      ...written(given.shuffle === false ? items : random.shuffle(items)),
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
