/** The gap interaction: missing letters or words are written in. QTI 3 counterpart: textEntryInteraction. */
import type { Mark } from '../exercise';

export type GapPiece =
  | { readonly kind: 'text'; readonly text: string }
  | {
      readonly kind: 'gap';
      readonly answer: string;
      /** Other answers that are right too. */
      readonly accepted: readonly string[];
    };

export interface GapItem {
  readonly id: string;
  /** The word the item is about: what the reach check looks at. */
  readonly word: string;
  readonly pieces: readonly GapPiece[];
  /** The whole answer as the key shows it. */
  readonly key: string;
  /** The rule's short name, where the exercise teaches rules. */
  readonly rule?: string;
  /** Why the key is right, in the learner's words. */
  readonly reason: string;
}

export interface GapTask {
  readonly interaction: 'gap';
  readonly items: readonly GapItem[];
  /** What the learner may choose from, in the order shown. */
  readonly bank: readonly string[];
  /** Widest answer, in letters, so that every gap is of one size and gives nothing away. */
  readonly gapLetters: number;
  /** Each gap is a box, one a sound, with nothing printed beside it. */
  readonly boxes?: boolean;
  /** Items are whole sentences, broken over lines where they are long; the bank holds words. */
  readonly sentences?: boolean;
  /** The answers cross in a grid of squares; their items are the clues. */
  readonly crossing?: Crossing;
}

/** Where each answer stands in a grid of squares. */
export interface Crossing {
  readonly rows: number;
  readonly columns: number;
  readonly entries: readonly CrossingEntry[];
}

export interface CrossingEntry {
  /** The id of its item. */
  readonly item: string;
  readonly row: number;
  readonly column: number;
  readonly down: boolean;
}

/** Item id to what was written in its gaps, in order. */
export type GapResponse = Readonly<Record<string, readonly string[]>>;

export function gapsOf(item: GapItem) {
  return item.pieces.filter((piece) => piece.kind === 'gap');
}

/** What is wrong with a gap task, in plain sentences; an empty list where nothing is. */
export function validateGap(task: GapTask): string[] {
  const problems: string[] = [];
  for (const item of task.items) {
    const gaps = gapsOf(item);
    if (gaps.length === 0) problems.push(`The item for ${item.word} has nothing to fill in.`);
    if (gaps.some((gap) => gap.answer === ''))
      problems.push(`A gap for ${item.word} has no answer.`);
  }
  return task.crossing ? [...problems, ...crossingProblems(task, task.crossing)] : problems;
}

/** The letters of each square by its place; a square with two different letters is a fault. */
export function crossingLetters(task: GapTask, crossing: Crossing): Map<string, string[]> {
  const squares = new Map<string, string[]>();
  for (const { item: id, row, column, down } of crossing.entries) {
    const item = task.items.find((each) => each.id === id);
    [...(item?.key ?? '')].forEach((letter, index) => {
      const place = `${row + (down ? index : 0)} ${column + (down ? 0 : index)}`;
      squares.set(place, [...(squares.get(place) ?? []), letter]);
    });
  }
  return squares;
}

function crossingProblems(task: GapTask, crossing: Crossing): string[] {
  const clashes = [...crossingLetters(task, crossing)].filter(
    ([, letters]) => new Set(letters).size > 1,
  );
  const placed = new Set(crossing.entries.map((entry) => entry.item));
  return [
    ...clashes.map(([, letters]) => `A square would need ${letters.join(' and ')} at once.`),
    ...task.items
      .filter((item) => !placed.has(item.id))
      .map((item) => `${item.word} is not in the grid.`),
  ];
}

const tidy = (answer: string) => answer.trim().toLowerCase().replaceAll('’', "'");

/** One mark for each item whose gaps are all right; case and outer spaces do not count. */
export function markGap(task: GapTask, response: GapResponse): Mark {
  const wrong = task.items.filter((item) => {
    const written = response[item.id] ?? [];
    return gapsOf(item).some((gap, index) => {
      const answer = tidy(written[index] ?? '');
      return ![gap.answer, ...gap.accepted].some((right) => tidy(right) === answer);
    });
  });
  return {
    score: task.items.length - wrong.length,
    outOf: task.items.length,
    feedback: wrong.map((item) => `${item.key}: ${item.reason}`),
  };
}
