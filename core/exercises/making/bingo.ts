/** Bingo boards: each other than the rest, every word on as many boards as every other. */
import type { Random } from '../../kernel/random';

export interface BingoBoards {
  /** The words of each board, row by row. */
  readonly boards: readonly (readonly string[])[];
  /** The words in the order in which they are called. */
  readonly calls: readonly string[];
}

/** How often another deal is tried before two boards may share their words. */
const TRIES = 60;

/** The words that stand on fewest boards so far, those on equally many in any order. */
function leastUsed(counts: ReadonlyMap<string, number>, count: number, random: Random): string[] {
  return random
    .shuffle([...counts.keys()])
    .sort((one, other) => (counts.get(one) ?? 0) - (counts.get(other) ?? 0))
    .slice(0, count);
}

/**
 * Boards of `side` × `side` squares.
 *
 * @param words as many as a board has squares or more; with as many, boards differ in their places only
 */
export function dealBoards(
  words: readonly string[],
  side: number,
  count: number,
  random: Random,
): BingoBoards {
  const counts = new Map(words.map((word) => [word, 0]));
  const squares = side * side;
  const sets = new Set<string>();
  const boards = Array.from({ length: count }, () => {
    let dealt = leastUsed(counts, squares, random);
    const nameOf = (board: readonly string[]) => [...board].sort().join(' ');
    for (let turn = 0; turn < TRIES && sets.has(nameOf(dealt)); turn += 1) {
      dealt = leastUsed(counts, squares, random);
    }
    sets.add(nameOf(dealt));
    for (const word of dealt) counts.set(word, (counts.get(word) ?? 0) + 1);
    return random.shuffle(dealt);
  });
  return { boards, calls: random.shuffle(words) };
}

/** The places of each row, column and diagonal of a board. */
export function linesOf(side: number): readonly (readonly number[])[] {
  const along = Array.from({ length: side }, (_, at) => at);
  return [
    ...along.map((row) => along.map((column) => row * side + column)),
    ...along.map((column) => along.map((row) => row * side + column)),
    along.map((at) => at * side + at),
    along.map((at) => at * side + (side - 1 - at)),
  ];
}

export interface Outcome {
  /** The board that has a line first, from 1, and after how many calls. */
  readonly board: number;
  readonly calls: number;
  /** How many boards have a line at that call. */
  readonly together: number;
}

/** Who has a line first when the words are called in their order. */
export function firstLine({ boards, calls }: BingoBoards, side: number): Outcome | undefined {
  const called = new Map(calls.map((word, index) => [word, index + 1]));
  const lines = linesOf(side);
  const firsts = boards.map((board) =>
    Math.min(
      ...lines.map((line) =>
        Math.max(...line.map((place) => called.get(board[place] ?? '') ?? Infinity)),
      ),
    ),
  );
  const least = Math.min(...firsts);
  return Number.isFinite(least)
    ? {
        board: firsts.indexOf(least) + 1,
        calls: least,
        together: firsts.filter((each) => each === least).length,
      }
    : undefined;
}
