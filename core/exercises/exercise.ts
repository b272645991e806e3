/** What an exercise is: one interaction with its items, and where it came from. */
import type { BuildTask } from './interactions/build';
import type { ChoiceTask } from './interactions/choice';
import type { GapTask } from './interactions/gap';
import type { MatchTask } from './interactions/match';
import type { OrderTask } from './interactions/order';
import type { PointTask } from './interactions/point';
import type { SortTask } from './interactions/sort';
import type { SpeakTask } from './interactions/speak';
import type { SpotTask } from './interactions/spot';
import type { Scene, WriteTask } from './interactions/write';
import type { HandName, Ink } from '../handwriting/hands';
import type { Ruling } from '../handwriting/ruling';
import type { ConfusableSet } from '../words/confusables';
import type { TextMaterial } from '../texts/reading/text-material';
import type { HandEdit } from './hand-edits';
import type { PartnerKind } from './partners';
import type { Version } from './versions';

/** The body of an exercise; one member for each interaction. */
export type Task =
  | ChoiceTask
  | GapTask
  | MatchTask
  | OrderTask
  | SortTask
  | SpotTask
  | WriteTask
  | SpeakTask
  | PointTask
  | BuildTask;

/** What a maker could not do with a word, and what the teacher can do about it. */
export interface MakerNote {
  readonly word?: string;
  readonly text: string;
}

export interface Exercise {
  /** The maker's id, with its parameters and seed: enough to make it again. */
  readonly maker: string;
  readonly parameters: ExerciseParameters;
  readonly seed: number;
  /** The material as given. */
  readonly words: readonly string[];
  readonly language: string;
  readonly title: string;
  readonly instruction: string;
  /** Item 1 is shown worked. */
  readonly worked: boolean;
  readonly task: Task;
  readonly notes: readonly MakerNote[];
  /** Printed above the items. */
  readonly reading?: TextMaterial;
}

/** Settings that every maker understands; a maker may read more of its own. */
export interface ExerciseParameters {
  /** Show item 1 worked; each maker has its own default. */
  readonly worked?: boolean;
  readonly shuffle?: boolean;
  /** Of the words, where it is not English: nothing is then known of them but what the list says. */
  readonly language?: string;
  /** Replaces the maker's title or instruction. */
  readonly title?: string;
  readonly instruction?: string;
  /** The sound that a spelling exercise is about, in ARPAbet. */
  readonly sound?: string;
  /** Offer the spellings to choose from. */
  readonly bank?: boolean;
  /** Core where it is not given; see `versions.ts`. */
  readonly version?: Version;
  /** The suffix that is built, by the name `inflect` knows it by. */
  readonly suffix?: string;
  /** The letter of a hard and soft sort. */
  readonly letter?: 'c' | 'g';
  /** The step of the class's sequence, for made-up words. */
  readonly step?: number;
  /** Letters that say several sounds, for a sort by sound. */
  readonly spelling?: string;
  /** What stands beside a word on cards and in pairs. */
  readonly partner?: PartnerKind;
  /** What the list has written beside its words. */
  readonly beside?: Readonly<
    Record<string, { readonly definition?: string; readonly translation?: string }>
  >;
  /** What is dictated; words where it is not given. */
  readonly dictate?: 'sounds' | 'words' | 'sentences';
  /** The teacher's own sentences, for gaps and dictation. */
  readonly sentences?: readonly string[];
  /** What a grammar exercise is about: a tense, a form, a word class, by its name. */
  readonly grammar?: string;
  /** The teacher's own picture, for a picture prompt or a planner. */
  readonly scene?: Scene;
  /** False where a sentence gap gives no meaning although two words would fit. */
  readonly hints?: boolean;
  /** The hand that is traced, its inks one after another, and the lines it stands on. */
  readonly hand?: HandName;
  readonly inks?: readonly Ink[];
  readonly ruling?: Ruling;
  /** Which edge the paper turns over for the backs of cards. */
  readonly duplex?: 'long' | 'short';
  /** The class's own sets of confused words. */
  readonly sets?: readonly ConfusableSet[];
  /** Each learner traces her own name instead of the words. */
  readonly ownName?: boolean;
  /** The text that a reading exercise is made from, and which of its sections; all where it is not given. */
  readonly textId?: string;
  readonly section?: number;
  /** Print the text above the questions. */
  readonly printText?: boolean;
  /** How many items, where the maker can make more or fewer. */
  readonly count?: number;
  /** Of a writing task: how many words, and which must be used. */
  readonly fewest?: number;
  readonly most?: number;
  readonly required?: readonly string[];
  /** What is to be written, in the teacher's words. */
  readonly topic?: string;
  /** Whom the traits are about. */
  readonly character?: string;
  /** Of an item, by its word: the other answers that the teacher takes, in place of those computed. */
  readonly accept?: Readonly<Record<string, readonly string[]>>;
  /** Items changed by hand. */
  readonly edits?: readonly HandEdit[];
}

/** The score and what to say; the same on the board, at home and from a return slip. */
export interface Mark {
  readonly score: number;
  readonly outOf: number;
  readonly feedback: readonly string[];
}
