/** A file that was given home: what was chosen for it, so that it can be made again. */
import 'reflect-metadata/lite';
import { ArrayMaxSize, IsArray, IsBoolean, IsOptional, IsString, MaxLength } from 'class-validator';

import { MOST_BOARDS } from './piece-board-record';

export class TakeHomeRecord {
  @IsString()
  @MaxLength(60)
  id!: string;

  /** The ISO 8601 day on which it was saved. */
  @IsString()
  @MaxLength(10)
  day!: string;

  /** Ids of the exercises in it. */
  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(200)
  parts!: string[];

  /** Ids of the boards of loose pieces in it. */
  @IsOptional()
  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(MOST_BOARDS)
  boards?: string[];

  /** It marks itself; or it is a test, and no answer is in it. */
  @IsBoolean()
  marks!: boolean;

  @IsBoolean()
  returned!: boolean;

  /** The names of the class can be chosen from. */
  @IsBoolean()
  names!: boolean;

  /** Cards can be heard: each word is a sound in the file. */
  @IsBoolean()
  heard!: boolean;

  /** The recordings of the texts that are asked about are in it. */
  @IsOptional()
  @IsBoolean()
  recordings?: boolean;

  /** The language of buttons and messages. */
  @IsString()
  @MaxLength(35)
  speaks!: string;
}

/** Files of one lesson that are remembered; the oldest go first. */
export const MOST_TAKE_HOMES = 40;
