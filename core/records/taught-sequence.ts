/** A sequence that a teacher has made her own: validated like everything that is kept. */
import 'reflect-metadata/lite';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsString,
  Matches,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import {
  wordShapes,
  type Sequence,
  type SequenceStep,
  type WordShape,
} from '../languages/en/sounds/sequence';

export const MOST_STEPS = 200;

export class TaughtStep implements SequenceStep {
  @IsInt()
  @Min(1)
  number!: number;

  @IsString()
  @IsNotEmpty({ message: 'Give every step a title.' })
  @MaxLength(120, { message: 'The title of a step can have 120 letters at most.' })
  title!: string;

  @IsArray()
  @ArrayMaxSize(100)
  @Matches(/^[a-zé_']+\|[A-Z ]*$/, {
    each: true,
    message: 'A spelling and its sound are written like ai=EY.',
  })
  teaches!: string[];

  @IsArray()
  @IsIn(wordShapes, { each: true })
  shapes!: WordShape[];

  /** Words taught by sight; the unexpected letters may be marked: s(ai)d. */
  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(200)
  @MaxLength(40, { each: true, message: 'A word can have 40 letters at most.' })
  sightWords!: string[];
}

export class TaughtSequence implements Sequence {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsString()
  @IsNotEmpty({ message: 'Give the sequence a name.' })
  @MaxLength(80, { message: 'The name of a sequence can have 80 letters at most.' })
  name!: string;

  @IsArray()
  @ArrayMinSize(1, { message: 'A sequence needs one step at least.' })
  @ArrayMaxSize(MOST_STEPS, { message: `A sequence can have ${MOST_STEPS} steps at most.` })
  @ValidateNested({ each: true })
  @Type(() => TaughtStep)
  steps!: TaughtStep[];
}
