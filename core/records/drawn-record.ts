/** What was drawn at the board and is kept with its lesson. */
import 'reflect-metadata/lite';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsNotEmpty,
  IsNumber,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import {
  MOST_POINTS,
  MOST_STROKES,
  stampSigns,
  strokeTools,
  type Area,
  type Drawn,
  type Stamp,
  type StampSign,
  type Stroke,
  type StrokeTool,
} from '../board/drawn';

/** Places of a lesson over which something is kept. */
export const MOST_DRAWN = 60;

const stampNames = Object.keys(stampSigns);

const Id = () => MaxLength(60);
const Part = () => (target: object, name: string) => {
  IsNumber()(target, name);
  Min(0)(target, name);
  Max(1000)(target, name);
};

class StrokeRecord implements Stroke {
  @IsIn(strokeTools)
  tool!: StrokeTool;

  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(2 * MOST_POINTS)
  @IsNumber({}, { each: true })
  @Min(0, { each: true })
  @Max(1000, { each: true })
  points!: number[];
}

class StampRecord implements Stamp {
  @IsString()
  @Id()
  id!: string;

  @IsIn(stampNames)
  sign!: StampSign;

  @Part()
  x!: number;

  @Part()
  y!: number;
}

class AreaRecord implements Area {
  @IsString()
  @Id()
  id!: string;

  @Part()
  x!: number;

  @Part()
  y!: number;

  @Part()
  width!: number;

  @Part()
  height!: number;
}

export class DrawnRecord implements Drawn {
  /** The place: the part, how it is shown, and which item. */
  @IsString()
  @IsNotEmpty()
  @MaxLength(120)
  id!: string;

  @IsArray()
  @ArrayMaxSize(MOST_STROKES, {
    message: `One place of the board holds ${MOST_STROKES} strokes at most. Rub some out.`,
  })
  @ValidateNested({ each: true })
  @Type(() => StrokeRecord)
  strokes!: StrokeRecord[];

  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => StampRecord)
  stamps!: StampRecord[];

  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => AreaRecord)
  covers!: AreaRecord[];
}
