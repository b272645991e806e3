/** A text as it is kept: what is read, where it is from, how it was fitted, what is marked in it. */
import 'reflect-metadata/lite';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { IsId } from './is-id';
import { ShelfMarks } from './shelf-marks';
import { languageNames } from '../languages/registry/registry';
import type { SheetLayout } from '../paper/sheet-layout';
import type { ReadingLayout } from '../texts/reading-layout';
import type { Annotation, OwnMethod } from '../texts/marks/annotation';
import { AnnotationRecord, OwnMethodRecord } from './annotation-record';
import { ReadingLayoutRecord } from './reading-layout-record';
import { SheetLayoutRecord } from './sheet-layout-record';
import {
  FACT_LIMITS,
  LONGEST_TEXT,
  textKinds,
  type Gloss,
  type ReadingText,
  type TextKind,
} from '../texts/reading-text';

export class GlossRecord implements Gloss {
  @IsString()
  @IsNotEmpty()
  word!: string;

  @IsString()
  @IsNotEmpty({ message: 'Write what the word means.' })
  @MaxLength(200, { message: 'A gloss can have 200 letters at most.' })
  text!: string;
}

export class TextRecord extends ShelfMarks implements ReadingText {
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
  @IsNotEmpty({ message: 'Give the text a title.' })
  @MaxLength(200, { message: 'A title can have 200 letters at most.' })
  title!: string;

  @IsString()
  @MaxLength(FACT_LIMITS.author)
  author!: string;

  @IsString()
  @MaxLength(FACT_LIMITS.year)
  year!: string;

  @IsString()
  @MaxLength(FACT_LIMITS.source)
  source!: string;

  @IsString()
  @MaxLength(FACT_LIMITS.licence)
  licence!: string;

  @IsIn(Object.keys(languageNames()))
  language!: string;

  @IsIn(Object.keys(textKinds))
  kind!: TextKind;

  /** What is read. A line that begins with # is a heading and begins a section; an empty line ends a paragraph. */
  @IsString()
  @MaxLength(LONGEST_TEXT, {
    message: 'A text can have 1,000,000 characters at most. Bring it in part by part.',
  })
  body!: string;

  /** As it came in, before it was fitted. */
  @IsString()
  @MaxLength(LONGEST_TEXT)
  original!: string;

  /** Sections that the class has got so far; null for all. */
  @ValidateIf((text: TextRecord) => text.released !== null)
  @IsInt()
  @Min(0)
  released!: number | null;

  @IsArray()
  @ArrayMaxSize(400, { message: 'A text can have 400 glosses at most.' })
  @ValidateNested({ each: true })
  @Type(() => GlossRecord)
  glosses!: GlossRecord[];

  /** Words of the word box. */
  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(200, { message: 'A word box can have 200 words at most.' })
  boxed!: string[];

  /** Words past the class's reach that stay as they are. */
  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(4000)
  accepted!: string[];

  @IsArray()
  @ArrayMaxSize(2000, { message: 'A text can have 2,000 marks at most.' })
  @ValidateNested({ each: true })
  @Type(() => AnnotationRecord)
  annotations!: Annotation[];

  /** How it stands on paper. */
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => ReadingLayoutRecord)
  reading?: ReadingLayout;

  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => SheetLayoutRecord)
  layout?: SheetLayout;

  @IsOptional()
  @IsArray()
  @ArrayMaxSize(60, { message: 'A text can have 60 methods of its own at most.' })
  @ValidateNested({ each: true })
  @Type(() => OwnMethodRecord)
  methods?: OwnMethod[];
}
