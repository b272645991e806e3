/**
 * The speak interaction: something is said or read aloud, and a listener ticks
 * what was right. QTI 3 counterpart: uploadInteraction.
 */
import { markOf, type Interaction } from './interaction';

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
  /** Items in a row of the grid. */
  readonly columns: number;
  /** Rows begin with a number to roll (1 to 6). */
  readonly dice: boolean;
  /** False for made-up words, which no class is expected to know. */
  readonly real: boolean;
}

/** Item id to whether the listener ticked it. */
export type SpeakResponse = Readonly<Record<string, boolean>>;

export const speak: Interaction<SpeakTask, SpeakResponse> = {
  validate: ({ items, columns }) => [
    ...(columns < 1 ? ['The grid has no columns.'] : []),
    ...items.filter((item) => item.word === '').map(() => 'There is nothing to read in one cell.'),
  ],
  mark: ({ items }, response) => markOf(items, (item) => response[item.id] === true),
  wordsOf: ({ items, real }) => (real ? [...new Set(items.map((item) => item.word))] : []),
  keyOf: ({ items }) => Object.fromEntries(items.map((item) => [item.id, true])),
};
