/** A lesson's plan as it is kept. Everything in it may be missing. */
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsIn,
  IsNotEmpty,
  IsOptional,
  IsString,
  Matches,
  MaxLength,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import {
  helpIds,
  reasonIds,
  type Help,
  type Plan,
  type Reason,
  type TargetLearner,
} from '../plan/plan';

/** Letters of a field of a plan. */
export const PLAN_LENGTH = 2000;
const tooLong = { message: 'A field of a plan can have 2,000 letters at most.' };

export class TargetLearnerRecord implements TargetLearner {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsString()
  @MaxLength(60, { message: 'A name can have 60 letters at most.' })
  name!: string;

  @IsString()
  @MaxLength(PLAN_LENGTH, tooLong)
  need!: string;

  @IsArray()
  @IsIn(helpIds, { each: true })
  @ArrayUnique()
  help!: Help[];

  @IsString()
  @MaxLength(PLAN_LENGTH, tooLong)
  also!: string;
}

export class PlanRecord implements Plan {
  @IsOptional()
  @IsArray()
  @IsString({ each: true })
  @MaxLength(200, { each: true })
  @ArrayMaxSize(40, { message: 'A lesson can name 40 standards at most.' })
  standards?: string[];

  @IsOptional()
  @ValidateIf(({ date }: PlanRecord) => date !== '')
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'Choose a day.' })
  date?: string;

  @IsOptional()
  @ValidateIf(({ time }: PlanRecord) => time !== '')
  @Matches(/^\d{1,2}:\d{2}$/, { message: 'Write the time as 9:15.' })
  time?: string;

  @IsOptional()
  @IsString()
  @MaxLength(PLAN_LENGTH, tooLong)
  background?: string;

  @IsOptional()
  @IsString()
  @MaxLength(PLAN_LENGTH, tooLong)
  materials?: string;

  @IsOptional()
  @IsArray()
  @ArrayMaxSize(12, { message: 'A lesson can look to 12 learners at most.' })
  @ValidateNested({ each: true })
  @Type(() => TargetLearnerRecord)
  targets?: TargetLearnerRecord[];

  @IsOptional()
  @IsArray()
  @IsIn(reasonIds, { each: true })
  reasons?: Reason[];

  @IsOptional()
  @IsString()
  @MaxLength(PLAN_LENGTH, tooLong)
  rationale?: string;
}
