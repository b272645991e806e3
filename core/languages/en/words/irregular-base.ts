/** From an irregular form back to its base: ran to run, mice to mouse. */
import { irregularPlurals } from '../forms/irregular-plurals';
import { irregularBases, irregularVerb } from '../forms/irregular-verbs';

export interface IrregularForm {
  readonly base: string;
  /** `past`, `past participle`, `plural` … */
  readonly what: string;
}

const irregularForms = new Map<string, IrregularForm>();
for (const base of irregularBases) {
  const forms = irregularVerb(base);
  for (const form of forms?.pastParticiple ?? []) {
    irregularForms.set(form, { base, what: 'past participle' });
  }
  for (const form of forms?.past ?? []) {
    const both = irregularForms.get(form)?.base === base;
    irregularForms.set(form, { base, what: both ? 'past and past participle' : 'past' });
  }
}
for (const [base, plurals] of irregularPlurals) {
  for (const form of plurals) {
    if (form !== base && form !== `${base}s` && form !== `${base}es`) {
      irregularForms.set(form, { base, what: 'plural' });
    }
  }
}

/** What an irregular form is a form of, or undefined for a word that is none. */
export function irregularForm(form: string): IrregularForm | undefined {
  return irregularForms.get(form);
}

/** The base of an irregular form, or undefined. */
export function irregularBaseOf(form: string): string | undefined {
  const base = irregularForms.get(form)?.base;
  return base === form ? undefined : base;
}
