/**
 * The main clause of a sentence as pieces that can be changed and put together
 * again: what stands before the subject, the subject, the verb by its features,
 * its adverbs, what follows, the end mark.
 */
import {
  hasOperator,
  negativeOf,
  verbPhrase,
  withOperator,
  type Agreement,
  type VerbFeatures,
} from '../../forms/verb-phrase';
import type { FormSource } from '../../forms/verb-forms';
import { clauseParts } from '../clauses/clause-parts';
import type { ClauseParts } from '../clauses/part';
import type { Clause } from '../clauses/clause';
import { headOf, isPluralPhrase } from '../clauses/noun-phrase';
import type { VerbGroup } from '../clauses/verb-group';
import type { SentenceAnalysis } from '../describe/describe-sentence';
import { irregularForm } from '../../words/irregular-base';
import { isBareName } from '../tagging/given-names';
import type { TaggedToken } from '../tagging/tag-sentence';

export interface ClauseFrame {
  /** Text before the subject, with its space: `In the morning, `. */
  readonly before: string;
  /** As it stands in the middle of a sentence. */
  readonly subject: string;
  readonly agreement: Agreement;
  readonly features: VerbFeatures;
  readonly negative: boolean;
  /** Adverbs that stand at the verb: always, already. */
  readonly adverbs: readonly string[];
  /** Text after the verb, without the end mark and without the space in front. */
  readonly rest: string;
  /** The end mark with a closing quotation mark. */
  readonly end: string;
  readonly question: boolean;
  readonly imperative: boolean;
  readonly parts: ClauseParts;
  /** Where its verb forms come from. */
  readonly forms: FormSource;
}

export const textOf = (source: string, tokens: readonly TaggedToken[]): string => {
  const first = tokens[0];
  const last = tokens[tokens.length - 1];
  return first === undefined || last === undefined ? '' : source.slice(first.start, last.end);
};

/** Family names that stand for a person: Mum closed it. */
const family =
  /^(?:mum|mom|mama|dad|papa|mummy|mommy|daddy|gran|grandma|grandpa|granny|grandad|granddad|nana|nanny|auntie|nan)$/i;

