import { Random } from '../kernel/random';

/**
 * Everybody with a partner; of an odd number the last three are together. The
 * same seed gives the same pairs.
 */
export function pairsOf<Who>(all: readonly Who[], seed: number): Who[][] {
  const mixed = new Random(seed).shuffle(all);
  if (mixed.length < 2) return [];
  const pairs: Who[][] = [];
  for (let at = 0; at + 1 < mixed.length; at += 2) pairs.push(mixed.slice(at, at + 2));
  if (mixed.length % 2 === 1) pairs[pairs.length - 1]?.push(mixed[mixed.length - 1] as Who);
  return pairs;
}
