/** What a teacher marks in a text: a stretch with a method, a theme, a note, a question with its model answer. */
import 'reflect-metadata/lite';
import { IsIn, IsInt, IsNotEmpty, IsOptional, IsString, MaxLength, Min } from 'class-validator';
import { methodFamilies, type MethodFamily } from '../texts/marks/method';
import {
  markKinds,
  type Annotation,
  type MarkKind,
  type OwnMethod,
} from '../texts/marks/annotation';

export class AnnotationRecord implements Annotation {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsInt()
  @Min(0)
  start!: number;

  @IsInt()
  @Min(1)
  end!: number;

  @IsIn(Object.keys(markKinds))
  kind!: MarkKind;

  /** The id of a method; the name of a theme. */
  @IsOptional()
  @IsString()
  @MaxLength(120, { message: 'A theme can have 120 letters at most.' })
  about?: string;

  /** A note, or the question that is asked. */
  @IsOptional()
  @IsString()
  @MaxLength(2000, { message: 'A note can have 2,000 letters at most.' })
  text?: string;

  /** What it makes the reader see, feel or think. */
  @IsOptional()
  @IsString()
  @MaxLength(2000, { message: 'An effect can have 2,000 letters at most.' })
  effect?: string;

  /** Why the writer might do so. */
  @IsOptional()
  @IsString()
  @MaxLength(2000, { message: 'A reason can have 2,000 letters at most.' })
  why?: string;

  /** What a good answer says. */
  @IsOptional()
  @IsString()
  @MaxLength(2000, { message: 'A model answer can have 2,000 letters at most.' })
  answer?: string;
}

/** A method of the teacher's own. */
export class OwnMethodRecord implements OwnMethod {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsString()
  @IsNotEmpty({ message: 'Give the method a name.' })
  @MaxLength(60, { message: 'A name can have 60 letters at most.' })
  name!: string;

  @IsIn(Object.keys(methodFamilies))
  family!: MethodFamily;

  @IsString()
  @IsNotEmpty({ message: 'Say in a few words what the method is.' })
  @MaxLength(300, { message: 'A definition can have 300 letters at most.' })
  definition!: string;

  @IsString()
  @MaxLength(300)
  example!: string;
}
