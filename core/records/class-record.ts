/** A class: who it is, what it has been taught, and how its paper looks. */
import 'reflect-metadata/lite';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  Matches,
  MaxLength,
  Max,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { BehaviourRecord } from './behaviour-record';
import { COURSE_LIMITS } from '../languages/concepts/course';
import { CourseRecord } from './course-record';
import { IsId } from './is-id';
import { versions, type Version } from '../kernel/version';
import { accents, type Accent } from '../kernel/accent';
import { reaches, type Reach } from '../kernel/reach';
import { structureNames } from '../languages/en/grammar/structures/structure-table';
import { IsStepOfSequence } from './step-of-sequence';
import { TaughtSequence } from './taught-sequence';
import { levelSystems, type LevelSystem } from '../classes/class-level';
import { spellings } from '../kernel/spelling';
import { licenceNames } from '../kernel/licence';
import { languageNames } from '../languages/registry/registry';
import { learnerFonts } from '../languages/language-pack';
import { classPapers, type PaperName } from '../kernel/paper-size';
import { handIds, type HandName } from '../kernel/hand-names';
import { lookNames, type Look } from '../kernel/look';
import type {
  Learner,
  LevelChoice,
  NamedPerson,
  OwnConfusableWord,
  OwnConfusables,
  StructureSetting,
  ClassProfile,
} from '../classes/class-profile';

/** Letters that fit into what is kept of a learner. */
export const LEARNER_LENGTHS = { group: 40, needs: 600, notes: 2000 } as const;

export class LearnerRecord implements Learner {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsString()
  @IsNotEmpty({ message: 'A learner needs a first name.' })
  @MaxLength(60, { message: 'A first name can have 60 letters at most.' })
  name!: string;

  /** The version of every exercise that this learner gets; core where it is not given. */
  @IsOptional()
  @IsIn(versions)
  version?: Version;

  /** The language of her home, for pages that go there. */
  @IsOptional()
  @IsString()
  @MaxLength(20)
  home?: string;

  /** The group she works in. */
  @IsOptional()
  @IsString()
  @MaxLength(LEARNER_LENGTHS.group, { message: 'A group’s name can have 40 letters at most.' })
  group?: string;

  @IsOptional()
  @IsString()
  @MaxLength(LEARNER_LENGTHS.needs, { message: 'What she needs can have 600 letters at most.' })
  needs?: string;

  @IsOptional()
  @IsString()
  @MaxLength(LEARNER_LENGTHS.notes, { message: 'Notes can have 2,000 letters at most.' })
  notes?: string;
}

export class LevelChoiceRecord implements LevelChoice {
  @IsIn(levelSystems)
  system!: LevelSystem;

  @IsString()
  @IsNotEmpty()
  value!: string;
}

export class OwnConfusableWordRecord implements OwnConfusableWord {
  @IsString()
  @IsNotEmpty({ message: 'Write the word.' })
  @MaxLength(60)
  word!: string;

  @IsString()
  @IsNotEmpty({ message: 'Write what the word means.' })
  @MaxLength(200, { message: 'A meaning can have 200 letters at most.' })
  meaning!: string;

  @Matches(/^[^_]*_{3}[^_]*$/, {
    message: 'Write a sentence with ___ where the word belongs.',
  })
  @MaxLength(300, { message: 'A sentence can have 300 letters at most.' })
  sentence!: string;
}

/** Somebody whose name does not tell he or she. */
export class NamedPersonRecord implements NamedPerson {
  @IsString()
  @MaxLength(80)
  name!: string;

  @IsIn(['he', 'she', 'they'], { message: 'A pronoun is he, she or they.' })
  pronoun!: 'he' | 'she' | 'they';
}

/** Words that a class takes for each other. */
export class OwnConfusablesRecord implements OwnConfusables {
  @IsArray()
  @ArrayMinSize(2, { message: 'A set needs two words or more.' })
  @ArrayMaxSize(5, { message: 'A set can have five words at most.' })
  @ValidateNested({ each: true })
  @Type(() => OwnConfusableWordRecord)
  words!: OwnConfusableWordRecord[];

  /** How to tell them apart; may be empty. */
  @IsString()
  @MaxLength(300, { message: 'A tip can have 300 letters at most.' })
  tell!: string;

  /** Both spellings tell them apart. */
  @Equals(false)
  britishOnly!: false;
}

/** Where a structure stands for a class, set by hand. */
export class StructureSettingRecord implements StructureSetting {
  @IsIn(structureNames, { message: 'This structure is not known.' })
  structure!: string;

  @IsIn(reaches, { message: 'Choose taught, just ahead or later.' })
  reach!: Reach;
}

export class ClassRecord implements ClassProfile {
  @IsId()
  id!: string;

  /** Counts the changes, so that an edit of an older version is noticed. */
  @IsOptional()
  @IsInt()
  @Min(0)
  revision?: number;

