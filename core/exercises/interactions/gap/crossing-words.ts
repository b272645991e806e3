/** Lays words across one another in a grid of squares, as a crossword does. */
import type { CrossingEntry } from './task';
import type { Random } from '../../../kernel/random';

export interface CrossedWord {
  readonly word: string;
  readonly row: number;
  readonly column: number;
  readonly down: boolean;
}

export interface CrossedWords {
  readonly words: readonly CrossedWord[];
  readonly rows: number;
  readonly columns: number;
  /** Words that cross none of the others. */
  readonly left: readonly string[];
}

/** Widest and highest grid that a page holds. */
const LARGEST = 17;
/** Tries where every word finds its place, and where one does not. */
const EASY_TRIES = 12;
const TRIES = 400;
/** Of the best places for a word how many are chosen from where the best alone led nowhere. */
const CHOICES = 4;

/** What stands in a square, and whether a word runs across or down through it. */
interface Square {
  readonly letter: string;
  readonly across: boolean;
  readonly down: boolean;
}
type Squares = Map<string, Square>;
const at = (row: number, column: number) => `${row},${column}`;

function squaresOf({ word, row, column, down }: CrossedWord): [number, number, string][] {
  return [...word].map((letter, index) => [
    row + (down ? index : 0),
    column + (down ? 0 : index),
    letter,
  ]);
}

/** A word may touch others only where it crosses them, and must cross one. */
function crossings(candidate: CrossedWord, squares: Squares): number | undefined {
  let crossed = 0;
  const { word, row, column, down } = candidate;
  const before = down ? at(row - 1, column) : at(row, column - 1);
  const after = down ? at(row + word.length, column) : at(row, column + word.length);
  if (squares.has(before) || squares.has(after)) return undefined;
  for (const [y, x, letter] of squaresOf(candidate)) {
    const there = squares.get(at(y, x));
    if (there !== undefined) {
      // Along a word in the same direction it would be one word with it.
      if (there.letter !== letter || (down ? there.down : there.across)) return undefined;
      crossed += 1;
      continue;
    }
    const beside = down ? [at(y, x - 1), at(y, x + 1)] : [at(y - 1, x), at(y + 1, x)];
    if (beside.some((square) => squares.has(square))) return undefined;
  }
  return crossed;
}

/** Puts a word's letters into the squares. */
function write(word: CrossedWord, squares: Squares): void {
  for (const [row, column, letter] of squaresOf(word)) {
    const there = squares.get(at(row, column));
    squares.set(at(row, column), {
      letter,
      across: !word.down || there?.across === true,
      down: word.down || there?.down === true,
    });
  }
}

function extent(words: readonly CrossedWord[]) {
  const rows = words.flatMap((word) => squaresOf(word).map(([row]) => row));
  const columns = words.flatMap((word) => squaresOf(word).map(([, column]) => column));
  return {
    top: Math.min(...rows),
    left: Math.min(...columns),
    rows: Math.max(...rows) - Math.min(...rows) + 1,
    columns: Math.max(...columns) - Math.min(...columns) + 1,
  };
}

function attempt(words: readonly string[], random: Random, choices: number): CrossedWords {
  const [first = '', ...rest] = words;
  const placed: CrossedWord[] = [{ word: first, row: 0, column: 0, down: false }];
  const squares: Squares = new Map();
  write(placed[0] as CrossedWord, squares);
  let waiting = rest;
  // Words that find no crossing wait for those that come after.
  for (let round = 0; round < 3 && waiting.length > 0; round += 1) {
    const still: string[] = [];
    for (const word of waiting) {
      const options: { candidate: CrossedWord; score: number }[] = [];
      for (const there of placed) {
        for (const [row, column, letter] of squaresOf(there)) {
          [...word].forEach((each, index) => {
            if (each !== letter) return;
            const down = !there.down;
            const candidate = {
              word,
              down,
              row: row - (down ? index : 0),
              column: column - (down ? 0 : index),
            };
            const crossed = crossings(candidate, squares);
            if (crossed === undefined || crossed === 0) return;
            const size = extent([...placed, candidate]);
            if (size.rows > LARGEST || size.columns > LARGEST) return;
            options.push({ candidate, score: crossed * 20 - size.rows - size.columns });
          });
        }
      }
      const ordered = random.shuffle(options).sort((left, right) => right.score - left.score);
      const best = ordered[Math.floor(random.next() * Math.min(choices, ordered.length))];
      if (best === undefined) {
        still.push(word);
        continue;
      }
      placed.push(best.candidate);
      write(best.candidate, squares);
    }
    waiting = still;
  }
  const size = extent(placed);
  return {
    words: placed.map((word) => ({
      ...word,
      row: word.row - size.top,
      column: word.column - size.left,
    })),
    rows: size.rows,
    columns: size.columns,
    left: waiting,
  };
}

/** The best of many tries: the most words, then the smallest grid. */
function connected(words: readonly string[], random: Random): CrossedWords {
  let best: CrossedWords | undefined;
  for (let round = 0; round < TRIES; round += 1) {
    const order = random.shuffle(words).sort((left, right) => right.length - left.length);
    const made = attempt(
      round % 2 === 0 ? order : random.shuffle(words),
      random,
      round < EASY_TRIES * 2 ? 1 : CHOICES,
    );
    const better =
      best === undefined ||
      made.left.length < best.left.length ||
      (made.left.length === best.left.length &&
        made.rows * made.columns < best.rows * best.columns);
    if (better) best = made;
    if (best !== undefined && best.left.length === 0 && round >= EASY_TRIES) break;
  }
  return best as CrossedWords;
}

/** Two grids as one, with a free row or column between them; undefined where the page is too small. */
function beside(one: CrossedWords, other: CrossedWords): CrossedWords | undefined {
  const across = one.columns + 1 + other.columns;
  const down = one.rows + 1 + other.rows;
  if (across > LARGEST && down > LARGEST) return undefined;
  // The more nearly square of the two ways.
  const right =
    across <= LARGEST &&
    (down > LARGEST ||
      across * Math.max(one.rows, other.rows) <= down * Math.max(one.columns, other.columns));
  const moved = other.words.map((word) => ({
    ...word,
    row: word.row + (right ? 0 : one.rows + 1),
    column: word.column + (right ? one.columns + 1 : 0),
  }));
  return {
    words: [...one.words, ...moved],
    rows: right ? Math.max(one.rows, other.rows) : down,
    columns: right ? across : Math.max(one.columns, other.columns),
    left: other.left,
  };
}

/**
 * Lays out the words; those that find no place among the first (dog and box
 * share their o alone) cross one another in a grid beside it.
 */
export function crossWords(words: readonly string[], random: Random): CrossedWords {
  if (words.length === 0) return { words: [], rows: 0, columns: 0, left: [] };
  let made = connected(words, random);
  while (made.left.length > 1) {
    const rest = connected(made.left, random);
    const joined = rest.words.length > 1 ? beside(made, rest) : undefined;
    if (joined === undefined) return made;
    made = joined;
  }
  return made;
}

/** The number printed in each entry's first square: along the rows, as crosswords are numbered. */
export function clueNumbers(entries: readonly CrossingEntry[]): Map<string, number> {
  const starts = [...new Set(entries.map(({ row, column }) => row * 1000 + column))].sort(
    (left, right) => left - right,
  );
  return new Map(
    entries.map(({ item, row, column }) => [item, starts.indexOf(row * 1000 + column) + 1]),
  );
}
