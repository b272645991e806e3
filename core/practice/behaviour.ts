/** What an exercise says at its end, and the signs that it offers. */
import type { Behaviour } from '../kernel/behaviour';
import { phrasesOf, withNumbers } from './phrases';

/** Shares of the marks from which the messages of a score hold, from the highest down. */
const shares = [1, 0.8, 0.5, 0];

/** “7 of 10 right.”, how many are still empty, and what it means, in the teacher’s words where she has some. */
export function scoreSays(
  score: number,
  outOf: number,
  empty = 0,
  says = phrasesOf('en'),
  { pass = 0, messages = [] }: Partial<Pick<Behaviour, 'pass' | 'messages'>> = {},
): string {
  if (outOf === 0) return '';
  const at = shares.findIndex((from) => score / outOf >= from);
  const needed = Math.ceil((pass / 100) * outOf);
  return [
    withNumbers(says.score, { n: score, of: outOf }),
    messages[at] || (says.bands[at] ?? ''),
    ...(pass === 0
      ? []
      : [score >= needed ? says.passed : withNumbers(says.toPass, { n: needed, of: outOf })]),
    ...(empty > 0 ? [withNumbers(says.empty, { n: empty })] : []),
  ].join(' ');
}

/** Signs beyond plain letters that a language writes with, for a keyboard that has them not. */
const signs: Readonly<Record<string, string>> = {
  de: 'äöüß',
  es: 'áéíñóúü¿¡',
  fr: 'àâçéèêëîïôùûœ',
  it: 'àèéìòù',
  la: 'āēīōū',
  pl: 'ąćęłńóśźż',
  pt: 'ãáàâçéêíóôõú',
};

export const signsOf = (language: string): readonly string[] => [...(signs[language] ?? '')];
