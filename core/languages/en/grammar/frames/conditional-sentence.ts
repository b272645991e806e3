/** A conditional sentence of any type from a pair of clauses of the bank. */
import { verbPhrase, type VerbFeatures } from '../../forms/verb-phrase';
import type { FormSource } from '../../forms/verb-forms';
import { capitalised } from './bank-sentence';
import type { BankCondition } from './clause-bank';

export const conditionalTypes = ['zero', 'first', 'second', 'third'] as const;
export type ConditionalType = (typeof conditionalTypes)[number];

const features: Readonly<
  Record<ConditionalType, readonly [Omit<VerbFeatures, 'base'>, Omit<VerbFeatures, 'base'>]>
> = {
  zero: [{}, {}],
  first: [{}, { modal: 'will' }],
  second: [{ past: true }, { modal: 'would' }],
  third: [
    { past: true, perfect: true },
    { modal: 'would', perfect: true },
  ],
};

export const whyConditional: Readonly<Record<ConditionalType, string>> = {
  zero: 'Always so: present simple in both halves.',
  first: 'It may well happen: present simple after if, will in the other half.',
  second: 'Only imagined: past simple after if, would in the other half.',
  third: 'It did not happen: had and the participle after if, would have in the other half.',
};

export interface ConditionalHalves {
  readonly condition: string;
  readonly result: string;
  readonly text: string;
}

export function conditionalSentence(
  pair: BankCondition,
  type: ConditionalType,
  forms: FormSource,
  ifFirst = true,
): ConditionalHalves {
  const [ifFeatures, mainFeatures] = features[type];
  const clause = (
    { subject, agreement, verb, rest }: BankCondition['condition'],
    more: Omit<VerbFeatures, 'base'>,
  ) =>
    [subject, ...verbPhrase({ base: verb, ...more }, agreement, forms), rest]
      .filter((part) => part !== '')
      .join(' ');
  const condition = `if ${clause(pair.condition, ifFeatures)}`;
  const result = clause(pair.result, mainFeatures);
  return {
    condition: `${capitalised(condition)},`,
    result: `${result}.`,
    text: ifFirst
      ? `${capitalised(condition)}, ${result}.`
      : `${capitalised(result)} ${condition}.`,
  };
}
