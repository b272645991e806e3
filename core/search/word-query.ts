/** A search for words: every field narrows it; what is not given does not matter. */
import type { ClassProfile } from '../classes/class-profile';
import type { IngRuleName } from '../languages/en/forms/ing';
import type { PatternName } from '../languages/en/sounds/patterns';
import type { WordClassName } from '../languages/en/lexicon/word-class';

export const places = ['any', 'start', 'middle', 'end'] as const;
/** Where in the word the sound stands, counted in graphemes. */
export type Place = (typeof places)[number];

export const knowledges = ['secure', 'stretch', 'any'] as const;
/** How far past the class's reach a word may be: secure only, a stretch too, or any word. */
export type Knowledge = (typeof knowledges)[number];

export const matches = ['any', 'all', 'none'] as const;
/** Whether one, each or none of several things asked for must be there. */
export type Match = (typeof matches)[number];

export const sortOrders = ['frequency', 'alphabet', 'reach', 'spelling'] as const;
export type SortOrder = (typeof sortOrders)[number];

export const stressPlaces = ['first', 'second', 'last', 'not-first'] as const;
/** The syllable with the main stress, in words of two syllables or more. */
export type StressPlace = (typeof stressPlaces)[number];

export interface WordQuery {
  /** ARPAbet: one phoneme (`EY`) or an r-coloured or y-coloured vowel (`AO R`, `Y UW`). */
  readonly sound?: string;
  /** Several sounds; `soundMatch` says how many must be there (any of them where it is not given). */
  readonly sounds?: readonly string[];
  readonly soundMatch?: Match;
  /** Letters of the grapheme: `ai`; a split digraph as `a_e`, `a-e` or `a–e`. */
  readonly spelling?: string;
  readonly spellings?: readonly string[];
  readonly spellingMatch?: Match;
  readonly place?: Place;
  /** A phonics pattern. */
  readonly pattern?: PatternName;
  readonly patterns?: readonly PatternName[];
  /** All of them where it is not given. */
  readonly patternMatch?: Match;
  /** Sounds, spellings and patterns that must not be there. */
  readonly without?: {
    readonly sounds?: readonly string[];
    readonly spellings?: readonly string[];
    readonly patterns?: readonly PatternName[];
  };
  readonly minSyllables?: number;
  readonly maxSyllables?: number;
  readonly stress?: StressPlace;
  /** Words that rhyme with this one. */
  readonly rhymesWith?: string;
  /** Words that become another word of the search when the first sound is changed to the second. */
  readonly minimalPair?: readonly [string, string];
  readonly beginsWith?: string;
  readonly endsWith?: string;
  readonly wordClass?: WordClassName;
  /** At most this level: CEFR (`A2`), US grade (`G1`) or UK year (`Y2`). */
  readonly level?: string;
  readonly topic?: string;
  readonly pictured?: boolean;
  /** Only words made of two words. */
  readonly compound?: boolean;
  /** Our own pattern language; see `readExpression`. */
  readonly expression?: string;
  readonly class?: ClassProfile;
  readonly knows?: Knowledge;
  /** Only words that take -ing by this rule and are used as verbs. */
  readonly ingRule?: IngRuleName;
  /** Words to leave out. */
  readonly except?: readonly string[];
  readonly sort?: SortOrder;
  /** At most this many words under each spelling; the counts are of all that match. */
  readonly limit?: number;
}
