/** A vane that turns and comes to rest at a word: say it. */
import type { Random } from '../kernel/random';

/** More words than these are too narrow to be read around a vane. */
export const MOST_AROUND = 12;
const FEWEST_TURNS = 3;

export interface Spun {
  /** The word it points at. */
  readonly at: number;
  /** Degrees the vane has turned in all since it stood upright; it never turns back. */
  readonly turned: number;
}

/**
 * The next rest of the vane. It never rests twice in a row at one word where there is another.
 *
 * @param count words around it, at equal distances, the first at the top
 */
export function spin(count: number, random: Random, before?: Spun): Spun {
  const others = Array.from({ length: count }, (_, at) => at).filter(
    (at) => count === 1 || at !== before?.at,
  );
  const at = random.shuffle(others)[0] ?? 0;
  const from = before?.turned ?? 0;
  const turns = Math.floor(from / 360) + FEWEST_TURNS + Math.floor(random.next() * 2);
  return { at, turned: turns * 360 + (at * 360) / Math.max(1, count) };
}
