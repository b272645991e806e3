/** The five forms of an English verb, each with its variants, the usual one first. */
import type { Spelling } from '../../../kernel/spelling';
import type { Lexicon } from '../lexicon/lexicon';
import { inflect, type InflectOptions } from './inflect';
import { irregularVerb } from './irregular-verbs';
import { verbFormsOf } from './verb-form-of';

export const verbFormNames = [
  'base',
  'thirdPerson',
  'past',
  'pastParticiple',
  'presentParticiple',
] as const;
export type VerbFormName = (typeof verbFormNames)[number];

export interface VerbFormsSource {
  /** The word bank, for the stress that settles doubling and for unknown words. */
  readonly lexicon?: Lexicon;
  readonly spelling?: Spelling | undefined;
}

/** The same, where a sentence is read too. */
export interface FormSource extends VerbFormsSource {
  readonly lexicon: Lexicon;
}

export interface VerbForms extends Readonly<Record<VerbFormName, string>> {
  readonly regular: boolean;
  /** Every accepted form of each kind, the usual one of this spelling first. */
  readonly variants: Readonly<Record<VerbFormName, readonly string[]>>;
  /** How past and past participle are made, for the teacher. */
  readonly reason: string;
  /** The same for the learner. */
  readonly learnerReason: string;
}

const beForms: Readonly<Record<VerbFormName, readonly string[]>> = {
  base: ['be'],
  thirdPerson: ['is'],
  past: ['was', 'were'],
  pastParticiple: ['been'],
  presentParticiple: ['being'],
};

const unique = (words: readonly string[]) => [...new Set(words.filter((word) => word !== ''))];

/** The base and the particle of a verb in two words: switch off. */
const split = (verb: string): { base: string; tail: string } => {
  const [base = '', ...tail] = verb.trim().toLowerCase().split(/\s+/);
  return { base, tail: tail.length > 0 ? ` ${tail.join(' ')}` : '' };
};

/** All forms of a verb in its base form; it is not asked whether the verb exists. */
export function formsOfVerb(
  verb: string,
  { lexicon, spelling = 'us' }: VerbFormsSource = {},
): VerbForms {
  const { base, tail } = split(verb);
  const reading = lexicon?.find(base)?.readings[0];
  const options: InflectOptions = {
    ...(reading ? { reading } : {}),
    spelling,
    wordClass: 'verb',
    ...(lexicon ? { isWord: (word: string) => lexicon.find(word) !== undefined } : {}),
  };
  const irregular = irregularVerb(base, spelling);
  const past = inflect(base, 'ed', options);
  const third = inflect(base, 's', options);
  const ing = inflect(base, 'ing', options);
  const variants: Record<VerbFormName, readonly string[]> =
    base === 'be'
      ? beForms
      : {
          base: [base],
          thirdPerson: unique([third.form, ...third.alternatives]),
          past: irregular ? unique(irregular.past) : unique([past.form, ...past.alternatives]),
          pastParticiple: irregular
            ? unique(irregular.pastParticiple)
            : unique([past.form, ...past.alternatives]),
          presentParticiple: unique([ing.form, ...ing.alternatives]),
        };
  const named = Object.fromEntries(
    verbFormNames.map((name) => [name, variants[name].map((form) => `${form}${tail}`)]),
  ) as Record<VerbFormName, string[]>;
  const regular = irregular === undefined;
  return {
    ...(Object.fromEntries(verbFormNames.map((name) => [name, named[name][0] ?? ''])) as Record<
      VerbFormName,
      string
    >),
    regular,
    variants: named,
    reason: regular
      ? past.reason
      : `${base} is irregular: ${base}, ${variants.past.join(' or ')}, ${variants.pastParticiple.join(' or ')}.`,
    learnerReason: regular ? past.learnerReason : 'This verb has its own forms: learn all three.',
  };
}

/** One form of a verb, the usual one. */
export const formOfVerb = (
  verb: string,
  name: VerbFormName,
  source: VerbFormsSource = {},
): string => formsOfVerb(verb, source)[name];

const formNames: Readonly<Record<string, string>> = {
  third: 'third person',
  past: 'past',
  participle: 'past participle',
  ing: '-ing form',
};

/**
 * The forms of a verb that the word bank knows.
 *
 * @throws RangeError for what is no verb, or no base form; it says what to write
 */
export function verbForms(
  verb: string,
  source: VerbFormsSource & { readonly lexicon: Lexicon },
): VerbForms {
  const { base } = split(verb.replace(/^to\s+/i, ''));
  if (base === '') throw new RangeError('Write a verb in its base form: walk, take, switch off.');
  const known = verbFormsOf(base, source.lexicon);
  if (!known.some(({ form }) => form === 'base') && irregularVerb(base) === undefined) {
    const [form] = known;
    throw new RangeError(
      form
        ? `${base} is the ${formNames[form.form]} of ${form.base}: write ${form.base}.`
        : `There is no verb ${base} in the word bank. Write the base form, as in a dictionary: walk, take.`,
    );
  }
  return formsOfVerb(verb.replace(/^to\s+/i, ''), source);
}
