/** A course of another language that a teacher has written: its units in their order. */
import 'reflect-metadata/lite';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsNotEmpty,
  IsOptional,
  IsString,
  MaxLength,
  ValidateNested,
} from 'class-validator';
import { COURSE_LIMITS, type Course, type CourseUnit } from '../languages/concepts/course';

export class CourseUnitRecord implements CourseUnit {
  @IsString()
  @IsNotEmpty({ message: 'Give each unit a name.' })
  @MaxLength(80, { message: 'The name of a unit can have 80 letters at most.' })
  name!: string;

  @IsArray()
  @ArrayMaxSize(COURSE_LIMITS.words)
  @IsString({ each: true })
  @MaxLength(80, { each: true, message: 'A word of a course can have 80 letters at most.' })
  words!: string[];

  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  @MaxLength(40, { each: true })
  forms!: string[];

  @IsOptional()
  @IsString()
  @MaxLength(4)
  cefr?: string;
}

export class CourseRecord implements Course {
  @IsString()
  @MaxLength(80)
  name!: string;

  @IsArray()
  @ArrayMinSize(1, { message: 'A course needs a unit.' })
  @ArrayMaxSize(COURSE_LIMITS.units)
  @ValidateNested({ each: true })
  @Type(() => CourseUnitRecord)
  units!: CourseUnitRecord[];
}
