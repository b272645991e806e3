/** How a sheet is laid out, where it differs from what its class is given. */
import { type PaperName } from '../kernel/paper-size';
import type { Look } from '../kernel/look';

export const borderNames = ['none', 'line', 'drops', 'waves'] as const;

export type BorderName = (typeof borderNames)[number];

/** What closes a sheet that has the room. */
export const finishNames = ['none', 'can-do', 'draw', 'challenge'] as const;

export type FinishName = (typeof finishNames)[number];

/** The two kinds of key, and the strip at the foot of the sheet. */
export const keyNames = ['list', 'written'] as const;

export type KeyName = (typeof keyNames)[number];

export interface SheetLayout {
  /** The class's paper where it is not given. */
  readonly paper?: PaperName;
  readonly columns?: 1 | 2;
  /** From 18 points, for learners who need it. */
  readonly largePrint?: boolean;
  /** Letters, words and lines further apart. */
  readonly wideSpacing?: boolean;
  /** Thin lines and nothing filled. */
  readonly inkSaver?: boolean;
  /** The class's look where it is not given. */
  readonly look?: Look;
  /** Bands and tokens in colour; in greys where it is not given. */
  readonly colour?: boolean;
  /** Sizes as usual, however much room is left. */
  readonly asIs?: boolean;
  /** Closes the learner's pages where there is room. */
  readonly finish?: FinishName;
  /** The key as a list with reasons, or the sheet itself with its answers written in. */
  readonly key?: KeyName;
  /** Answers at the foot, upside down, for learners who check themselves. */
  readonly keyStrip?: boolean;
  /** Drawn round the learner's pages. */
  readonly border?: BorderName;
  /** A line printed at the head of each page. */
  readonly header?: string;
}
