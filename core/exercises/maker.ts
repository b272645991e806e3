/** What a maker is: a pure function from words, parameters and a seed to an exercise. */
import type { ClassProfile } from '../classes/class-profile';
import type { LexiconEntry, Lexicon } from '../words/lexicon';
import type { Meanings } from '../words/meanings';
import type { WordQuery } from '../words/find-words';
import type { ExerciseParameters, MakerNote, Task } from './exercise';
import type { TextMaterial } from '../texts/reading/text-material';
import type { Random } from './random';

export const makerGroups = ['Sounds and spelling', 'Vocabulary', 'Grammar', 'Reading'] as const;
export type MakerGroup = (typeof makerGroups)[number];

/** A word of the material with what the lexicon knows of it. */
export interface MaterialWord {
  readonly word: string;
  readonly entry: LexiconEntry | undefined;
}

export interface MakerInput {
  readonly words: readonly MaterialWord[];
  readonly parameters: ExerciseParameters;
  readonly random: Random;
  readonly lexicon: Lexicon;
  /** Meanings of words, where they are loaded; a maker that needs them says what is missing without. */
  readonly meanings?: Meanings | undefined;
  /** The class it is for: a maker that brings its own sentences takes those within its reach first. */
  readonly profile?: ClassProfile | undefined;
  /** The text, for a maker of reading exercises. */
  readonly text?: TextMaterial | undefined;
}

export interface MakerOutput {
  readonly title: string;
  readonly instruction: string;
  readonly worked: boolean;
  readonly task: Task;
  readonly notes: readonly MakerNote[];
}

export interface Maker {
  readonly id: string;
  /** What a teacher calls it. */
  readonly name: string;
  readonly description: string;
  readonly interaction: Task['interaction'];
  /** Fewest words that make a useful exercise. */
  readonly fewestWords: number;
  /** The group of exercises it stands in. */
  readonly group: MakerGroup;
  /** False where it needs no words of the material (made-up words). */
  readonly usesWords?: boolean;
  /** True where the words of its items are its own finds, not only those of the material. */
  readonly bringsWords?: boolean;
  /** Words to begin with where the material has none that fit. */
  readonly startWords?: readonly string[];
  /** Words of the class's own that come before all others. */
  readonly ownStartWords?: (parameters: ExerciseParameters) => readonly string[];
  /** True where it works from a text. */
  readonly needsText?: boolean;
  /** True where it works from sentences: the teacher's own, those of a text, or its own. */
  readonly usesSentences?: boolean;
  /** True where the teacher's own picture can stand over its items. */
  readonly usesScene?: boolean;
  /** What it can be about, by name: tenses, forms, word classes; the first is usual. */
  readonly targets?: readonly string[];
  /** True where it cannot work without the meanings of words. */
  readonly needsMeanings?: boolean;
  /** What the words must be, in words for the teacher. */
  readonly needs: string;
  readonly languages: readonly string[];
  /** Whether the maker shows item 1 worked unless told otherwise. */
  readonly workedByDefault: boolean;
  make(input: MakerInput): MakerOutput;
  /** What a word must be to stand in this one's place, the closest first; empty where nothing can. */
  replacements(word: MaterialWord, input: Omit<MakerInput, 'random'>): readonly WordQuery[];
  /**
   * What a word practises, for a maker whose items should be mixed: a plan then
   * takes no more than a few words of each kind.
   */
  kindOf?(word: MaterialWord): string;
  /** What words to look for when the material is short of the fewest. */
  suggestions(input: Omit<MakerInput, 'random'>): readonly WordQuery[];
}
