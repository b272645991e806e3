/** A verb in one tense for every person: positive, negative, question, short answers, each with its contractions. */
import {
  hasOperator,
  negativeOf,
  verbPhrase,
  withOperator,
  type Agreement,
  type VerbFeatures,
} from './verb-phrase';
import type { VerbFormsSource } from './verb-forms';

export interface ConjugatedRow {
  readonly person: string;
  readonly positive: string;
  readonly negative: string;
  readonly question: string;
  readonly shortYes: string;
  readonly shortNo: string;
  /** No, he doesn't; no, he does not; no, he's not. */
  readonly shortNos: readonly string[];
  /** Positive, negative and question in every accepted mixture of full and contracted forms. */
  readonly variants: readonly string[];
}

const persons: readonly (readonly [string, Agreement])[] = [
  ['I', { person: 1, plural: false }],
  ['you', { person: 2, plural: true }],
  ['he, she, it', { person: 3, plural: false }],
  ['we', { person: 1, plural: true }],
  ['they', { person: 3, plural: true }],
];

const short: Readonly<Record<string, string>> = {
  am: "'m",
  is: "'s",
  are: "'re",
  have: "'ve",
  has: "'s",
  had: "'d",
  will: "'ll",
  would: "'d",
};

export function conjugate(
  verb: string,
  features: Omit<VerbFeatures, 'base'>,
  source: VerbFormsSource = {},
): ConjugatedRow[] {
  const all: VerbFeatures = { base: verb, ...features };
  return persons.map(([person, agreement]) => {
    const subject = person === 'he, she, it' ? 'he' : person;
    const words = verbPhrase(all, agreement, source);
    const [operator = '', ...others] = withOperator(all, agreement, source);
    const tail = others.length > 0 ? ` ${others.join(' ')}` : '';
    const no = operator === 'am' ? "'m not" : negativeOf(operator, true);
    const positive = `${subject} ${words.join(' ')}`;
    const negative = operator === 'am' ? `${subject}'m not${tail}` : `${subject} ${no}${tail}`;
    const question = `${operator.charAt(0).toUpperCase()}${operator.slice(1)} ${subject}${tail}?`;
    const shortened = hasOperator(all) ? short[words[0] ?? ''] : undefined;
    const positives = [
      positive,
      ...(shortened ? [`${subject}${shortened} ${words.slice(1).join(' ')}`.trim()] : []),
    ];
    const full = `${subject} ${negativeOf(operator, false)}${tail}`;
    const negatives = [
      negative,
      full,
      ...(shortened && operator !== 'am' ? [`${subject}${shortened} not${tail}`] : []),
    ];
    const shortNo = operator === 'am' ? `No, ${subject}'m not.` : `No, ${subject} ${no}.`;
    return {
      person,
      positive,
      negative,
      question,
      shortYes: `Yes, ${subject} ${operator}.`,
      shortNo,
      shortNos: [
        ...new Set([
          shortNo,
          `No, ${subject} ${negativeOf(operator, false)}.`,
          ...(shortened ? [`No, ${subject}${shortened} not.`] : []),
        ]),
      ],
      variants: positives.flatMap((one) => negatives.map((other) => `${one} ${other} ${question}`)),
    };
  });
}
