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

/** `known`: what the class knows the meaning of first, the most frequent in front; the default where a class is given. */
export const sortOrders = ['known', 'frequency', 'alphabet', 'reach', 'spelling'] as const;
export type SortOrder = (typeof sortOrders)[number];

export const stressPlaces = ['first', 'second', 'last', 'not-first'] as const;
/** The syllable with the main stress, in words of two syllables or more. */
export type StressPlace = (typeof stressPlaces)[number];

export interface WordQuery {
  /**
   * ARPAbet: one phoneme (`EY`) or an r-coloured or y-coloured vowel (`AO R`, `Y UW`);
   * `AH1` for the vowel of sun alone, `AH0` for schwa alone.
   */
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
  /** Words that become another word of the search when the first sound is changed to the second, in the `place`. */
  readonly minimalPair?: readonly [string, string];
  /** A prefix or a suffix as a part of the word, not as letters: un- is in unhappy and not in uncle. */
  readonly prefix?: string;
  readonly suffix?: string;
  /** Words of the family of this one: its forms and what is built on its root. `root` asks the same. */
  readonly family?: string;
  readonly root?: string;
  /** Words that another word sounds like; the words that sound like this one. */
  readonly homophones?: boolean;
  readonly homophoneOf?: string;
  /** Words that have an opposite; the opposites of this one (wordbook). */
  readonly opposites?: boolean;
  readonly oppositeOf?: string;
  /** Nouns that are names for this: one of the lexicon's `nameKinds` (animal, tool, part of the body …). */
  readonly nameFor?: string;
  /** Inflected forms stand under their headword. */
  readonly fold?: boolean;
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
