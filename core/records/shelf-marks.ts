/** What the teacher marks a thing with on her shelf. */
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsOptional,
  IsString,
  MaxLength,
} from 'class-validator';

import { MOST_CHANGES, type Rights } from '../kernel/licence';

/** Letters that fit, as in a text. */
export const RIGHTS_LENGTH = { author: 120, licence: 120, source: 300 } as const;

export const TAG_LENGTH = 40;

export class ShelfMarks {
  @IsOptional()
  @IsBoolean()
  starred?: boolean;

  /** Her folders: a thing can be in several. */
  @IsOptional()
  @IsArray()
  @IsString({ each: true })
  @ArrayUnique()
  @ArrayMaxSize(20, { message: 'A thing can be in 20 folders at most.' })
  @MaxLength(TAG_LENGTH, {
    each: true,
    message: `A folder’s name can have ${TAG_LENGTH} letters at most.`,
  })
  tags?: string[];

  /** Put away on this ISO 8601 day: it is shown no more, and can be had back for 30 days. */
  @IsOptional()
  @IsString()
  @MaxLength(10)
  putAway?: string;

  /** What was changed since it was made, the oldest first; it goes along with every copy. */
  @IsOptional()
  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(MOST_CHANGES)
  @MaxLength(300, { each: true })
  changes?: string[];
}

/** Who made it and what others may do with it, where it does not say so in fields of its own. */
export class SharedThing extends ShelfMarks implements Rights {
  @IsOptional()
  @IsString()
  @MaxLength(RIGHTS_LENGTH.author, { message: 'An author can have 120 letters at most.' })
  author?: string;

  @IsOptional()
  @IsString()
  @MaxLength(RIGHTS_LENGTH.licence, { message: 'A licence can have 120 letters at most.' })
  licence?: string;

  @IsOptional()
  @IsString()
  @MaxLength(RIGHTS_LENGTH.source, { message: 'A source can have 300 letters at most.' })
  source?: string;
}
