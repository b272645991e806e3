import type { Random } from '../../kernel/random';
import type { Maker } from '../making/maker';
import { spokenItems } from '../making/spoken-items';
import { usableWords } from '../making/usable-words';

const ROWS = 6;

/** Rows in which new words join one after another, and those met least come again. */
function rowsOf<Word>(words: readonly Word[], columns: number, random: Random): Word[][] {
  const counts = new Map(words.map((word) => [word, 0]));
  const least = (from: readonly Word[]) =>
    random.shuffle(from).sort((left, right) => (counts.get(left) ?? 0) - (counts.get(right) ?? 0));
  return Array.from({ length: ROWS }, (_, row) => {
    // All have joined by the last row but one, so that each can come again.
    const joined = Math.ceil((words.length * (row + 1)) / (ROWS - 1));
    const here = words.slice(0, Math.max(Math.min(3, words.length), joined));
    const chosen: Word[] = [];
    while (chosen.length < columns && here.length > 0) {
      const fresh = here.filter((word) => !chosen.includes(word));
      const [next] = least(fresh.length > 0 ? fresh : here);
      if (next === undefined) break;
      chosen.push(next);
      counts.set(next, (counts.get(next) ?? 0) + 1);
    }
    return random.shuffle(chosen);
  });
}

/** A grid of words to read row by row, again and again; the listener ticks and counts. */
const maker: Maker = {
  id: 'fluency-grid',
  name: 'Fluency grid',
  group: 'Sounds and spelling',
  answersAreRead: true,
  doneWith: ['partner', 'class'],
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
    // Each word stands there twice or more: what does not fit is for a second sheet.
    const met = used.slice(0, Math.floor((columns * ROWS) / 2));
    const rows = rowsOf(met, columns, random);
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
