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
}
