import type { Maker } from '../making/maker';
import { spokenItems } from '../making/spoken-items';
import { usableWords } from '../making/usable-words';

const ROWS = 6;

/** A grid of words: roll a die, read the row of its number. */
const maker: Maker = {
  id: 'roll-and-read',
  name: 'Roll and read',
  group: 'Sounds and spelling',
  answersAreRead: true,
  doneWith: ['partner'],
  description: 'Six numbered rows of words: roll a die and read that row; the listener ticks.',
  interaction: 'speak',
  fewestWords: 6,
  needs: 'six words or more',
  asks: ['sounds'],
  workedByDefault: false,

  make({ words, parameters, random }) {
    const { used, notes } = usableWords(words, ({ entry }) => entry.readings[0].units);
    const longest = Math.max(0, ...used.map(({ word }) => word.word.length));
    const columns = longest > 9 ? 2 : longest > 6 ? 3 : 4;
    const cells = ROWS * columns;
    // Few words come again, each time in another order.
    const row: typeof used =
      used.length === 0
        ? []
        : Array.from({ length: Math.ceil(cells / used.length) }, () => random.shuffle(used))
            .flat()
            .slice(0, cells);
    return {
      title: parameters.title ?? 'Roll and read',
      instruction:
        parameters.instruction ??
        'Roll the die. Read that row aloud. Your partner ticks the words you read right.',
      worked: false,
      task: {
        interaction: 'speak',
        real: true,
        items: spokenItems(row),
      },
      paper: { columns, dice: true },
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ maxSyllables: 1 }],
};

export default maker;
