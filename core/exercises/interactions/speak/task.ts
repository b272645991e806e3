/**
 * The speak interaction: something is said or read aloud, and a listener ticks
 * what was right. QTI 3 counterpart: uploadInteraction.
 */
export interface SpeakItem {
  readonly id: string;
  /** What is read aloud. */
  readonly word: string;
  /** How it should sound, for the listener. */
  readonly says: string;
  readonly reason: string;
}

export interface SpeakTask {
  readonly interaction: 'speak';
  readonly items: readonly SpeakItem[];
  /** False for made-up words, which no class is expected to know. */
  readonly real: boolean;
}

/** Columns of a grid where nothing is said. */
export const GRID_COLUMNS = 4;

/** What only paper needs to know. */
export interface SpeakPaper {
  /** Items in a row of the grid. */
  readonly columns?: number;
  /** Rows begin with a number to roll (1 to 6). */
  readonly dice?: boolean;
  /** Boards of so many squares a side instead of one grid: the items are the words to call. */
  readonly boards?: readonly (readonly string[])[];
  readonly side?: number;
}

/** Item id to whether the listener ticked it. */
export type SpeakResponse = Readonly<Record<string, boolean>>;
