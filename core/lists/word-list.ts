/** A word list: the words a teacher keeps for a class, in her order, with what she writes beside them. */
import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNotEmpty,
  IsOptional,
  IsString,
  MaxLength,
  ValidateNested,
} from 'class-validator';

export const LIST_LIMIT = 500;

/** What stands beside a word; everything but the word may be missing. */
export class WordDetail {
  @IsString()
  @IsNotEmpty()
  @MaxLength(80)
  word!: string;

  @IsOptional()
  @IsString()
  @MaxLength(600, { message: 'A meaning can have 600 letters at most.' })
  definition?: string;

  @IsOptional()
  @IsString()
  @MaxLength(300, { message: 'A translation can have 300 letters at most.' })
  translation?: string;

  @IsOptional()
  @IsString()
  @MaxLength(600, { message: 'A note can have 600 letters at most.' })
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

export const listGroupings = ['none', 'spelling', 'pattern', 'syllables', 'reach'] as const;
export type ListGrouping = (typeof listGroupings)[number];

export class WordList {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsString()
  @IsNotEmpty()
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
  @Type(() => WordDetail)
  details!: WordDetail[];

  @IsIn(listGroupings)
  groupBy!: ListGrouping;
}

type NewList = Pick<WordList, 'id' | 'classId' | 'name'> & Partial<WordList>;

/** A list with everything that is not given left empty. */
export function completeList(list: NewList): WordList {
  return { words: [], details: [], groupBy: 'none', ...list };
}

export const sameWord = (left: string, right: string) =>
  left.toLowerCase().replaceAll('’', "'") === right.toLowerCase().replaceAll('’', "'");

/** The list with a word at its end; the same list where it is there already, in any capitals. */
export function withWord(list: WordList, word: string): WordList {
  const present = list.words.some((each) => sameWord(each, word));
  return present ? list : { ...list, words: [...list.words, word] };
}

/** The list without a word, and without what stood beside it. */
export function withoutWord(list: WordList, word: string): WordList {
  return {
    ...list,
    words: list.words.filter((each) => !sameWord(each, word)),
    details: list.details.filter((detail) => !sameWord(detail.word, word)),
  };
}

/** The list with the word at `from` moved to `to`. */
export function withMoved(list: WordList, from: number, to: number): WordList {
  const words = [...list.words];
  const [moved] = words.splice(from, 1);
  if (moved === undefined) return list;
  words.splice(Math.max(0, Math.min(to, words.length)), 0, moved);
  return { ...list, words };
}

/** What stands beside a word; only the word itself where nothing does. */
export function detailOf(list: Pick<WordList, 'details'>, word: string): WordDetail {
  return list.details.find((detail) => sameWord(detail.word, word)) ?? { word };
}

/** The list with fields beside a word set; an empty text or `false` takes a field away. */
export function withDetail(list: WordList, word: string, fields: Partial<WordDetail>): WordList {
  const merged = { ...detailOf(list, word), ...fields, word };
  const kept = Object.entries(merged).filter(
    ([, value]) => value !== undefined && value !== '' && value !== false,
  );
  const others = list.details.filter((detail) => !sameWord(detail.word, word));
  const detail = Object.fromEntries(kept) as unknown as WordDetail;
  return { ...list, details: kept.length > 1 ? [...others, detail] : others };
}
