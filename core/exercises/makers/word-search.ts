import {
  directions,
  findInGrid,
  offsetOf,
  runOf,
  type Direction,
} from '../interactions/spot/letter-grid';
import type { Maker } from '../making/maker';
import type { Random } from '../../kernel/random';
import { numbered, usableWords } from '../making/usable-words';

const MOST = 12;
const LARGEST = 15;
const SMALLEST = 8;
/** Tries of the whole grid before it is made larger. */
const TRIES = 6;
/** Young readers look along the line and down; further on also slantwise. */
const easy: readonly Direction[] = ['right', 'down'];
const hard: readonly Direction[] = ['right', 'down', 'down-right', 'up-right'];
const FILL = 'eeeaaaiiooutttnnnrrrssslllddhhccmmppgbfwyvk';

interface Grid {
  readonly rows: readonly string[];
  readonly places: ReadonlyMap<string, number[]>;
}

/** One try at placing every word; undefined where one finds no room. */
function place(words: readonly string[], size: number, ways: readonly Direction[], random: Random) {
  const letters: (string | undefined)[][] = Array.from({ length: size }, () =>
    Array.from({ length: size }, () => undefined),
  );
  const places = new Map<string, number[]>();
  for (const word of [...words].sort((left, right) => right.length - left.length)) {
    const spots = random.shuffle(
      Array.from({ length: size * size * ways.length }, (_, index) => index),
    );
    const cells = spots
      .map((spot) => {
        const way = ways[spot % ways.length] ?? 'right';
        const at = Math.floor(spot / ways.length);
        return runOf(
          { rows: size, columns: size },
          Math.floor(at / size),
          at % size,
          way,
          word.length,
        );
      })
      .find((run) =>
        run?.every(([row, column], index) => {
          const there = letters[row]?.[column];
          return there === undefined || there === word[index];
        }),
      );
    if (cells === undefined) return undefined;
    cells.forEach(([row, column], index) => {
      (letters[row] as (string | undefined)[])[column] = word[index];
    });
    places.set(
      word,
      cells.map(([row, column]) => offsetOf(row, column, size)),
    );
  }
  return { letters, places };
}

/** Longest run that is looked at for a word unfit for a classroom. */
const LONGEST_UNFIT = 6;
/** Changes of letters before a grid is begun anew. */
const REPAIRS = 12;

const reversed = (word: string) => [...word].reverse().join('');

/**
 * Runs of cells that must not stay: a listed word in a second place, or a word
 * unfit for a classroom that no listed word holds.
 */
function* faults(
  rows: readonly (readonly string[])[],
  places: ReadonlyMap<string, readonly number[]>,
  isUnfit: (word: string) => boolean,
): Generator<[number, number][]> {
  const size = rows.length;
  const joined = rows.map((row) => row.join(''));
  const own = [...places.keys()].flatMap((word) => [word, reversed(word)]);
  for (const [word, place] of places) {
    const key = [...place].sort((left, right) => left - right).join(' ');
    for (const found of findInGrid(joined, word)) {
      if ([...found].sort((left, right) => left - right).join(' ') === key) continue;
      yield found.map((offset) => [Math.floor(offset / (size + 1)), offset % (size + 1)]);
    }
  }
  for (let row = 0; row < size; row += 1) {
    for (let column = 0; column < size; column += 1) {
      for (const way of Object.keys(directions) as Direction[]) {
        const [down, along] = directions[way];
        let text = rows[row]?.[column] ?? '';
        for (let length = 2; length <= LONGEST_UNFIT; length += 1) {
          const letter = rows[row + down * (length - 1)]?.[column + along * (length - 1)];
          if (letter === undefined) break;
          text += letter;
          if (length < 3 || !isUnfit(text)) continue;
          // What stands in a listed word, read from either end, is that word's own.
          if (own.some((word) => word.includes(text))) continue;
          yield runOf({ rows: size, columns: size }, row, column, way, length) ?? [];
        }
      }
    }
  }
}

