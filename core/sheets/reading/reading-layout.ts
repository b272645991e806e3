/** How a text stands on paper. */
import 'reflect-metadata';
import { IsBoolean, IsIn, IsOptional } from 'class-validator';

export const lineNumberings = {
  none: 'no numbers',
  fives: 'every fifth line',
  all: 'every line',
} as const;
export const glossPlaces = {
  none: 'not printed',
  margin: 'in the margin',
  foot: 'at the foot',
} as const;

export class ReadingLayout {
  @IsOptional()
  @IsIn(Object.keys(lineNumberings))
  readonly numbers?: keyof typeof lineNumberings;

  /** A wide margin for notes. */
  @IsOptional()
  @IsBoolean()
  readonly margin?: boolean;

  @IsOptional()
  @IsBoolean()
  readonly doubleSpaced?: boolean;

  @IsOptional()
  @IsIn(Object.keys(glossPlaces))
  readonly glosses?: keyof typeof glossPlaces;

  /** The text's word box before it. */
  @IsOptional()
  @IsBoolean()
  readonly wordBox?: boolean;

  /** What is marked, lined under, with its method in the margin. */
  @IsOptional()
  @IsBoolean()
  readonly marks?: boolean;

  /** The questions that were written to stretches, beside the lines they ask about. */
  @IsOptional()
  @IsBoolean()
  readonly questions?: boolean;

  /** The text as it came in, in place of the fitted one. */
  @IsOptional()
  @IsBoolean()
  readonly original?: boolean;
}