const auxiliary =
  /^(?:is|was|has|had|does|did|can|could|will|would|shall|should|may|might|must|(?:is|was|has|had|does|did|ca|could|wo|would|should|must)n['’]t)$/i;

/** Nothing but its verb after the word: Wren hid, Wren couldn’t stop – but not rose hips. */
function standsAlone(phrase: string, word: string): boolean {
  const next = phrase.slice(word.length).trim().split(' ')[0]?.toLowerCase() ?? '';
  if (next === '' || phrase.charAt(word.length) !== ' ') return phrase === word;
  return (
    auxiliary.test(next) ||
    /(?:[^e]ed|ied)$/.test(next) ||
    /past/.test(irregularForm(next)?.what ?? '')
  );
}

/** A phrase with the small letter that it has in the middle of a sentence. */
export function lowered(phrase: string, first: TaggedToken | undefined): string {
  if (first === undefined || first.tag === 'name' || /^i(?:$|['’])/i.test(first.lower))
    return phrase;
  if (/^\p{Lu}{2}/u.test(phrase) || family.test(phrase)) return phrase;
  // Wren hid; Gran’s hat: the first word alone, or with whose it is.
  const [word = ''] = phrase.split(/[’' ]/);
  if (family.test(word) || (isBareName(word) && standsAlone(phrase, word))) return phrase;
  return phrase.charAt(0).toLowerCase() + phrase.slice(1);
}

export const capital = (text: string) => {
  const at = text.search(/[\p{L}\p{N}]/u);
  return at < 0 ? text : text.slice(0, at) + text.charAt(at).toUpperCase() + text.slice(at + 1);
};

export function agreementOf(subject: readonly TaggedToken[]): Agreement {
  const words = subject.map(({ lower }) => lower);
  const plural = isPluralPhrase(subject);
  if (words.length === 1 && words[0] === 'i') return { person: 1, plural: false };
  if (words[0] === 'we') return { person: 1, plural: true };
  if (words.length === 1 && words[0] === 'you') return { person: 2, plural: true };
  return { person: 3, plural };
}

/** The number of the subject as its verb tells it, which a relative clause inside it cannot hide. */
function agreementWith(subject: readonly TaggedToken[], finite: TaggedToken): Agreement {
  const agreement = agreementOf(subject);
  const tells = finite.plural !== undefined && finite.lower !== 'were';
  return agreement.person === 3 && tells
    ? { person: 3, plural: finite.plural === true }
    : agreement;
}

const modals: Readonly<Record<string, string>> = {
  "'ll": 'will',
  wo: 'will',
  ca: 'can',
  sha: 'shall',
  "'d": 'would',
};

export function featuresOf(group: VerbGroup): VerbFeatures {
  const modal = group.modal === undefined ? undefined : (modals[group.modal] ?? group.modal);
  const base = group.verb.base ?? group.verb.lower;
  return {
    base:
      group.verb.tag === 'have' || group.verb.tag === 'be' || group.verb.tag === 'do'
        ? (group.verb.base ?? base)
        : base,
    ...(group.past && modal === undefined ? { past: true } : {}),
    ...(modal === undefined ? {} : { modal }),
    ...(group.goingTo ? { goingTo: true } : {}),
    ...(group.perfect ? { perfect: true } : {}),
    ...(group.progressive ? { progressive: true } : {}),
    ...(group.passive ? { passive: true } : {}),
  };
}

/** The frame of a clause of the sentence, as a rule its main clause. */
export function frameOf(
  source: string,
  analysis: SentenceAnalysis,
  forms: FormSource,
  clause: Clause = analysis.main as Clause,
): ClauseFrame {
  const { tokens, clauses } = analysis;
  const parts = clauseParts(tokens, clause, clauses);
  const { group } = clause;
  const { subject, rest } = parts;
  // In the corner sat two owls: the subject stays where it is, behind the verb.
  const firstSubject = parts.turned ? undefined : subject[0];
  const start =
    group.inverted || group.imperative || firstSubject === undefined
      ? group.finite.start
      : firstSubject.start;
  const lastVerb = group.verb;
  const restStart = rest[0]?.start;
  const pre = tokens
    .slice(firstSubject ? (subject[subject.length - 1] as TaggedToken).at + 1 : 0, group.finite.at)
    .filter(
      ({ tag, at }) =>
        tag === 'adverb' && !group.inverted && firstSubject !== undefined && at < group.finite.at,
    );
  const lastRest = rest[rest.length - 1];
  const contentEnd =
    lastRest?.end ??
    (group.inverted && group.tokens.length === 1
      ? (subject[subject.length - 1]?.end ?? lastVerb.end)
      : lastVerb.end);
  const imperativeStart = group.imperative && tokens[group.finite.at - 1]?.lower === 'please';
  return {
    before: source.slice(0, start),
    subject: parts.turned ? '' : lowered(textOf(source, subject), firstSubject),
    agreement: agreementWith(subject, group.finite),
    features: featuresOf(group),
    negative: group.negative,
    adverbs: [...pre, ...parts.inner.filter(({ tag }) => tag === 'adverb')].map(({ text }) => text),
    rest: restStart === undefined ? '' : source.slice(restStart, contentEnd),
    end: source.slice(contentEnd).replace(/^\s+/, ''),
    question: group.inverted,
    imperative: group.imperative || imperativeStart,
    parts,
    forms,
  };
}

const join = (words: readonly string[]) =>
  words
    .filter((word) => word !== '')
    .join(' ')
    .replace(/ (n't|'m not)/g, '$1')
    .replace(/ ([,;:])/g, '$1');

/** Adverbs go after the first auxiliary, or before a verb that stands alone. */
function withAdverbs(words: readonly string[], adverbs: readonly string[], aux: boolean): string[] {
  const [first = '', ...others] = words;
  return aux ? [first, ...adverbs, ...others] : [...adverbs, ...words];
}

/** The clause as a sentence again. `contracted` shortens not where there is one. */
export function render(frame: ClauseFrame, contracted = false): string {
  const source = frame.forms;
  const { features, agreement, subject, adverbs, negative, rest } = frame;
  let core: string;
  if (frame.imperative) {
    const plain = features.base;
    core = join([...(negative ? [contracted ? "don't" : 'do not'] : []), ...adverbs, plain, rest]);
  } else if (frame.question) {
    const [operator = '', ...others] = withOperator(features, agreement, source);
    const not = negative && !contracted ? 'not' : '';
    const first =
      negative && contracted
        ? operator === 'am'
          ? "aren't"
          : negativeOf(operator, true)
        : operator;
    core = join([first, subject, not, ...adverbs, ...others, rest]);
  } else if (negative) {
    const [operator = '', ...others] = withOperator(features, agreement, source);
    core = join([
      subject,
      ...withAdverbs([negativeOf(operator, contracted), ...others], adverbs, true),
      rest,
    ]);
  } else {
    core = join([
      subject,
      ...withAdverbs(verbPhrase(features, agreement, source), adverbs, hasOperator(features)),
      rest,
    ]);
  }
  const whole = `${frame.before}${core}${frame.end}`;
  return /[\p{L}]/u.test(frame.before) ? whole : capital(whole);
}

/** The verb as it stands in the frame, for a change that names it. */
export function verbText(frame: ClauseFrame): string {
  const source = frame.forms;
  if (frame.question || frame.negative) {
    const words = withOperator(frame.features, frame.agreement, source);
    return join(frame.negative ? [words[0] ?? '', 'not', ...words.slice(1)] : words);
  }
  return join(verbPhrase(frame.features, frame.agreement, source));
}

export const subjectHead = (parts: ClauseParts) => headOf(parts.subject);
