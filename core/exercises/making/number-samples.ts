/** Numbers of a kind that are made up for an exercise, none twice. */
import type { Random } from '../../kernel/random';
import type { Spelling } from '../../kernel/spelling';
import {
  numberKindNames,
  type NumberKindName,
  type NumberReader,
} from '../../languages/language-pack';

export const MIXED = 'all kinds';

/** Most times a number is made up anew before a kind has nothing else to give. */
const MOST_TRIES = 8;

export const kindsOf = (target: string): readonly NumberKindName[] =>
  target === MIXED ? numberKindNames : [target as NumberKindName];

/** So many numbers, the kinds in turn. */
export function sampled(
  numbers: NumberReader,
  target: string,
  wanted: number,
  random: Random,
  variety: Spelling,
): string[] {
  const kinds = kindsOf(target);
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
