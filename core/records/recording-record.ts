/** What a learner said to an item of a lesson, as it is kept at the desk. */
import {
  IsInt,
  IsNotEmpty,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateBy,
} from 'class-validator';
import { isSound, LONGEST_RECORDING, MOST_SOUND } from '../practice/recording';
import { IsId } from './is-id';

const IsSound = () =>
  ValidateBy({
    name: 'isSound',
    validator: {
      validate: (value) => typeof value === 'string' && isSound(value),
      defaultMessage: () => 'This recording is no sound that can be played.',
    },
  });

export class RecordingRecord {
  @IsId()
  id!: string;

  @IsOptional()
  @IsInt()
  @Min(0)
  revision?: number;

  @IsId()
  classId!: string;

  @IsId()
  lessonId!: string;

  @IsString()
  @IsNotEmpty()
  @MaxLength(200)
  learner!: string;

  @IsString()
  @IsNotEmpty()
  @MaxLength(200)
  exercise!: string;

  @IsString()
  @IsNotEmpty()
  @MaxLength(200)
  item!: string;

  @IsNumber()
  @Min(0)
  @Max(LONGEST_RECORDING)
  seconds!: number;

  @IsString()
  @MaxLength(MOST_SOUND)
  @IsSound()
  sound!: string;
}
