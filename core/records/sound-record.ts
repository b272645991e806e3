/** A recording or film of the teacher's own, with its cues, as it is kept beside a text. */
import 'reflect-metadata/lite';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsInt,
  IsNotEmpty,
  IsNumber,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { CUE_LENGTH, MOST_CUES, type SoundCue } from '../listening/sound-cues';
import { IsId } from './is-id';

/** Characters of a recording as a data URL: some 18 MB of sound or film. */
export const SOUND_SIZE = 25_000_000;
/** Seconds: what is longer is a film for another place. */
const LONGEST = 4 * 3600;

class CueRecord implements SoundCue {
  @IsString()
  @IsNotEmpty()
  @MaxLength(60)
  id!: string;

  @IsNumber()
  @Min(0)
  @Max(LONGEST)
  at!: number;

  @IsString()
  @MaxLength(CUE_LENGTH, { message: `What a cue says can have ${CUE_LENGTH} letters at most.` })
  label!: string;
}

export class SoundRecord {
  @IsId()
  id!: string;

  @IsOptional()
  @IsInt()
  @Min(0)
  revision?: number;

  @IsId()
  classId!: string;

  @IsId()
  textId!: string;

  @IsString()
  @IsNotEmpty({ message: 'Give the recording a name.' })
  @MaxLength(200)
  name!: string;

  @IsNumber()
  @Min(0)
  @Max(LONGEST)
  seconds!: number;

  /** Sound or film as a data URL. */
  @IsString()
  @MaxLength(SOUND_SIZE, { message: 'This recording is too large. Make it shorter or smaller.' })
  @Matches(/^data:(audio|video)\/[\w.+-]+(;[^,;]+)*;base64,[A-Za-z0-9+/=]+$/, {
    message: 'This is neither sound nor film.',
  })
  data!: string;

  @IsArray()
  @ArrayMaxSize(MOST_CUES, { message: `A recording can have ${MOST_CUES} cues at most.` })
  @ValidateNested({ each: true })
  @Type(() => CueRecord)
  cues!: SoundCue[];
}
