/** A word list: the words a teacher keeps for a class, in her order, with what she writes beside them. */
import 'reflect-metadata/lite';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsOptional,
  IsString,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { IsId } from './is-id';
import { SharedThing } from './shelf-marks';
import {
  DETAIL_LIMITS,
  LIST_LIMIT,
  listGroupings,
  type ListGrouping,
  type WordDetail,
  type WordList,
} from '../lists/word-list';

/** What stands beside a word; everything but the word may be missing. */
export class WordDetailRecord implements WordDetail {
  @IsString()
  @IsNotEmpty()
  @MaxLength(80)
  word!: string;

  @IsOptional()
  @IsString()
  @MaxLength(DETAIL_LIMITS.definition, { message: 'A meaning can have 600 letters at most.' })
  definition?: string;

  @IsOptional()
  @IsString()
  @MaxLength(DETAIL_LIMITS.translation, { message: 'A translation can have 300 letters at most.' })
  translation?: string;

  @IsOptional()
  @IsString()
  @MaxLength(DETAIL_LIMITS.note, { message: 'A note can have 600 letters at most.' })
  note?: string;

  /** Name of a shipped picture, a data URL of the teacher's own, or `none` where she wants no picture. */
  @IsOptional()
  @IsString()
  @MaxLength(400_000, { message: 'A picture can be about 300 KB at most.' })
  picture?: string;

  @IsOptional()
  @IsBoolean()
  starred?: boolean;
}

export class ListRecord extends SharedThing implements WordList {
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
  @IsNotEmpty({ message: 'Give the list a name.' })
  @MaxLength(120, { message: 'A list name can have 120 letters at most.' })
  name!: string;

  @IsArray()
  @IsString({ each: true })
  @MaxLength(80, { each: true, message: 'A word can have 80 letters at most.' })
  @ArrayMaxSize(LIST_LIMIT, { message: `A list can have ${LIST_LIMIT} words at most.` })
  words!: string[];

  /** Details of some of the words, in no order. */
  @IsArray()
  @ArrayMaxSize(LIST_LIMIT)
  @ValidateNested({ each: true })
  @Type(() => WordDetailRecord)
  details!: WordDetailRecord[];

  @IsIn(listGroupings)
  groupBy!: ListGrouping;

  /** The search its words were found with, as it stands in the address. */
  @IsOptional()
  @IsString()
  @MaxLength(2000)
  question?: string;
}
