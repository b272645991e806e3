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
  /** Things to cut out with the words on them, instead of a grid. */
  readonly cutOut?: CutOut;
}

export interface CutOut {
  readonly form: 'spinner' | 'die' | 'bookmark' | 'label';
  /** The words of each spinner, die or bookmark. */
  readonly groups: readonly (readonly string[])[];
  /** What stands on each bookmark. */
  readonly title?: string;
  /** By word, the name of a shipped picture. */
  readonly pictures?: Readonly<Record<string, string>>;
}

/** Item id to whether the listener ticked it. */
export type SpeakResponse = Readonly<Record<string, boolean>>;
