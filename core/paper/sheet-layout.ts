/** How a sheet is laid out, where it differs from what its class is given. */
import { type PaperName } from '../kernel/paper-size';

export const borderNames = ['none', 'line', 'drops', 'waves'] as const;

export type BorderName = (typeof borderNames)[number];

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
  /** Drawn round the learner's pages. */
  readonly border?: BorderName;
  /** A line printed at the head of each page. */
  readonly header?: string;
}
