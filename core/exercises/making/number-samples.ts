/** Numbers of a kind that are made up for an exercise, none twice. */
import type { Random } from '../../kernel/random';
import type { Spelling } from '../../kernel/spelling';
import { numberKindNames, type NumberReader } from '../../languages/language-pack';

export const MIXED = 'all kinds';

/** Most times a number is made up anew before a kind has nothing else to give. */
const MOST_TRIES = 8;

/** The kinds of numbers that are asked for; of a language that has not the kind, all that it has. */
export function kindsOf(target: string, { kinds = numberKindNames }: NumberReader) {
  const asked = kinds.filter((kind) => kind === target);
  return asked.length > 0 ? asked : kinds;
}

/** So many numbers, the kinds in turn. */
export function sampled(
  numbers: NumberReader,
  target: string,
  wanted: number,
  random: Random,
  variety: Spelling,
): string[] {
  const kinds = kindsOf(target, numbers);
  const taken = new Set<string>();
  return Array.from({ length: wanted }, (_, at) => kinds[at % kinds.length]).flatMap((kind) => {
    for (let tries = 0; kind !== undefined && tries < MOST_TRIES; tries += 1) {
      const sample = numbers.sample(kind, random, variety);
      if (taken.has(sample)) continue;
      taken.add(sample);
      return [sample];
    }
    return [];
  });
}