  @IsString()
  @IsNotEmpty({ message: 'Give the class a name, for example Kestrels.' })
  @MaxLength(60, { message: 'A class name can have 60 letters at most.' })
  name!: string;

  @IsIn(Object.keys(languageNames()), { message: 'Choose a language from the list.' })
  language!: string;

  @IsObject()
  @ValidateNested()
  @Type(() => LevelChoiceRecord)
  level!: LevelChoiceRecord;

  @IsIn(Object.keys(spellings), { message: 'Choose US or UK spelling.' })
  spelling!: keyof typeof spellings;

  /** The accent that sounds, rhymes and spellings are computed in. */
  @IsIn(accents, { message: 'Choose an accent from the list.' })
  accent!: Accent;

  /** The class's own sequence; null where it follows the default of its accent. */
  @ValidateIf((profile: ClassRecord) => profile.sequence !== null)
  @IsObject()
  @ValidateNested()
  @Type(() => TaughtSequence)
  sequence!: TaughtSequence | null;

  /** The course of another language that is its own. */
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => CourseRecord)
  course?: CourseRecord | null;

  /** The unit of the course at which it stands. */
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(COURSE_LIMITS.units)
  unit?: number | null;

  @IsIn(classPapers, { message: 'Choose A4 or Letter.' })
  paper!: PaperName;

  @IsIn(Object.keys(learnerFonts), { message: 'Choose a font from the list.' })
  font!: string;

  /** The look of its sheets, plain where it is not given. */
  @IsOptional()
  @IsIn(lookNames, { message: 'Choose a look from the list.' })
  look?: Look;

  @IsOptional()
  @IsBoolean()
  colour?: boolean;

  /** False where its language is set without blanks between words. */
  @IsOptional()
  @IsBoolean()
  wordSpaces?: boolean;

  /** False where it reads without kana over the kanji. */
  @IsOptional()
  @IsBoolean()
  furigana?: boolean;

  /** The school hand it learns to write; as usual for its language and spelling where it is not given. */
  @IsOptional()
  @IsIn(handIds, { message: 'Choose a hand from the list.' })
  hand?: HandName | null;

  /** The step of the sequence the class stands at; null for a class past it. */
  @ValidateIf((profile: ClassRecord) => profile.step !== null)
  @IsInt({ message: 'The step must be a whole number.' })
  @Min(0, { message: 'The first step is 1; choose 0 for a class that has not begun.' })
  @IsStepOfSequence()
  step!: number | null;

  @IsArray()
  @ArrayMaxSize(400, { message: 'A class can have 400 learners at most.' })
  @ValidateNested({ each: true })
  @Type(() => LearnerRecord)
  roster!: LearnerRecord[];

  /** Words the class knows although their spelling is not taught: names, topic words. */
  @IsArray()
  @IsString({ each: true })
  @ArrayUnique()
  @ArrayMaxSize(5000)
  knownWords!: string[];

  /** Words this class is never offered. */
  @IsArray()
  @IsString({ each: true })
  @ArrayUnique()
  @ArrayMaxSize(5000)
  hiddenWords!: string[];

  /** Words this class is offered although they are kept from others of its age. */
  @IsOptional()
  @IsArray()
  @IsString({ each: true })
  @ArrayUnique()
  @ArrayMaxSize(5000)
  shownWords?: string[];

  /** The age whose words the class is offered, where it is not that of its year. */
  @IsOptional()
  @IsInt({ message: 'The age must be a whole number.' })
  @Min(3, { message: 'Choose an age from 3 to 18.' })
  @Max(18, { message: 'Choose an age from 3 to 18.' })
  offerAge?: number | null;

  /** People whose names do not tell it, and the pronoun that goes with each. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(500)
  @ValidateNested({ each: true })
  @Type(() => NamedPersonRecord)
  people?: NamedPersonRecord[];

  /** Structures whose reach the teacher has set; the others follow the level of the class. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => StructureSettingRecord)
  grammar?: StructureSettingRecord[];

  /** Who makes its material, where a thing does not say. */
  @IsOptional()
  @IsString()
  @MaxLength(120, { message: 'A name can have 120 letters at most.' })
  author?: string;

  /** The licence its material goes out under, where a thing has none of its own. */
  @IsOptional()
  @IsIn(['', ...licenceNames], { message: 'Choose a licence from the list.' })
  licence?: string;

  /** How exercises behave on a screen, where it is not as usual. */
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => BehaviourRecord)
  practice?: BehaviourRecord;

  /** Sets of words that this class takes for each other, beside those of the word bank. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(200, { message: 'A class can have 200 sets of its own at most.' })
  @ValidateNested({ each: true })
  @Type(() => OwnConfusablesRecord)
  confusables?: OwnConfusablesRecord[];
}
