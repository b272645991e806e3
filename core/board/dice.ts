/** Dice with own sides: what is thrown is what is said or done. */
import type { Random } from '../kernel/random';

/** A die has two sides or more; more than these can no longer be told apart. */
export const MOST_SIDES = 12;

/** What to do with a word, to begin with. */
export const usualPrompts = [
  'Say a sentence with it.',
  'Spell it aloud.',
  'Ask a question with it.',
  'Say what it means.',
  'Say a word that rhymes, or begins alike.',
  'Act it out.',
] as const;

/** Sides as they are written, one a line; empty and double ones are none. */
export const sidesOf = (text: string): string[] => [
  ...new Set(
    text
      .split('\n')
      .map((side) => side.trim())
      .filter((side) => side !== ''),
  ),
];

/**
 * A throw: a side of each die. The same side of the first never comes twice in a row where there is
 * another, so that nobody gets the word just done.
 *
 * @param last the side of the first die that was thrown before
 */
export function throwDice(
  dice: readonly (readonly string[])[],
  random: Random,
  last?: string,
): string[] {
  return dice.map((sides, at) => {
    const fresh = at === 0 && sides.length > 1 ? sides.filter((side) => side !== last) : sides;
    return random.shuffle(fresh)[0] ?? '';
  });
}
