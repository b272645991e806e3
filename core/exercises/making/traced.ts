/** What is traced in a school hand: the inks of a row, and what is said of them. */
import type { HandName, Ink } from '../../paper/hands';

/**
 * The inks of a row: trace, trace, then write alone. Where the letters of a hand have no starting
 * dots and arrows, a word to look at stands first.
 */
export const tracedInks = (hand: HandName): readonly Ink[] => [
  hand === 'print' ? 'arrows' : 'solid',
  'dots',
  'grey',
  'blank',
];

/** What the learner does, by what is printed: a dot is named only where there is one. */
export const tracedInstruction = (hand: HandName, inks: readonly Ink[], what: string): string =>
  hand === 'print' && inks.includes('arrows')
    ? 'Trace the letters. Begin at the dot. Then write on your own.'
    : `Look at the ${what}. Trace it. Then write it on your own.`;
