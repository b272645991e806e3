/** One conditional to another, and the if-clause first or last. */
import type { FormSource } from '../../forms/verb-forms';
import type { Clause } from '../clauses/clause';
import type { SentenceAnalysis } from '../describe/describe-sentence';
import { NoSuchForm, type Changed } from './change';
import { agreementOf, capital, featuresOf, lowered } from './clause-frame';
import { negativeOf, verbPhrase, withOperator, type VerbFeatures } from '../../forms/verb-phrase';
import { clauseParts } from '../clauses/clause-parts';
import type { TaggedToken } from '../tagging/tag-sentence';

const wanted: Readonly<
  Record<string, { condition: Partial<VerbFeatures>; result: Partial<VerbFeatures>; why: string }>
> = {
  zero: { condition: {}, result: {}, why: 'What is always so: present simple in both halves.' },
  first: {
    condition: {},
    result: { modal: 'will' },
    why: 'What may well happen: present simple after if, will in the main clause.',
  },
  second: {
    condition: { past: true },
    result: { modal: 'would' },
    why: 'What is only imagined: past simple after if, would in the main clause.',
  },
  third: {
    condition: { past: true, perfect: true },
    result: { modal: 'would', perfect: true },
    why: 'What did not happen: past perfect after if, would have and the participle in the main clause.',
  },
  mixed: {
    condition: { past: true, perfect: true },
    result: { modal: 'would' },
    why: 'Then and now: past perfect after if, would in the main clause.',
  },
};

/** The subject of any clause: what stands between its opener and its verb. */
function subjectOf(tokens: readonly TaggedToken[], clause: Clause): TaggedToken[] {
  const from = clause.opener ? clause.opener.at + 1 : clause.from;
  return tokens
    .slice(from, clause.group.finite.at)
    .filter(({ tag }) => tag !== 'adverb' && tag !== 'comma' && tag !== 'not');
}

/** The new words of the verb of a clause, with not and its adverbs. */
function verbWords(
  features: VerbFeatures,
  clause: Clause,
  subject: readonly TaggedToken[],
  forms: FormSource,
  contracted: boolean,
  unreal: boolean,
): string {
  const agreement = agreementOf(subject);
  const { negative } = clause.group;
  let words = negative
    ? withOperator(features, agreement, forms)
    : verbPhrase(features, agreement, forms);
  // If I were you: were for every person in what is only imagined.
  if (unreal && words[0] === 'was') words = ['were', ...words.slice(1)];
  if (negative) words = [negativeOf(words[0] ?? '', contracted), ...words.slice(1)];
  return words.join(' ');
}

/** Replaces the verb of a clause in the text; adverbs inside stay after the first word. */
function replaceVerb(
  sentence: string,
  clause: Clause,
  tokens: readonly TaggedToken[],
  words: string,
): { start: number; end: number; text: string } {
  const { group } = clause;
  const between = tokens
    .slice(group.finite.at + 1, group.verb.at)
    .filter(({ tag }) => tag === 'adverb');
  let end = group.verb.end;
  const next = tokens[group.verb.at + 1];
  if (next?.tag === 'not') end = next.end;
  const [first = '', ...others] = words.split(' ');
  const list = between.map(({ text }) => text);
  const joinedBefore =
    group.finite.start > 0 &&
    sentence[group.finite.start - 1] !== ' ' &&
    !/^\p{L}/u.test(sentence[group.finite.start] ?? '');
  const text =
    others.length > 0 ? [first, ...list, ...others].join(' ') : [...list, first].join(' ');
  return { start: group.finite.start, end, text: joinedBefore ? ` ${text}` : text };
}

