/** How a text stands on paper. */
import 'reflect-metadata/lite';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsOptional } from 'class-validator';
import { glossPlaces, lineNumberings, litNames, type ReadingLayout } from '../texts/reading-layout';

export class ReadingLayoutRecord implements ReadingLayout {
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

  /** Forms lit with a line under each, the first ones most plainly. */
  @IsOptional()
  @IsArray({ message: 'The forms to light are a list of names.' })
  @ArrayMaxSize(4, { message: 'Four forms can be told apart on paper. Take one away first.' })
  @IsIn(litNames, {
    each: true,
    message: 'One of the forms to light is not known. Choose from the list.',
  })
  readonly grammar?: readonly string[];

  /** The text as it came in, in place of the fitted one. */
  @IsOptional()
  @IsBoolean()
  readonly original?: boolean;
}
