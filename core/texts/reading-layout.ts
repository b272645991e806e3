/** How a text stands on paper. */
import { featureNames } from '../languages/en/grammar/structures/feature-names';
import { structureNames } from '../languages/en/grammar/structures/structure-table';

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

/** Word classes and structures that can be lit in a text. */
export const litNames: readonly string[] = [...featureNames, ...structureNames];

export interface ReadingLayout {
  readonly numbers?: keyof typeof lineNumberings;
  /** A wide margin for notes. */
  readonly margin?: boolean;
  readonly doubleSpaced?: boolean;
  readonly glosses?: keyof typeof glossPlaces;
  /** The text's word box before it. */
  readonly wordBox?: boolean;
  /** What is marked, lined under, with its method in the margin. */
  readonly marks?: boolean;
  /** The questions that were written to stretches, beside the lines they ask about. */
  readonly questions?: boolean;
  /** Forms lit with a line under each, the first ones most plainly. */
  readonly grammar?: readonly string[];
  /** The text as it came in, in place of the fitted one. */
  readonly original?: boolean;
}
