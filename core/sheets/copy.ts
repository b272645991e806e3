import type { Sheet } from './sheet';

/** One learner's sheet, with her name. */
export interface Copy {
  readonly name: string;
  readonly version?: string | undefined;
  readonly sheet: Sheet;
}
