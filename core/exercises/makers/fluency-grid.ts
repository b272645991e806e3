import type { Maker } from '../making/maker';
import { spokenItems } from '../making/spoken-items';
import { usableWords } from '../making/usable-words';

const ROWS = 6;

/** A grid of words to read row by row, again and again; the listener ticks and counts. */
const maker: Maker = {
  id: 'fluency-grid',
  name: 'Fluency grid',
  group: 'Sounds and spelling',
  description:
    'Rows of words read aloud against one’s own count: each word comes back in a later row.',
  interaction: 'speak',
  fewestWords: 4,
  needs: 'four words or more',
  asks: ['sounds'],
  workedByDefault: false,

  make({ words, parameters, random }) {
    const { used, notes } = usableWords(words, ({ entry }) => entry.readings[0].units);
    const longest = Math.max(0, ...used.map(({ word }) => word.word.length));
    const columns = longest > 9 ? 3 : longest > 6 ? 4 : 5;
    // The first rows hold few words that come again; new ones join row by row.
    const rows = Array.from({ length: ROWS }, (_, row) => {
      const met = used.slice(0, Math.max(3, Math.ceil((used.length * (row + 1)) / ROWS)));
      return Array.from({ length: Math.ceil(columns / Math.max(1, met.length)) }, () =>
        random.shuffle(met),
      )
        .flat()
        .slice(0, columns);
    });
    return {
      title: parameters.title ?? 'Read it again',
      instruction:
        parameters.instruction ??
        'Read the rows aloud for one minute. Your partner ticks each word. Do it again tomorrow.',
      worked: false,
      task: {
        interaction: 'speak',
        real: true,
        items: spokenItems(used.length === 0 ? [] : rows.flat()),
      },
      paper: { columns },
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ maxSyllables: 1 }],
};

export default maker;
