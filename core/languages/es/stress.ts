/** Where a Spanish word is stressed: the rules of the accent, Ortografía of the Academies (2010), from memory. */
import type { WrittenStress } from '../word-spelling';

export const spanishStressNames = ['aguda', 'llana', 'esdrújula'] as const;

const ACCENT = /[áéíóú]/;

export function spanishStress(syllables: readonly string[]): WrittenStress | undefined {
  const count = syllables.length;
  const last = syllables.at(-1) ?? '';
  if (count < 2) return undefined;
  const marked = syllables.findIndex((each) => ACCENT.test(each));
  const ends = /[aeiouáéíóúns]$/.test(last);
  if (marked < 0) {
    return ends
      ? { fromEnd: 1, why: 'No accent is written and it ends in a vowel, n or s: llana.' }
      : { fromEnd: 0, why: 'No accent is written and it ends in a consonant but n and s: aguda.' };
  }
  const fromEnd = count - 1 - marked;
  const [vowel = ''] = ACCENT.exec(syllables[marked] ?? '') ?? [];
  const name = spanishStressNames[fromEnd];
  if (name === undefined) return undefined;
  return { fromEnd, why: `The accent on ${vowel} shows the stressed syllable: ${name}.` };
}
