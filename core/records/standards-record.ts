/** A set of standards that a teacher has read in: a district's, a school's, a course book's. */
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsInt,
  IsNotEmpty,
  IsOptional,
  IsString,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { MOST_STANDARDS, WORDING_LENGTH, type Standard } from '../standards/standard';
import { IsId } from './is-id';

export class StandardRecord implements Standard {
  @IsString()
  @IsNotEmpty()
  @MaxLength(80)
  set!: string;

  @IsString()
  @IsNotEmpty()
  @MaxLength(60)
  code!: string;

  @IsString()
  @MaxLength(20)
  grade!: string;

  @IsString()
  @MaxLength(120)
  strand!: string;

  @IsString()
  @IsNotEmpty()
  @MaxLength(WORDING_LENGTH)
  wording!: string;

  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(40)
  @MaxLength(120, { each: true })
  serves!: string[];

  @IsString()
  @MaxLength(300)
  source!: string;
}

export class StandardsRecord {
  @IsId()
  id!: string;

  @IsOptional()
  @IsInt()
  @Min(0)
  revision?: number;

  @IsString()
  @IsNotEmpty()
  @MaxLength(80, { message: 'The name of a set can have 80 letters at most.' })
  name!: string;

  @IsArray()
  @ArrayMaxSize(MOST_STANDARDS, { message: 'A set can have 10,000 standards at most.' })
  @ValidateNested({ each: true })
  @Type(() => StandardRecord)
  standards!: StandardRecord[];
}
