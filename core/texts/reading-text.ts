/** A text as it is kept: what is read, where it is from, how it was fitted, what is marked in it. */
import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsOptional,
  IsString,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { languages } from '../classes/choices';
import { SheetLayout } from '../sheets/layout';
import { ReadingLayout } from '../sheets/reading/reading-layout';
import { looksLikeVerse, sectionsIn, type Section } from './analysis/segment';
import { Annotation, OwnMethod } from './marks/annotation';

/** Characters of one text: about 170,000 words. */
export const LONGEST_TEXT = 1_000_000;

export const textKinds = { prose: 'Prose', poem: 'Poem' } as const;
export type TextKind = keyof typeof textKinds;

export class Gloss {
  @IsString()
  @IsNotEmpty()
  word!: string;

  @IsString()
  @IsNotEmpty({ message: 'Write what the word means.' })
  @MaxLength(200, { message: 'A gloss can have 200 letters at most.' })
  text!: string;
}

export class ReadingText {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsString()
  @IsNotEmpty()
  classId!: string;

  @IsString()
  @IsNotEmpty({ message: 'Give the text a title.' })
  @MaxLength(200, { message: 'A title can have 200 letters at most.' })
  title!: string;

  @IsString()
  @MaxLength(120)
  author!: string;

  @IsString()
  @MaxLength(40)
  year!: string;

  @IsString()
  @MaxLength(300)
  source!: string;

  @IsString()
  @MaxLength(120)
  licence!: string;

  @IsIn(Object.keys(languages))
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
  @ValidateIf((text: ReadingText) => text.released !== null)
  @IsInt()
  @Min(0)
  released!: number | null;

  @IsArray()
  @ArrayMaxSize(400, { message: 'A text can have 400 glosses at most.' })
  @ValidateNested({ each: true })
  @Type(() => Gloss)
  glosses!: Gloss[];

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
  @Type(() => Annotation)
  annotations!: Annotation[];

  /** How it stands on paper. */
  @IsOptional()
  @ValidateNested()
  @Type(() => ReadingLayout)
  reading?: ReadingLayout;

  @IsOptional()
  @ValidateNested()
  @Type(() => SheetLayout)
  layout?: SheetLayout;

  @IsOptional()
  @IsArray()
  @ArrayMaxSize(60, { message: 'A text can have 60 methods of its own at most.' })
  @ValidateNested({ each: true })
  @Type(() => OwnMethod)
  methods?: OwnMethod[];
}

/** A text with what was not said filled in. */
export function completeText(
  given: Pick<ReadingText, 'id' | 'classId' | 'title' | 'body'> & Partial<ReadingText>,
): ReadingText {
  return {
    author: '',
    year: '',
    source: '',
    licence: '',
    language: 'en',
    kind: looksLikeVerse(given.body) ? 'poem' : 'prose',
    original: given.body,
    released: null,
    glosses: [],
    boxed: [],
    accepted: [],
    annotations: [],
    ...given,
  };
}

/** Words of a text that are settled: they stay past reach on purpose. */
export const settledWords = ({ glosses, boxed, accepted }: ReadingText): string[] => [
  ...glosses.map(({ word }) => word),
  ...boxed,
  ...accepted,
];

/** The sections that the class has got. */
export function releasedSections({
  body,
  released,
}: Pick<ReadingText, 'body' | 'released'>): Section[] {
  const sections = sectionsIn(body);
  return released === null ? sections : sections.slice(0, released);
}

/** The part of the body that the class has got. */
export function releasedBody(text: Pick<ReadingText, 'body' | 'released'>): string {
  const sections = releasedSections(text);
  return text.body.slice(0, sections[sections.length - 1]?.end ?? 0);
}

/** Author, year and source in one line, as it is printed under the title. */
export const creditOf = ({
  author,
  year,
  source,
  licence,
}: Pick<ReadingText, 'author' | 'year' | 'source' | 'licence'>) =>
  [author, year, source, licence].filter((part) => part !== '').join(' · ');
