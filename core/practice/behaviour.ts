/** How an exercise behaves on a screen, and what it says at the end. */
import { phrasesOf, withNumbers } from './phrases';

/** When a learner is told what is right: when she checks, or never. */
export type Feedback = 'check' | 'none';

export interface Behaviour {
  /** When a learner is told what is right. */
  readonly feedback: Feedback;
  /** How often it can be checked before the answers can be seen. */
  readonly tries: number;
  /** The answers can be seen after the tries. */
  readonly answers: boolean;
}

export const usualBehaviour: Behaviour = { feedback: 'check', tries: 2, answers: true };

/** Shares of the marks from which the messages of a score hold, from the highest down. */
const shares = [1, 0.8, 0.5, 0];

/** “7 of 10 right.”, how many are still empty, and what it means. */
export function scoreSays(score: number, outOf: number, empty = 0, says = phrasesOf('en')): string {
  if (outOf === 0) return '';
  const band = says.bands[shares.findIndex((from) => score / outOf >= from)] ?? '';
  return [
    withNumbers(says.score, { n: score, of: outOf }),
    band,
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
