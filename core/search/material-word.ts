import type { LexiconEntry } from '../languages/en/lexicon/lexicon';

/** A word of the material with what the word bank knows of it. */
export interface MaterialWord {
  readonly word: string;
  readonly entry: LexiconEntry | undefined;
}
