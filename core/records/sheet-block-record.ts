/** The blocks a teacher arranges on a sheet of her own. */
import 'reflect-metadata/lite';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { handIds, type HandName } from '../kernel/hand-names';
import type { ReadingLayout } from '../texts/reading-layout';
import type { Ruling } from '../paper/ruling';
import {
  blockKinds,
  blockSizes,
  type BlockKind,
  type BlockSize,
  type SheetBlock,
} from '../sheets/blocks/sheet-block';
import { ReadingLayoutRecord } from './reading-layout-record';

export class SheetBlockRecord implements SheetBlock {
  @IsString()
  @IsNotEmpty()
  id!: string;

  @IsIn(blockKinds)
  kind!: BlockKind;

  /** Of a heading, a text or a QR code; the lines of a can-do slip; the word a picture shows. */
  @IsOptional()
  @IsString()
  @MaxLength(4000, { message: 'A block can hold 4,000 letters at most.' })
  text?: string;

  /** The kept text that stands here, and how. */
  @IsOptional()
  @IsString()
  textId?: string;

  @IsOptional()
  @ValidateNested()
  @Type(() => ReadingLayoutRecord)
  reading?: ReadingLayout;

  /** The exercise of the lesson that stands here. */
  @IsOptional()
  @IsString()
  part?: string;

  /** Of a word box. */
  @IsOptional()
  @IsArray()
  @IsString({ each: true })
  @ArrayMaxSize(80, { message: 'A word box can hold 80 words at most.' })
  words?: string[];

  /** Pictures over the words of a word box. */
  @IsOptional()
  @IsBoolean()
  pictures?: boolean;

  /** A heading in outline, to colour in. */
  @IsOptional()
  @IsBoolean()
  decorative?: boolean;

  /** What a rule card is about, as `sound:EY`, `ending:ing` or `pattern:soft-c`. */
  @IsOptional()
  @Matches(/^(sound|ending|pattern|grammar):.+$/)
  topic?: string;

  /** Of a picture; of a rule card: small for a corner, large for the wall. */
  @IsOptional()
  @IsIn(blockSizes)
  size?: BlockSize;

  /** Lines of a ruled space. */
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(40, { message: 'A ruled space can have 40 lines at most.' })
  rows?: number;

  @IsOptional()
  @IsIn(handIds)
  hand?: HandName | null;

  @IsOptional()
  @IsObject()
  ruling?: Ruling;
}
