/** The numbers of an exercise with how each is read: the teacher's own, or made up. */
import type { NumberKindName } from '../../languages/language-pack';
import type { GrammarInput } from './grammar-maker';
import { MIXED, sampled } from './number-samples';
import { read, sentences } from './parameters';

export interface ReadNumber {
  readonly text: string;
  readonly kind: NumberKindName;
  /** Every accepted reading, the preferred first. */
  readonly readings: readonly string[];
  readonly rule: string;
}

/** Numbers in the order they are given, or mixed; what cannot be read is named in the notes. */
export function readNumbers(
  { parameters, random, target, forms, pack }: GrammarInput,
  wanted: number,
): { readonly numbers: readonly ReadNumber[]; readonly notes: readonly string[] } {
  const own = read({ sentences: sentences() }, parameters).sentences ?? [];
  const variety = forms.spelling ?? 'uk';
  const reader = pack.numbers;
  if (reader === undefined) return { numbers: [], notes: [] };
  const notes: string[] = [];
  const known = reader.kinds?.some((kind) => kind === target) ?? true;
  if (!known && target !== MIXED && own.length === 0) {
    notes.push(
      `${target.charAt(0).toUpperCase()}${target.slice(1)} are not read aloud in ${pack.name} here: other kinds of numbers were taken.`,
    );
  }
  const given = own.length > 0 ? own : sampled(reader, target, wanted, random, variety);
  const numbers = given.flatMap((text): ReadNumber[] => {
    try {
      return [{ text, ...reader.read(text, variety) }];
    } catch (error) {
      notes.push((error as Error).message);
      return [];
    }
  });
  return { numbers: target === MIXED ? random.shuffle(numbers) : numbers, notes };
}
