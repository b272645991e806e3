/** What the letters of a language's words say: shapes that a pack fills by rule. */
import type { Span } from '../kernel/span';

/** Letters that stand together for a sound, and the sound in IPA; empty where they are silent. */
export interface LetterSound extends Span {
  readonly letters: string;
  readonly sound: string;
}

/** A sound that is taught with its spellings. */
export interface TaughtSound {
  /** IPA, as the rules have it. */
  readonly sound: string;
  /** A word that everybody knows it by. */
  readonly keyword: string;
}

/** Where a word is stressed, as its spelling says. */
export interface WrittenStress {
  /** Of the syllable, from the last, which is 0. */
  readonly fromEnd: number;
  /** For a learner. */
  readonly why: string;
}

export interface WordSpelling {
  /** Each group of letters with what it says; undefined where the rules do not know a sign of it. */
  readonly letters: (text: string) => readonly LetterSound[] | undefined;
  /** Of a single word; undefined where its letters cannot be read. */
  readonly syllables: (word: string) => readonly string[] | undefined;
  /** Where the spelling tells it. */
  readonly stress?: (word: string) => WrittenStress | undefined;
  /** Names of words by their stressed syllable, the last first: aguda, llana, esdrújula. */
  readonly stressNames?: readonly string[];
  readonly taught: readonly TaughtSound[];
  /** The word without the article before it. */
  readonly bare: (text: string) => string;
}
