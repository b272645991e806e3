/** Where a Portuguese word is stressed: the rules of the Acordo Ortográfico (1990), from memory. */
import type { WrittenStress } from '../word-spelling';

export const portugueseStressNames = ['oxítona', 'paroxítona', 'proparoxítona'] as const;

const ACCENT = /[áéíóúâêô]/;
const TILDE = /[ãõ]/;

export function portugueseStress(syllables: readonly string[]): WrittenStress | undefined {
  const count = syllables.length;
  const last = syllables.at(-1) ?? '';
  if (count < 2) return undefined;
  const accented = syllables.findIndex((each) => ACCENT.test(each));
  const marked = accented >= 0 ? accented : syllables.findIndex((each) => TILDE.test(each));
  if (marked >= 0) {
    const fromEnd = count - 1 - marked;
    const name = portugueseStressNames[fromEnd];
    const sign = accented >= 0 ? 'accent' : 'til';
    if (name === undefined) return undefined;
    return { fromEnd, why: `The ${sign} shows the stressed syllable: ${name}.` };
  }
  return /(?:[aeo]s?|[ae]m|ens)$/.test(last)
    ? { fromEnd: 1, why: 'No accent is written and it ends in a, e, o, am or em: paroxítona.' }
    : {
        fromEnd: 0,
        why: 'No accent is written and it ends in i, u or a consonant: oxítona.',
      };
}
