/** The gap interaction: missing letters or words are written in. QTI 3 counterpart: textEntryInteraction. */
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
  /** How many squares it takes; where it is not given, as many as its answer has letters. */
  readonly length?: number;
}

/** What only paper needs to know. */
export interface GapPaper {
  /** Widest answer, in letters: every gap is of one size and gives nothing away. The widest of the key where it is not given. */
  readonly letters?: number;
  /** Pictures of the items’ words, for a sheet that shows them. */
  readonly pictures?: Readonly<Record<string, string>>;
}

/** Item id to what was written in its gaps, in order. */
export type GapResponse = Readonly<Record<string, readonly string[]>>;

export function gapsOf(item: GapItem) {
  return item.pieces.filter((piece) => piece.kind === 'gap');
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

/** How many letters every gap of a task has room for. */
export const gapLetters = (task: GapTask, { letters }: GapPaper) =>
  letters ?? Math.max(1, ...task.items.flatMap(gapsOf).map(({ answer }) => answer.length));
