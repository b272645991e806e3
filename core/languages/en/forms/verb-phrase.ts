/**
 * A verb with its auxiliaries built from what it is to say: tense, aspect,
 * modal, voice, for a person and number (Quirk et al. 1985, chapter 4: modal,
 * perfect, progressive, passive, in this order).
 */
import { formOfVerb, type VerbFormsSource } from './verb-forms';

export interface VerbFeatures {
  readonly base: string;
  readonly past?: boolean;
  readonly modal?: string;
  readonly goingTo?: boolean;
  readonly perfect?: boolean;
  readonly progressive?: boolean;
  readonly passive?: boolean;
}

export interface Agreement {
  readonly person: 1 | 2 | 3;
  readonly plural: boolean;
}

const be = (past: boolean, { person, plural }: Agreement) => {
  if (past) return plural || person === 2 ? 'were' : 'was';
  if (plural || person === 2) return 'are';
  return person === 1 ? 'am' : 'is';
};

/** The words of a verb, auxiliaries first: has been closed. */
export function verbPhrase(
  features: VerbFeatures,
  agreement: Agreement,
  source: VerbFormsSource = {},
): string[] {
  const heads: string[] = [];
  if (features.modal !== undefined) heads.push('modal');
  if (features.goingTo) heads.push('going');
  if (features.perfect) heads.push('have');
  if (features.progressive) heads.push('be-ing');
  if (features.passive) heads.push('be-passive');
  heads.push('verb');
  const words: string[] = [];
  let form: 'finite' | 'base' | 'participle' | 'ing' = 'finite';
  const inForm = (verb: string): string => {
    if (form === 'finite') {
      if (verb === 'be') return be(features.past ?? false, agreement);
      if (features.past) return formOfVerb(verb, 'past', source);
      return agreement.person === 3 && !agreement.plural
        ? formOfVerb(verb, 'thirdPerson', source)
        : verb;
    }
    if (form === 'base') return verb;
    return formOfVerb(verb, form === 'participle' ? 'pastParticiple' : 'presentParticiple', source);
  };
  for (const head of heads) {
    switch (head) {
      case 'modal':
        words.push(features.modal ?? '');
        form = 'base';
        break;
      case 'going':
        words.push(inForm('be'), 'going', 'to');
        form = 'base';
        break;
      case 'have':
        words.push(inForm('have'));
        form = 'participle';
        break;
      case 'be-ing':
        words.push(inForm('be'));
        form = 'ing';
        break;
      case 'be-passive':
        words.push(inForm('be'));
        form = 'participle';
        break;
      default:
        words.push(inForm(features.base));
    }
  }
  return words;
}

/** True where the first word can stand before its subject and take not: an auxiliary, or be as a full verb. */
export const hasOperator = (features: VerbFeatures): boolean =>
  features.modal !== undefined ||
  features.goingTo === true ||
  features.perfect === true ||
  features.progressive === true ||
  features.passive === true ||
  features.base === 'be';

/** The words with do where a question or not needs an auxiliary and there is none. */
export function withOperator(
  features: VerbFeatures,
  agreement: Agreement,
  source: VerbFormsSource = {},
): string[] {
  if (hasOperator(features)) return verbPhrase(features, agreement, source);
  const auxiliary = features.past
    ? 'did'
    : agreement.person === 3 && !agreement.plural
      ? 'does'
      : 'do';
  return [auxiliary, features.base];
}

const negatives: Readonly<Record<string, string>> = {
  will: "won't",
  can: "can't",
  shall: "shan't",
  am: "'m not",
  may: 'may not',
  ought: "oughtn't",
};

/** An auxiliary with not: isn't, won't, cannot stays full. */
export const negativeOf = (auxiliary: string, contracted: boolean): string => {
  if (!contracted) return auxiliary === 'can' ? 'cannot' : `${auxiliary} not`;
  return negatives[auxiliary] ?? `${auxiliary}n't`;
};
