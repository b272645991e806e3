/** A word, half of a contraction, or a mark, with its place in the text. */
import type { Span } from '../../../shared/segment';

export interface Token extends Span {
  /** As it stands in the text. */
  readonly text: string;
  /** In lower case, with straight apostrophes. */
  readonly lower: string;
  /** True for a mark: comma, full stop, dash … */
  readonly mark: boolean;
  /** The full word that a shortened half stands for, where its letters alone settle it: `not`, `will`. */
  readonly full?: string;
  /** True where the token goes on in the next one without a space: `do` in *don’t*. */
  readonly joined?: boolean;
}
