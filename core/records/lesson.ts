/** A lesson: an objective and five stages, each with its parts. */
import 'reflect-metadata/lite';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { IsId } from './is-id';
import { groupingIds, type Grouping, type StagePlan } from '../plan/plan';
import type { ExerciseParameters } from '../exercises/making/exercise';
import type { ExerciseRecipe } from '../exercises/make-exercise';
import type { SheetBlock } from '../sheets/blocks/sheet-block';
import type { SheetLayout } from '../paper/sheet-layout';
import { DrawnRecord, MOST_DRAWN } from './drawn-record';
import { MOST_BOARDS, PieceBoardRecord } from './piece-board-record';
import { PLAN_LENGTH, PlanRecord } from './plan-record';
import { SharedThing } from './shelf-marks';
import { SheetBlockRecord } from './sheet-block-record';
import { SheetLayoutRecord } from './sheet-layout-record';
import { MOST_TAKE_HOMES, TakeHomeRecord } from './take-home-record';

/** Letters of a remark on an open answer. */
export const REMARK_LENGTH = 600;

export const stageNames = {
  'get-ready': 'Get ready',
  show: 'Show',
  together: 'Together',
  alone: 'Alone',
  'look-back': 'Look back',
} as const;
export type StageId = keyof typeof stageNames;
export const stageIds = Object.keys(stageNames) as StageId[];

/** A part is a note to the teacher, an exercise kept as its recipe, or a sheet of blocks. */
export class LessonPart implements ExerciseRecipe {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsIn(['note', 'exercise', 'sheet'])
  kind!: 'note' | 'exercise' | 'sheet';

  /** What to say or do; the title of a sheet; empty for an exercise. */
  @IsString()
  @MaxLength(2000, { message: 'A note can have 2,000 letters at most.' })
  text!: string;

  @ValidateIf((part: LessonPart) => part.kind === 'exercise')
  @IsString()
  @IsNotEmpty()
  maker!: string;

  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(200, { message: 'An exercise can have 200 words at most.' })
  words!: string[];

  @IsObject()
  parameters!: ExerciseParameters;

  @IsInt()
  seed!: number;

  /** Of a sheet, in their order. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(60, { message: 'A sheet can have 60 blocks at most.' })
  @ValidateNested({ each: true })
  @Type(() => SheetBlockRecord)
  blocks?: SheetBlock[];

  /** On the shelf, by itself. */
  @IsOptional()
  @IsBoolean()
  starred?: boolean;

  /** How its paper differs from the class's. */
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => SheetLayoutRecord)
  layout?: SheetLayout;
}

export class LessonStage implements StagePlan {
  @IsIn(stageIds)
  id!: StageId;

  @IsInt({ message: 'Minutes must be a whole number.' })
  @Min(0)
  @Max(180, { message: 'A stage can last 180 minutes at most.' })
  minutes!: number;

  @IsArray()
  @ArrayMaxSize(40, {
    message: 'A stage can have 40 parts at most. Add the next one to another stage.',
  })
  @ValidateNested({ each: true })
  @Type(() => LessonPart)
  parts!: LessonPart[];

  @IsOptional()
  @IsIn(groupingIds, { message: 'Choose from the list how the class works.' })
  grouping?: Grouping;

  @IsOptional()
  @IsString()
  @MaxLength(PLAN_LENGTH, { message: 'A field of a plan can have 2,000 letters at most.' })
  teacher?: string;

  @IsOptional()
  @IsString()
  @MaxLength(PLAN_LENGTH, { message: 'A field of a plan can have 2,000 letters at most.' })
  learners?: string;

  @IsOptional()
  @IsString()
  @MaxLength(PLAN_LENGTH, { message: 'A field of a plan can have 2,000 letters at most.' })
  check?: string;

  /** Written after teaching, shown when the lesson is used again. */
  @IsOptional()
  @IsString()
  @MaxLength(PLAN_LENGTH, { message: 'A reflection can have 2,000 letters at most.' })
  reflection?: string;
}

/** What the teacher says of an open answer, and whether it is as it should be. */
export class Remark {
  @IsString()
  @IsNotEmpty()
  @MaxLength(200)
  learner!: string;

  /** The ids of the exercise and its item. */
  @IsString()
  @MaxLength(200)
  exercise!: string;

  @IsString()
  @MaxLength(200)
  item!: string;

  @IsString()
  @MaxLength(REMARK_LENGTH, { message: `A remark can have ${REMARK_LENGTH} letters at most.` })
  text!: string;

  /** Empty where nothing is said of it. */
  @IsIn(['', 'met', 'again'])
  met!: '' | 'met' | 'again';
}

export class Lesson extends SharedThing {
  @IsId()
  id!: string;

  /** Counts the changes, so that an edit of an older version is noticed. */
  @IsOptional()
  @IsInt()
  @Min(0)
  revision?: number;

  @IsId()
  classId!: string;

  @IsString()
  @IsNotEmpty({ message: 'Give the lesson a title.' })
  @MaxLength(300, { message: 'A title can have 300 letters at most.' })
  title!: string;

  @IsString()
  @MaxLength(600, { message: 'An objective can have 600 letters at most.' })
  objective!: string;

  @IsArray()
  @ArrayMinSize(stageIds.length)
  @ArrayMaxSize(stageIds.length)
  @ValidateNested({ each: true })
  @Type(() => LessonStage)
  stages!: LessonStage[];

  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => PlanRecord)
  plan?: PlanRecord;

  /** Files that were given home, the oldest first. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(MOST_TAKE_HOMES)
  @ValidateNested({ each: true })
  @Type(() => TakeHomeRecord)
  takeHomes?: TakeHomeRecord[];

  /** Boards of loose pieces, each as it lies. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(MOST_BOARDS, {
    message: `A lesson can have ${MOST_BOARDS} boards at most. Remove one first.`,
  })
  @ValidateNested({ each: true })
  @Type(() => PieceBoardRecord)
  boards?: PieceBoardRecord[];

  /** What was drawn over the board and is to stay, by its place. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(MOST_DRAWN, {
    message: `A lesson keeps drawings over ${MOST_DRAWN} places at most. Throw some away first.`,
  })
  @ValidateNested({ each: true })
  @Type(() => DrawnRecord)
  drawn?: DrawnRecord[];

  /** Slips that have come back, as their codes; what they say is computed when it is asked for. */
  @IsOptional()
  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(400, { message: 'A lesson can have 400 slips at most. Take out some first.' })
  @MaxLength(400_000, { each: true, message: 'A slip is too long.' })
  slips?: string[];

  @IsOptional()
  @IsArray()
  @ArrayMaxSize(4000, { message: 'A lesson can have 4,000 remarks at most.' })
  @ValidateNested({ each: true })
  @Type(() => Remark)
  remarks?: Remark[];
}

/** The parts of a lesson in the order they are taught. */
export function partsOf(lesson: Lesson): LessonPart[] {
  return lesson.stages.flatMap((stage) => stage.parts);
}

/** The whole lesson in minutes. */
export function minutesOf(lesson: Lesson): number {
  return lesson.stages.reduce((sum, stage) => sum + stage.minutes, 0);
}
