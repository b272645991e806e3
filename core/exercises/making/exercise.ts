/** What an exercise is: one interaction with its items, and where it came from. */
import type { AlsoSaid } from './said-at-home';
import type { NamedPerson } from '../../classes/class-profile';
import type { Task } from '../interactions';
import type { HandEdit } from '../interactions/kit/hand-edit';
import type { TextMaterial } from '../../texts/reading/text-material';
import type { BesideWords } from '../../lists/beside-words';
import type { Behaviour } from '../../kernel/behaviour';
import type { Version } from '../../kernel/version';

/** What a maker could not do with a word, and what the teacher can do about it. */
export interface MakerNote {
  readonly word?: string;
  readonly text: string;
  /** What the teacher can choose where it cannot be settled surely: each sets parameters of the recipe. */
  readonly choices?: readonly {
    readonly label: string;
    readonly parameters?: Readonly<Record<string, unknown>>;
    /** Kept for the class: the pronoun that goes with a name. */
    readonly person?: NamedPerson;
  }[];
}

/** An item that can be arranged, with the key by which it is found again. */
export interface KeyedPlace {
  readonly id: string;
  readonly word: string;
  readonly key: string;
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
  /** As paper says it. */
  readonly instruction: string;
  /** What is to be done in a language of the learners' homes. */
  readonly also?: AlsoSaid;
  /** The same where it is answered on a screen. */
  readonly screenInstruction: string;
  /** Item 1 is shown worked. */
  readonly worked: boolean;
  readonly task: Task;
  /** The items that can be moved, taken out or made once more, with their keys. */
  readonly items?: readonly KeyedPlace[];
  /** What the task's interaction asks of paper; nothing where it is absent. */
  readonly paper?: object;
  /** Pictures of its words, for a sheet that shows them beside items or in a strip. */
  readonly pictures?: Readonly<Record<string, string>>;
  readonly notes: readonly MakerNote[];
  /** Why there is no sheet: what is missing, and what to do. Absent where there is enough. */
  readonly short?: string;
  /** Printed above the items. */
  readonly reading?: TextMaterial;
}

/**
 * Settings of a recipe by name: those that every maker understands, and those
 * its maker declares. What is not given is as usual.
 */
export interface ExerciseParameters {
  readonly title?: string;
  readonly instruction?: string;
  readonly alsoIn?: string;
  readonly version?: Version;
  readonly worked?: boolean;
  readonly bank?: boolean;
  readonly shuffle?: boolean;
  readonly language?: string;
  readonly beside?: BesideWords;
  readonly accept?: Readonly<Record<string, readonly string[]>>;
  readonly edits?: readonly HandEdit[];
  readonly without?: readonly string[];
  readonly order?: readonly string[];
  readonly renewed?: Readonly<Record<string, number>>;
  /** The text that a reading exercise is made from, which of its sections, printed above or not. */
  readonly textId?: string;
  readonly section?: number;
  readonly printText?: boolean;
  /** How it behaves on a screen, where it is not as its class usually has it. */
  readonly practice?: Partial<Behaviour>;
  /** Declared by the maker, and read by it with `read`. */
  readonly [own: string]: unknown;
}
