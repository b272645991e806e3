/** How an exercise behaves on a screen, and what it says at the end. */

export const feedbackNames = {
  check: 'when the learner checks',
  end: 'at the end only',
  none: 'never',
} as const;

export type Feedback = keyof typeof feedbackNames;

export interface Behaviour {
  /** When a learner is told what is right. */
  readonly feedback: Feedback;
  /** How often it can be checked before the answers can be seen. */
  readonly tries: number;
  /** The answers can be seen after the tries. */
  readonly answers: boolean;
  /** Share of the marks from which it counts as done, 0 to 1. */
  readonly pass: number;
}

export const usualBehaviour: Behaviour = { feedback: 'check', tries: 2, answers: true, pass: 0.8 };

/** A message by score, from the highest share down. */
const bands: readonly (readonly [share: number, says: string])[] = [
  [1, 'All of it is right.'],
  [0.8, 'Nearly all of it is right.'],
  [0.5, 'More than half is right.'],
  [0, 'You have begun. Look at the hints, and try once more.'],
];

/** “7 of 10 are right.” and what it means. */
export function scoreSays(score: number, outOf: number): string {
  if (outOf === 0) return 'This is done when you have done it.';
  const share = score / outOf;
  const [, says] = bands.find(([from]) => share >= from) ?? [0, ''];
  return `${score} of ${outOf} ${score === 1 ? 'is' : 'are'} right. ${says ?? ''}`.trim();
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
