/** How exercises behave on a screen, as it is kept. What is not given is as usual. */
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import {
  BANDS,
  feedbacks,
  hintTimes,
  MESSAGE_LENGTH,
  rounds,
  type Again,
  type Behaviour,
  type Feedback,
  type HintTime,
} from '../kernel/behaviour';

export class BehaviourRecord implements Partial<Behaviour> {
  @IsOptional()
  @IsIn(feedbacks, { message: 'Choose from the list when answers are marked.' })
  feedback?: Feedback;

  @IsOptional()
  @IsIn(hintTimes, { message: 'Choose from the list when hints are given.' })
  hints?: HintTime;

  @IsOptional()
  @IsInt({ message: 'Tries must be a whole number.' })
  @Min(1, { message: 'Choose from 1 to 9 tries.' })
  @Max(9, { message: 'Choose from 1 to 9 tries.' })
  tries?: number;

  @IsOptional()
  @IsBoolean()
  answers?: boolean;

  @IsOptional()
  @IsBoolean()
  shuffle?: boolean;

  @IsOptional()
  @IsBoolean()
  oneByOne?: boolean;

  @IsOptional()
  @IsInt({ message: 'A pass must be a whole number of percent.' })
  @Min(0, { message: 'Choose a pass from 0 to 100 percent.' })
  @Max(100, { message: 'Choose a pass from 0 to 100 percent.' })
  pass?: number;

  @IsOptional()
  @IsBoolean()
  clock?: boolean;

  @IsOptional()
  @IsBoolean()
  sound?: boolean;

  @IsOptional()
  @IsIn(rounds, { message: 'Choose from the list what follows a wrong answer.' })
  again?: Again;

  @IsOptional()
  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(BANDS)
  @MaxLength(MESSAGE_LENGTH, {
    each: true,
    message: `A message can have ${MESSAGE_LENGTH} letters at most.`,
  })
  messages?: string[];
}
