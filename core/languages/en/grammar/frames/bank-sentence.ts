/** A sentence of the bank in any tense. */
import { verbPhrase, type VerbFeatures } from '../../forms/verb-phrase';
import type { FormSource } from '../../forms/verb-forms';
import type { BankClause } from './clause-bank';

export interface BuiltSentence {
  readonly text: string;
  /** The verb as it stands in it. */
  readonly verb: string;
  /** Before and after the verb. */
  readonly before: string;
  readonly after: string;
}

export const capitalised = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

const join = (...parts: readonly (string | undefined)[]) =>
  parts.filter((part) => part !== undefined && part !== '').join(' ');

export function bankSentence(
  clause: BankClause,
  features: Omit<VerbFeatures, 'base'>,
  forms: FormSource,
  { time, subject = clause.subject }: { time?: string; subject?: string } = {},
): BuiltSentence {
  const verb = verbPhrase({ base: clause.verb, ...features }, clause.agreement, forms).join(' ');
  const before = `${capitalised(subject)} `;
  const after = join(clause.object, clause.tail, time);
  return {
    text: `${before}${verb}${after === '' ? '' : ` ${after}`}.`,
    verb,
    before,
    after: after === '' ? '.' : ` ${after}.`,
  };
}
