/** Who is asked: fairly, each once before anybody comes again, or plainly, anybody each time. */
import type { Random } from '../kernel/random';

export interface Picked {
  readonly name: string;
  /** Those who have had their turn since the round began, the latest last. */
  readonly had: readonly string[];
}

/** Somebody of `names`; undefined where there is nobody. Nobody comes twice in a row while there are two. */
export function pick(
  names: readonly string[],
  had: readonly string[],
  random: Random,
  fair: boolean,
): Picked | undefined {
  const left = fair ? names.filter((name) => !had.includes(name)) : names;
  // A new round begins when all have had their turn.
  const round = left.length > 0 ? left : names;
  const last = had.at(-1);
  const others = round.length > 1 ? round.filter((name) => name !== last) : round;
  const name = others[Math.floor(random.next() * others.length)];
  if (name === undefined) return undefined;
  return { name, had: left.length > 0 && fair ? [...had, name] : [name] };
}
