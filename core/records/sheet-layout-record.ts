/** How a sheet is laid out, where it differs from what its class is given. */
import 'reflect-metadata/lite';
import { IsBoolean, IsIn, IsOptional, IsString, MaxLength } from 'class-validator';
import { paperNames, type PaperName } from '../kernel/paper-size';
import { lookNames, type Look } from '../kernel/look';
import {
  borderNames,
  finishNames,
  keyNames,
  type BorderName,
  type FinishName,
  type KeyName,
  type SheetLayout,
} from '../paper/sheet-layout';

export class SheetLayoutRecord implements SheetLayout {
  /** The class's paper where it is not given. */
  @IsOptional()
  @IsIn(paperNames)
  readonly paper?: PaperName;

  @IsOptional()
  @IsIn([1, 2])
  readonly columns?: 1 | 2;

  /** From 18 points, for learners who need it. */
  @IsOptional()
  @IsBoolean()
  readonly largePrint?: boolean;

  /** Letters, words and lines further apart. */
  @IsOptional()
  @IsBoolean()
  readonly wideSpacing?: boolean;

  /** Thin lines and nothing filled. */
  @IsOptional()
  @IsBoolean()
  readonly inkSaver?: boolean;

  /** The class's look where it is not given. */
  @IsOptional()
  @IsIn(lookNames)
  readonly look?: Look;

  @IsOptional()
  @IsBoolean()
  readonly colour?: boolean;

  /** Sizes as usual, however much room is left. */
  @IsOptional()
  @IsBoolean()
  readonly asIs?: boolean;

  /** Closes the learner's pages where there is room. */
  @IsOptional()
  @IsIn(finishNames)
  readonly finish?: FinishName;

  @IsOptional()
  @IsIn(keyNames)
  readonly key?: KeyName;

  /** Answers at the foot, upside down. */
  @IsOptional()
  @IsBoolean()
  readonly keyStrip?: boolean;

  /** Drawn round the learner's pages. */
  @IsOptional()
  @IsIn(borderNames)
  readonly border?: BorderName;

  /** A line printed at the head of each page. */
  @IsOptional()
  @IsString()
  @MaxLength(200, { message: 'A header can have 200 letters at most.' })
  readonly header?: string;
}
