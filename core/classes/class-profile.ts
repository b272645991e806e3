/** A class: who it is, what it has been taught, and how its paper looks. */
import type { Version } from '../kernel/version';
import type { Behaviour } from '../kernel/behaviour';
import { type Accent } from '../kernel/accent';
import { type Reach } from '../kernel/reach';
import type { Sequence } from '../languages/en/sounds/sequence';
import type { Course } from '../languages/concepts/course';
import { type ClassLevel, type LevelSystem } from './class-level';
import type { Spelling } from '../kernel/spelling';
import { type PaperName } from '../kernel/paper-size';
import type { HandName } from '../kernel/hand-names';
import type { Look } from '../kernel/look';

export interface Learner {
  readonly id: string;
  readonly name: string;
  /** The version of every exercise that this learner gets; core where it is not given. */
  readonly version?: Version;
  /** The language of her home, for pages that go there. */
  readonly home?: string;
  /** The group she works in, what she needs, and notes: for the teacher, never printed unasked. */
  readonly group?: string;
  readonly needs?: string;
  readonly notes?: string;
}

export interface LevelChoice extends ClassLevel {
  readonly system: LevelSystem;
  readonly value: string;
}

export interface OwnConfusableWord {
  readonly word: string;
  readonly meaning: string;
  readonly sentence: string;
}

/** Words that a class takes for each other. */
export interface OwnConfusables {
  readonly words: readonly OwnConfusableWord[];
  /** How to tell them apart; may be empty. */
  readonly tell: string;
  /** Both spellings tell them apart. */
  readonly britishOnly: false;
}

/** Where a structure stands for a class, set by hand. */
export interface StructureSetting {
  readonly structure: string;
  readonly reach: Reach;
}

/** Somebody whose name is in no table, as the teacher says. */
export interface NamedPerson {
  readonly name: string;
  readonly pronoun: 'he' | 'she' | 'they';
}

export interface ClassProfile {
  /** Counts the changes; not there before the first. */
  readonly revision?: number;
  readonly id: string;
  readonly name: string;
  readonly language: string;
  readonly level: LevelChoice;
  readonly spelling: Spelling;
  /** The accent that sounds, rhymes and spellings are computed in. */
  readonly accent: Accent;
  /** The class's own sequence; null where it follows the default of its accent. */
  readonly sequence: Sequence | null;
  readonly paper: PaperName;
  readonly font: string;
  /** The look of its sheets, plain where it is not given, and whether they print in colour. */
  readonly look?: Look;
  readonly colour?: boolean;
  /** False where its language is set without blanks between words, as Japanese is beyond the first books. */
  readonly wordSpaces?: boolean;
  /** False where it reads without kana over the kanji. */
  readonly furigana?: boolean;
  /** The school hand it learns to write; as usual for its language and spelling where it is not given. */
  readonly hand?: HandName | null;
  /** The step of the sequence the class stands at; null for a class past it. */
  readonly step: number | null;
  /** The course of another language that is its own, where it follows not the usual one. */
  readonly course?: Course | null;
  /** The unit of the course at which it stands; by its level where it is not given. */
  readonly unit?: number | null;
  readonly roster: readonly Learner[];
  /** Words the class knows although their spelling is not taught: names, topic words. */
  readonly knownWords: readonly string[];
  /** Words this class is never offered. */
  readonly hiddenWords: readonly string[];
  /** Words this class is offered although they are kept from others of its age. */
  readonly shownWords?: readonly string[];
  /** The age whose words the class is offered, where it is not that of its year. */
  readonly offerAge?: number | null;
  /** People whose names do not tell it, and the pronoun that goes with each. */
  readonly people?: readonly NamedPerson[];
  /** Structures whose reach the teacher has set; the others follow the level of the class. */
  readonly grammar?: readonly StructureSetting[];
  /** Who makes its material, and the licence it goes out under where a thing has none of its own. */
  readonly author?: string;
  readonly licence?: string;
  /** How exercises behave on a screen, where it is not as usual. */
  readonly practice?: Partial<Behaviour>;
  /** Sets of words that this class takes for each other, beside those of the word bank. */
  readonly confusables?: readonly OwnConfusables[];
}