/** A grid that holds each word in exactly one place, and no unfit word by accident. */
export function wordGrid(
  words: readonly string[],
  ways: readonly Direction[],
  random: Random,
  isUnfit: (word: string) => boolean,
): Grid | undefined {
  const longest = Math.max(0, ...words.map((word) => word.length));
  const room = Math.ceil(Math.sqrt(words.join('').length * 2));
  const known = new Map<string, boolean>();
  const unfit = (text: string) => {
    const found = known.get(text) ?? isUnfit(text);
    known.set(text, found);
    return found;
  };
  const anyLetter = () => FILL[Math.floor(random.next() * FILL.length)] ?? 'e';
  for (let size = Math.max(SMALLEST, longest, room); size <= LARGEST; size += 1) {
    for (let attempt = 0; attempt < TRIES; attempt += 1) {
      const placed = place(words, size, ways, random);
      if (placed === undefined) continue;
      const rows = placed.letters.map((row) => row.map((letter) => letter ?? anyLetter()));
      for (let repair = 0; repair < REPAIRS; repair += 1) {
        const found = [...faults(rows, placed.places, unfit)];
        if (found.length === 0) {
          return { rows: rows.map((row) => row.join('')), places: placed.places };
        }
        const cells = found.map((fault) => {
          const free = fault.filter(([y, x]) => placed.letters[y]?.[x] === undefined);
          return free[Math.floor(random.next() * free.length)];
        });
        // Made of the words' own letters alone: they must lie otherwise.
        if (cells.includes(undefined)) break;
        for (const cell of cells) {
          if (cell) (rows[cell[0]] as string[])[cell[1]] = anyLetter();
        }
      }
    }
  }
  return undefined;
}

/** Words hidden in a grid of letters. */
const maker: Maker = {
  id: 'word-search',
  name: 'Word search',
  group: 'Vocabulary',
  description: 'Words hidden in a grid of letters, each in one place only.',
  interaction: 'spot',
  onScreen: 'Find each word in the grid. Read it aloud.',
  fewestWords: 4,
  needs: 'words of three letters to fifteen',
  asks: ['words'],
  workedByDefault: false,

  make({ words, parameters, random, lexicon }) {
    const { used, notes } = usableWords(words, ({ word }) => {
      if (!/^[a-z]+$/i.test(word)) return 'has signs that no grid holds';
      if (word.length < 3) return 'is too short to be found in one place only';
      return word.length > LARGEST ? 'is too long for the grid' : { letters: word.toLowerCase() };
    });
    // A word inside another would be found twice.
    const inside = used.filter(({ found: { letters } }) =>
      used.some(
        (other) =>
          other.found.letters !== letters &&
          (other.found.letters.includes(letters) ||
            other.found.letters.includes(reversed(letters))),
      ),
    );
    for (const { word } of inside) {
      notes.push({
        word: word.word,
        text: `${word.word} stands inside another word, so it would be found twice. It was left out.`,
      });
    }
    const apart = used.filter((each) => !inside.includes(each));
    const chosen = (parameters.shuffle === false ? apart : random.shuffle(apart)).slice(0, MOST);
    const texts = [...new Set(chosen.map(({ found }) => found.letters))];
    const ways = parameters.version === 'stretch' ? hard : easy;
    const grid = wordGrid(texts, ways, random, (text) => lexicon.isUnfitSpelling(text));
    const kept = grid ? chosen : [];
    if (grid === undefined) {
      notes.push({ text: 'These words find no room in one grid. Use fewer or shorter words.' });
    }
    return {
      title: parameters.title ?? 'Word search',
      instruction:
        parameters.instruction ??
        'Find each word in the grid. Ring it, and tick it in the list. Read it aloud.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'spot',
        text: grid?.rows.join('\n') ?? '',
        layout: 'grid',
        listed: parameters.bank !== false,
        items: numbered(
          kept.map(({ word: { word }, found: { letters } }) => {
            const place = grid?.places.get(letters) ?? [];
            const [first = 0, second = 0] = place;
            const size = (grid?.rows.length ?? 0) + 1;
            const way =
              second - first === 1 ? 'across' : second - first === size ? 'down' : 'slantwise';
            return {
              word,
              find: letters,
              place,
              reason: `${word} begins in row ${Math.floor(first / size) + 1}, column ${(first % size) + 1}, and goes ${way}.`,
            };
          }),
        ),
      },
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ maxSyllables: 2 }],
};

export default maker;
