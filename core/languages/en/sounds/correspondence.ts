/** What a correspondence of letters and sounds is. */
import type { Accent } from '../../../kernel/accent';
import type { Phoneme } from './phonemes';

/**
 * Where a correspondence may stand:
 * - `start`, `end`: of the word;
 * - `tail`: at the end of the word or before a consonant letter or apostrophe;
 * - `front`, `back`: before e, i, y, or not before them;
 * - `open`: before a vowel letter (y counts); `shut`: not before one;
 * - `postcons`: after a consonant letter;
 * - `velar`: the next sound is /k/ or /g/;
 * - `next=…`, `prev=…`: the next or previous letter is one of these;
 * - `split`: directly after the consonant of a split digraph.
 */
export type Context = string;

export interface Correspondence {
  readonly id: number;
  /** The accents that have it. */
  readonly accents: readonly Accent[];
  /** Letters, lower case; a split digraph is written `a_e`. */
  readonly grapheme: string;
  /** The phonemes it spells; empty where the letter is silent. */
  readonly phonemes: readonly Phoneme[];
  readonly cost: number;
  readonly contexts: readonly Context[];
}

/** One of the table, before it is numbered and its accents are known. */
export type PlainCorrespondence = Omit<Correspondence, 'id' | 'accents'>;
