/** Forms made by rule where the word has one of its own: catched, runned, childs, gooses (common practice). */
import { irregularPlurals } from '../../forms/irregular-plurals';
import { irregularBases, irregularVerb } from '../../forms/irregular-verbs';

export interface Regularised {
  readonly right: string;
  readonly base: string;
  readonly kind: 'past' | 'plural';
}

/** What a rule would make of the past: caught is catched, bought buyed, ran runned. */
const byRule = (base: string): readonly string[] => {
  const last = base.charAt(base.length - 1);
  if (last === 'e') return [`${base}d`];
  if (/[^aeiou]y$/.test(base)) return [`${base.slice(0, -1)}ied`];
  return /[^aeiou][aeiou][^aeiouwxy]$/.test(base)
    ? [`${base}${last}ed`, `${base}ed`]
    : [`${base}ed`];
};

const made = new Map<string, Regularised>();
for (const base of irregularBases) {
  const past = irregularVerb(base)?.past[0];
  if (past === undefined || past === base) continue;
  for (const form of byRule(base)) made.set(form, { right: past, base, kind: 'past' });
}
for (const [base, [plural]] of irregularPlurals) {
  if (plural === undefined || plural === base) continue;
  for (const form of [`${base}s`, `${base}es`])
    made.set(form, { right: plural, base, kind: 'plural' });
}

/** The form of its own; undefined where the word is no such form. Whether it is a word besides is for the caller to ask. */
export const regularised = (word: string): Regularised | undefined => made.get(word.toLowerCase());