export function toConditional(
  sentence: string,
  analysis: SentenceAnalysis,
  forms: FormSource,
  type: string,
): Changed {
  const { condition, result } = analysis.condition;
  const target = wanted[type];
  if (target === undefined)
    throw new NoSuchForm(
      `There is no conditional called ${type}. Conditionals: ${Object.keys(wanted).join(', ')}.`,
    );
  if (condition?.opener === undefined || result === undefined)
    throw new NoSuchForm('This sentence has no if-clause with a main clause.');
  if (analysis.conditional === type) throw new NoSuchForm(`This is a ${type} conditional already.`);
  if (result.group.imperative)
    throw new NoSuchForm('A command in the main clause has no other conditional: say who does it.');
  if (result.group.inverted)
    throw new NoSuchForm('Change the statement first, then make it a question.');
  const contracted = /n[’']t/i.test(sentence);
  const { tokens } = analysis;
  const featuresFor = (clause: Clause, more: Partial<VerbFeatures>): VerbFeatures => {
    const old = featuresOf(clause.group);
    const progressive = old.progressive && !(old.perfect && more.perfect === undefined);
    return {
      base: old.base,
      ...(progressive ? { progressive: true } : {}),
      ...(old.passive ? { passive: true } : {}),
      ...more,
      // Can and could stay what they are.
      ...(more.modal !== undefined && /^(?:can|could)$/.test(old.modal ?? '')
        ? { modal: more.modal === 'will' ? 'can' : 'could' }
        : {}),
    };
  };
  const parts = clauseParts(tokens, result, analysis.clauses);
  const able =
    condition.group.modal !== undefined && /^(?:can|ca|could)$/.test(condition.group.modal);
  const ifFeatures = featuresFor(condition, target.condition);
  // If she can swim, if she could swim; had been able to where it did not happen.
  const abilities: VerbFeatures = target.condition.perfect
    ? { base: `be able to ${ifFeatures.base}`, past: true, perfect: true }
    : { base: ifFeatures.base, modal: target.condition.past ? 'could' : 'can' };
  const newIf = verbWords(
    able ? abilities : ifFeatures,
    condition,
    subjectOf(tokens, condition),
    forms,
    contracted,
    type === 'second',
  );
  const newMain = verbWords(
    featuresFor(result, target.result),
    result,
    parts.subject,
    forms,
    contracted,
    false,
  );
  const edits = [
    replaceVerb(sentence, condition, tokens, newIf),
    replaceVerb(sentence, result, tokens, newMain),
  ].sort((left, right) => right.start - left.start);
  let text = sentence;
  for (const { start, end, text: words } of edits)
    text = text.slice(0, start) + words + text.slice(end);
  return {
    result: text,
    accepted:
      text.includes(' were ') && type === 'second'
        ? [text.replace(/\b(I|he|she|it) were\b/i, '$1 was')].filter((one) => one !== text)
        : [],
    changes: [
      {
        what: 'if-clause',
        from: sentence.slice(condition.group.finite.start, condition.group.verb.end),
        to: newIf,
        why: target.why,
      },
      {
        what: 'main clause',
        from: sentence.slice(result.group.finite.start, result.group.verb.end),
        to: newMain,
        why: target.why,
      },
    ],
  };
}

const movable = new Set(['if', 'because', 'when', 'although']);

/** The subordinate clause at the other end of the sentence, with its comma. */
export function moveClause(sentence: string, analysis: SentenceAnalysis, first: boolean): Changed {
  const { tokens, main } = analysis;
  const clause = analysis.clauses.find(
    ({ kind, opener }) => movable.has(kind) && opener !== undefined,
  );
  if (clause?.opener === undefined || main === undefined)
    throw new NoSuchForm('There is no clause with if, when, because or although to move.');
  if (analysis.type === 'interrogative' && first === false)
    throw new NoSuchForm('In this question the clause keeps its place.');
  const opener = clause.opener;
  const even =
    tokens[opener.at - 1]?.lower === 'even' ? (tokens[opener.at - 1] as TaggedToken) : opener;
  const isFirst = tokens.slice(0, even.at).every(({ mark, tag }) => mark || tag === 'and');
  if (isFirst === first)
    throw new NoSuchForm(
      `The clause with ${opener.lower} stands ${first ? 'first' : 'last'} already.`,
    );
  const stop = tokens.findLast(({ tag }) => tag === 'stop');
  const end = stop?.start ?? sentence.length;
  const mark = sentence.slice(end);
  let subordinate: string;
  let rest: string;
  let restFirst: TaggedToken | undefined;
  if (isFirst) {
    const comma = tokens.find(
      ({ tag, at }) => tag === 'comma' && at > clause.group.verb.at && at < main.group.finite.at,
    );
    const parts = clauseParts(tokens, main, analysis.clauses);
    const start = comma
      ? comma.end
      : (parts.lead[0] ?? parts.subject[0] ?? main.group.finite).start;
    subordinate = sentence.slice(even.start, comma ? comma.start : start).trim();
    rest = sentence.slice(start, end).trim();
    restFirst = tokens.find(
      ({ start: from }) => from >= start && sentence.slice(start, from).trim() === '',
    );
  } else {
    const before = tokens[even.at - 1];
    subordinate = sentence.slice(even.start, end).trim();
    rest = sentence.slice(0, before?.tag === 'comma' ? before.start : even.start).trim();
    restFirst = tokens[0];
  }
  const result = first
    ? `${capital(subordinate)}, ${lowered(rest, restFirst)}${mark}`
    : `${capital(rest)} ${lowered(subordinate, tokens[even.at])}${mark}`;
  return {
    result,
    accepted: [],
    changes: [
      {
        what: 'word order',
        from: isFirst ? 'clause first' : 'clause last',
        to: first ? 'clause first' : 'clause last',
        why: first
          ? `A clause with ${opener.lower} in front is closed by a comma.`
          : `After the main clause ${opener.lower} needs no comma.`,
      },
    ],
  };
}
