/** What a maker is: a pure function from words, parameters and a seed to an exercise. */
import type { ClassProfile } from '../../classes/class-profile';
import type { Ability, LanguagePack } from '../../languages/language-pack';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { Meanings } from '../../languages/en/words/meanings';
import type { WordQuery } from '../../search/find-words';
import type { Task } from '../interactions';
import type { ExerciseParameters, MakerNote } from './exercise';
import type { MakerGroup } from './maker-group';
import type { Parameters } from './parameters';
import type { TextMaterial } from '../../texts/reading/text-material';
import type { Random } from '../../kernel/random';
import type { MaterialWord } from '../../search/material-word';

/** A partner, or the whole class at once. */
export type Company = 'partner' | 'class';

export interface MakerInput {
  readonly words: readonly MaterialWord[];
  readonly parameters: ExerciseParameters;
  readonly random: Random;
  /** What is known of the language of the material. */
  readonly pack: LanguagePack;
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
  /** What only paper needs to know: lines to write on, room in a gap, columns. */
  readonly paper?: object;
  readonly notes: readonly MakerNote[];
}

/** How an exercise is used: by whom it is done, where, and who says that it is right. */
export interface MakerUse {
  /** True where what a learner writes or says there has no key: the teacher reads or hears it. */
  readonly answersAreRead?: boolean;
  /** With whom it is commonly done, beside alone. */
  readonly doneWith?: readonly Company[];
  /** True where it is only cut out: nothing of it is answered on a screen. */
  readonly paperOnly?: boolean;
}

export interface Maker extends MakerUse {
  readonly id: string;
  /** What a teacher calls it. */
  readonly name: string;
  readonly description: string;
  readonly interaction: Task['interaction'];
  /** Fewest words that make a useful exercise. */
  readonly fewestWords: number;
  /** The group of exercises it stands in. */
  readonly group: MakerGroup;
  /** How the task is given on a screen, where paper says what only paper can (cut out, underline); from what paper says. */
  readonly onScreen?: string | ((paper: string) => string);
  /** False where it needs no words of the material (made-up words). */
  readonly usesWords?: boolean;
  /** True where the words of its items are its own finds, not only those of the material. */
  readonly bringsWords?: boolean;
  /** True where it takes only some of its words and says so itself (a map has one word in the middle). */
  readonly saysWhatIsLeft?: boolean;
  /** True where it begins with words of all the class’s lists, a few of each. */
  readonly reviews?: boolean;
  /** True where it makes cards: to cut out, turn over or draw from. */
  readonly isCards?: boolean;
  /** Words to begin with where the material has none that fit. */
  readonly startWords?: readonly string[];
  /** Words of the class's own that come before all others. */
  readonly ownStartWords?: (parameters: ExerciseParameters) => readonly string[];
  /** True where it works from a text. */
  readonly needsText?: boolean;
  /** True where it works from sentences: the teacher's own, those of a text, or its own. */
  readonly usesSentences?: boolean;
  /** True where it cannot work without the meanings of words. */
  readonly needsMeanings?: boolean;
  /** What the words must be, in words for the teacher. */
  readonly needs: string;
  /** What it can be asked, beside what all makers can. */
  readonly parameters?: Parameters;
  /** What it needs to know of the language of its material; nothing for one that works in any. */
  readonly asks: readonly Ability[];
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
