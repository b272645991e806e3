/** Words are called, and each learner looks for them on a board of her own; a line of them wins. */
import type { Calling } from '../board/calling';
import { Random } from '../kernel/random';
import type { RoomState } from './room-state';

/** What the class is told of it. */
export interface RoomCall {
  readonly id: string;
  /** All words that stand on boards, in no order that tells anything. */
  readonly words: readonly string[];
  /** Words in a row of a board, and rows. */
  readonly columns: 2 | 3 | 4;
  /** What was called, the latest last; absent where it is to be heard. */
  readonly shown?: readonly string[];
}

/** Words that are enough for boards that differ. */
export const FEWEST_ON_BOARDS = 6;

/** @param words at least `FEWEST_ON_BOARDS` */
export function newCall(id: string, words: readonly string[]): RoomCall {
  const all = [...new Set(words)].sort((one, two) => one.localeCompare(two));
  return { id, words: all, columns: all.length >= 20 ? 4 : all.length >= 9 ? 3 : 2 };
}

/** A number that is the same for the same text on every machine (FNV-1a, 32 bits). */
function seedOf(text: string): number {
  let hash = 0x811c9dc5;
  for (const sign of text) hash = Math.imul(hash ^ (sign.codePointAt(0) ?? 0), 0x01000193);
  return hash >>> 0;
}

/** The words of a learner's board, row by row; the same whenever it is drawn. */
export const boardFor = ({ id, words, columns }: RoomCall, member: string): string[] =>
  new Random(seedOf(`${id} ${member}`)).shuffle(words).slice(0, columns * columns);

/** Places that make a line: rows, columns and both diagonals; of the smallest board all four. */
export function linesOn(columns: number): number[][] {
  const steps = Array.from({ length: columns }, (_, at) => at);
  if (columns < 3) return [steps.flatMap((row) => steps.map((at) => row * columns + at))];
  return [
    ...steps.map((row) => steps.map((at) => row * columns + at)),
    ...steps.map((column) => steps.map((at) => at * columns + column)),
    steps.map((at) => at * columns + at),
    steps.map((at) => at * columns + (columns - 1 - at)),
  ];
}

/** The answer under which a learner's marks are kept. */
export const callPlace = (call: string): string => `call ${call}`;

/** Places that a learner has marked, as they came over the wire. */
export function marksFrom(response: unknown, columns: number): number[] {
  const { marked } = (response ?? {}) as { marked?: unknown };
  if (!Array.isArray(marked)) return [];
  const all: readonly unknown[] = marked;
  const inside = (at: unknown): at is number =>
    Number.isInteger(at) && (at as number) >= 0 && (at as number) < columns * columns;
  return [...new Set(all.filter(inside))].sort((one, two) => one - two);
}

export interface BoardStanding {
  readonly member: string;
  /** Marked words that were called. */
  readonly right: readonly string[];
  /** Marked words that were not called. */
  readonly wrong: readonly string[];
  /** Words that were called, stand on her board, and are not marked. */
  readonly missed: readonly string[];
  /** A line of words that were called. */
  readonly line: boolean;
}

/** How each learner's board stands, those with a line first. */
export function boardsIn(
  room: RoomState,
  call: RoomCall,
  { order, called }: Calling,
): BoardStanding[] {
  const heard = new Set(order.slice(0, called));
  const all = room.members
    .filter(({ name }) => name !== '')
    .map(({ id: member }): BoardStanding => {
      const board = boardFor(call, member);
      const marked = marksFrom(room.answers[member]?.[callPlace(call.id)]?.response, call.columns);
      const words = marked.flatMap((at) => board[at] ?? []);
      const markedRight = new Set(marked.filter((at) => heard.has(board[at] ?? '')));
      return {
        member,
        right: words.filter((word) => heard.has(word)),
        wrong: words.filter((word) => !heard.has(word)),
        missed: board.filter((word) => heard.has(word) && !words.includes(word)),
        line: linesOn(call.columns).some((line) => line.every((at) => markedRight.has(at))),
      };
    });
  return all.sort((one, two) => Number(two.line) - Number(one.line));
}
