/** A board of loose pieces as it is kept with its lesson. */
import 'reflect-metadata/lite';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNotEmpty,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import {
  BOARD,
  MOST_PIECES,
  pieceKinds,
  shapes,
  type Join,
  type Piece,
  type PieceBoard,
  type PieceKind,
  type Place,
  type Shape,
} from '../pieces/piece-board';

/** Boards that are kept with one lesson. */
export const MOST_BOARDS = 30;
/** Letters on a piece. */
export const PIECE_LENGTH = 120;

const shapeNames = Object.keys(shapes);

class WhatItIs {
  @IsString()
  @IsNotEmpty()
  @MaxLength(60)
  id!: string;

  @IsIn(pieceKinds)
  kind!: PieceKind;

  @IsString()
  @MaxLength(PIECE_LENGTH, { message: `A piece can have ${PIECE_LENGTH} letters at most.` })
  text!: string;

  @IsOptional()
  @IsString()
  @MaxLength(200)
  picture?: string;

  @IsOptional()
  @IsIn(shapeNames)
  shape?: Shape;
}

export class PieceRecord extends WhatItIs implements Piece {
  @IsNumber()
  @Min(0)
  @Max(BOARD.width)
  x!: number;

  @IsNumber()
  @Min(0)
  @Max(BOARD.height)
  y!: number;

  @IsNumber()
  @Min(1)
  @Max(BOARD.width)
  width!: number;

  @IsNumber()
  @Min(1)
  @Max(BOARD.width)
  height!: number;

  @IsNumber()
  @Min(0)
  @Max(360)
  turn!: number;

  @IsOptional()
  @IsString()
  @MaxLength(60)
  group?: string;

  @IsOptional()
  @IsBoolean()
  fixed?: boolean;
}

export class PlaceRecord implements Place {
  @IsString()
  @IsNotEmpty()
  @MaxLength(60)
  id!: string;

  @IsString()
  @MaxLength(PIECE_LENGTH)
  label!: string;

  @IsNumber()
  x!: number;

  @IsNumber()
  y!: number;

  @IsNumber()
  width!: number;

  @IsNumber()
  height!: number;
}

export class JoinRecord implements Join {
  @IsString()
  @MaxLength(60)
  from!: string;

  @IsString()
  @MaxLength(60)
  to!: string;
}

export class PieceBoardRecord implements PieceBoard {
  @IsString()
  @IsNotEmpty()
  @MaxLength(60)
  id!: string;

  @IsString()
  @IsNotEmpty({ message: 'Give the board a name.' })
  @MaxLength(120, { message: 'The name of a board can have 120 letters at most.' })
  name!: string;

  @IsOptional()
  @IsString()
  @MaxLength(60)
  part?: string;

  @IsArray()
  @ArrayMaxSize(40)
  @ValidateNested({ each: true })
  @Type(() => PlaceRecord)
  places!: PlaceRecord[];

  @IsArray()
  @ArrayMaxSize(MOST_PIECES, { message: `A board can have ${MOST_PIECES} pieces at most.` })
  @ValidateNested({ each: true })
  @Type(() => PieceRecord)
  pieces!: PieceRecord[];

  @IsArray()
  @ArrayMaxSize(MOST_PIECES * 2)
  @ValidateNested({ each: true })
  @Type(() => JoinRecord)
  joins!: JoinRecord[];
}
