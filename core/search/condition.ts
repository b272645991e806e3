/** One condition of a query. */
import type { LexiconEntry, Reading } from '../languages/en/lexicon/lexicon';

export interface Condition {
  /** What it asks, to be read after “The word”: “has /ā/”. */
  readonly asks: string;
  readonly test: (entry: LexiconEntry, reading: Reading) => boolean;
  /** True where every word with a lit grapheme meets it, in a word with one reading. */
  readonly implied?: boolean;
  /** True where it is the class's reach, so that the search can say what lies past it. */
  readonly isReach?: boolean;
}
