/** Where each structure of the table stands in an analysed sentence. */
import type { Span } from '../../../shared/segment';
import type { Clause } from '../clauses/clause';
import { agentOf } from '../clauses/agent';
import { adjectivalParticiples } from '../tagging/readings';
import type { SentenceAnalysis } from '../describe/describe-sentence';
import { isFinite } from '../tagging/tag';
import type { TaggedToken } from '../tagging/tag-sentence';
import { structureTable, type StructureRow } from './structure-table';

export interface Structure extends StructureRow {
  /** Its places in a sentence, as groups of spans: the auxiliaries and the verb may stand apart. */
  readonly find: (analysis: SentenceAnalysis) => readonly (readonly Span[])[];
}

const span = (tokens: readonly TaggedToken[]): Span => ({
  start: tokens[0]?.start ?? 0,
  end: tokens[tokens.length - 1]?.end ?? 0,
});

/** The words of a verb group, neighbours as one span. */
function groupSpans(tokens: readonly TaggedToken[]): Span[] {
  const spans: { start: number; end: number }[] = [];
  let before: TaggedToken | undefined;
  for (const token of tokens) {
    const last = spans[spans.length - 1];
    if (last && before && token.at <= before.at + 1) last.end = token.end;
    else spans.push({ start: token.start, end: token.end });
    before = token;
  }
  return spans;
}

const verbsWhere =
  (test: (clause: Clause, analysis: SentenceAnalysis) => boolean): Structure['find'] =>
  (analysis) =>
    analysis.clauses
      .filter((clause) => test(clause, analysis))
      .map(({ group }) => groupSpans(group.tokens));

const tense = (name: string) =>
  verbsWhere(({ tenseAspect, kind }) => tenseAspect === name && kind !== undefined);

const conditional =
  (type: string): Structure['find'] =>
  ({ condition, conditional: found }) =>
    found === type && condition.condition && condition.result
      ? [
          [
            ...groupSpans(condition.condition.group.tokens),
            ...groupSpans(condition.result.group.tokens),
          ].sort((left, right) => left.start - right.start),
        ]
      : [];

/** A clause with its opener, up to the next comma, verb of another clause or end. */
function clauseSpan({ tokens, clauses }: SentenceAnalysis, clause: Clause): Span[] {
  const from = clause.opener?.at ?? clause.from;
  let to = clause.group.verb.at;
  for (let at = to + 1; at < tokens.length; at += 1) {
    const token = tokens[at] as TaggedToken;
    if (token.tag === 'comma' || token.tag === 'stop' || token.tag === 'quote') break;
    const other = clauses.find(
      (one) => one !== clause && (one.group.finite.at === at || one.opener?.at === at),
    );
    if (other && other.group.finite.at === at) break;
    to = at;
  }
  return [span(tokens.slice(from, to + 1))];
}

const clausesWhere =
  (test: (clause: Clause, analysis: SentenceAnalysis) => boolean): Structure['find'] =>
  (analysis) =>
    analysis.clauses
      .filter((clause) => test(clause, analysis))
      .map((clause) => clauseSpan(analysis, clause));

const wordsWhere =
  (test: (token: TaggedToken, tokens: readonly TaggedToken[]) => boolean): Structure['find'] =>
  ({ tokens }) =>
    tokens.filter((token) => test(token, tokens)).map((token) => [span([token])]);

type Found = ReturnType<Structure['find']>;

/** What several find, in the order of the sentence. */
const anyOf =
  (...finders: readonly Structure['find'][]): Structure['find'] =>
  (analysis): Found =>
    finders
      .flatMap((find) => find(analysis))
      .sort(([one], [other]) => (one?.start ?? 0) - (other?.start ?? 0));

/** More dangerous, the least carefully: a word of degree and what it compares. */
const withDegree =
  (degree: RegExp, test: (tokens: readonly TaggedToken[], at: number) => boolean) =>
  ({ tokens }: SentenceAnalysis): Found =>
    tokens.flatMap((token, at) => {
      const next = tokens[at + 1];
      return degree.test(token.lower) &&
        (next?.tag === 'adjective' || next?.tag === 'adverb') &&
        test(tokens, at)
        ? [[span([token, next])]]
        : [];
    });

/** Verbs after which an adjective says what somebody or something is like. */
const links = /^(?:become|feel|get|grow|look|seem|smell|sound|stay|taste)$/;
const isNoun = (token: TaggedToken | undefined) => token !== undefined && /^noun/.test(token.tag);

/** More careful; but not the more of “more cold water”, which says how much. */
function comparesMore(tokens: readonly TaggedToken[], at: number): boolean {
  const [before, next, after] = [tokens[at - 1], tokens[at + 1], tokens[at + 2]];
  if (next === undefined || next.lower === 'than') return false;
  if (/(?:ly|often)$/.test(next.lower) && next.tag === 'adverb') return true;
  if (next.tag !== 'adjective') return false;
  if (/^(?:an?|much|far|even|any|no|rather|slightly|little)$/.test(before?.lower ?? ''))
    return true;
  if (isNoun(after)) return false;
  return (
    tokens.slice(at + 2).some(({ lower }) => lower === 'than') ||
    before?.tag === 'be' ||
    links.test(before?.base ?? before?.lower ?? '')
  );
}

/** The most beautiful, my least favourite: after what says which one. */
const picksMost = (tokens: readonly TaggedToken[], at: number): boolean => {
  const before = tokens[at - 1];
  return (
    before !== undefined &&
    (/^(?:the|my|your|his|her|its|our|their)$/.test(before.lower) || before.tag === 'possessive')
  );
};

/** Told Ellis that, asked Asha where: after the name of whom it was said to, nothing describes a person. */
const afterWhom = ({ opener }: Clause, { main, tokens }: SentenceAnalysis): boolean =>
  opener !== undefined &&
  tokens[opener.at - 1]?.tag === 'name' &&
  main?.group.verb.at === opener.at - 2;

/** Words in -er that compare nothing. */
const comparesNothing =
  /^(?:another|bitter|clever|eager|either|former|inner|latter|neither|other|outer|over|proper|sober|super|tender|together|under|upper|utter)$/;

/** Told us to shut the door: what somebody was told or asked to do, from its “to”. */
const reportedCommand: Structure['find'] = ({ tokens }) =>
  tokens.flatMap((token, at) => {
    if (token.tag !== 'past' || !/^(?:tell|ask|order|warn|remind|advise)$/.test(token.base ?? ''))
      return [];
    const to = tokens.findIndex(({ lower }, place) => place > at + 1 && lower === 'to');
    if (to < 0 || to > at + 5 || tokens[to + 1]?.tag !== 'base') return [];
    // Told me that I had to go says what is so; asked for leave to go says what for.
    const whom = tokens.slice(at + 1, to);
    if (whom.some((each) => each.mark || each.tag === 'preposition' || isFinite(each))) return [];
    const end = tokens.findIndex(({ mark }, place) => place > to && mark);
    const from = /^(?:not|never)$/.test(tokens[to - 1]?.lower ?? '') ? to - 1 : to;
    return [[span(tokens.slice(from, end < 0 ? tokens.length : end))]];
  });

const modalIs = (pattern: RegExp) =>
  verbsWhere(
    ({ group, tenseAspect }) =>
      group.modal !== undefined && pattern.test(group.modal) && tenseAspect !== 'modal perfect',
  );

/** A passive: be and a participle that is no adjective. */
const passive = verbsWhere(({ group }, { tokens }) => {
  if (!group.passive) return false;
  return (
    !adjectivalParticiples.has(group.verb.lower) || agentOf(tokens, group.verb.at) !== undefined
  );
});

/** Where each structure of the table is found. */
const finders: Readonly<Record<string, Structure['find']>> = {
  'present simple': tense('present simple'),
  imperative: tense('imperative'),
  question: (analysis) => (analysis.type === 'interrogative' ? [[span(analysis.tokens)]] : []),
  'there is': ({ tokens }) =>
    tokens.flatMap((token, at) =>
      token.tag === 'there' && tokens[at + 1] ? [[span(tokens.slice(at, at + 2))]] : [],
    ),
  'present continuous': tense('present continuous'),
  'can and can’t': modalIs(/^(?:can|ca)$/),
  'past simple': tense('past simple'),
  contraction: ({ tokens }) =>
    tokens.flatMap((token, at) =>
      token.joined && tokens[at + 1]?.tag !== 'possessive' && tokens[at + 1]
        ? [[span(tokens.slice(at, at + 2))]]
        : [],
    ),
  'because clause': clausesWhere(
    ({ kind, opener }) => kind === 'because' && opener?.lower === 'because',
  ),
  'future going-to': tense('future going-to'),
  'future will': tense('future will'),
  'when clause': clausesWhere(({ kind }) => kind === 'when'),
  comparative: anyOf(
    wordsWhere(
      ({ lower, tag, at }, tokens) =>
        (tag === 'adjective' || tag === 'adverb') &&
        /^(?:\p{L}{2,}er|better|worse)$/u.test(lower) &&
        !comparesNothing.test(lower) &&
        tokens.slice(at).some((token) => token.lower === 'than'),
    ),
    withDegree(/^(?:more|less)$/, comparesMore),
  ),
  superlative: anyOf(
    wordsWhere(
      ({ lower, tag, at }, tokens) =>
        tag === 'adjective' &&
        /^(?:\p{L}{2,}est|best|worst)$/u.test(lower) &&
        tokens[at - 1] !== undefined,
    ),
    withDegree(/^(?:most|least)$/, picksMost),
  ),
  'must, should, have to': modalIs(/^(?:must|should|ought)$/),
  'past continuous': tense('past continuous'),
  'zero conditional': conditional('zero'),
  'first conditional': conditional('first'),
  'present perfect': tense('present perfect'),
  'may, might, could': modalIs(/^(?:may|might|could)$/),
  'relative clause': clausesWhere(
    ({ kind, opener }) => kind === 'relative' && opener !== undefined,
  ),
  'question tag': clausesWhere(
    ({ group, kind }, { tokens }) =>
      kind === 'main' &&
      group.inverted &&
      group.finite.at > 2 &&
      tokens[group.finite.at - 1]?.tag === 'comma' &&
      tokens.length - group.finite.at <= 5,
  ),
  'although clause': clausesWhere(({ kind }) => kind === 'although'),
  passive: passive,
  'present perfect continuous': tense('present perfect continuous'),
  'second conditional': conditional('second'),
  'past perfect': tense('past perfect'),
  'reported speech': anyOf(
    clausesWhere(
      (clause, analysis) =>
        (clause.kind === 'that' ||
          (clause.opener?.lower === 'that' && afterWhom(clause, analysis))) &&
        /^(?:say|tell)$/.test(analysis.main?.group.verb.base ?? '') &&
        analysis.main?.tenseAspect === 'past simple',
    ),
    // Asked if it was open, asked where the gauge was.
    clausesWhere(
      (clause, analysis) =>
        (clause.kind === 'question' ||
          /^(?:if|whether)$/.test(clause.opener?.lower ?? '') ||
          afterWhom(clause, analysis)) &&
        analysis.main?.group.verb.base === 'ask' &&
        analysis.main.tenseAspect === 'past simple' &&
        (clause.opener?.at ?? 0) > analysis.main.group.verb.at,
    ),
    reportedCommand,
  ),
  'whose, whom or of which': ({ tokens }) =>
    tokens.flatMap((token, at) =>
      /^whos?e|whom$/.test(token.lower) && /^(?:whose|whom)$/.test(token.lower) && at > 0
        ? [[span([token])]]
        : // On which day did it fall? A preposition that begins the sentence begins a question.
          token.lower === 'which' && tokens[at - 1]?.tag === 'preposition' && at > 1
          ? [[span(tokens.slice(at - 1, at + 1))]]
          : [],
    ),
  'modal perfect': tense('modal perfect'),
  'past perfect continuous': tense('past perfect continuous'),
  'participle that opens a sentence': ({ tokens, completeness }) => {
    const first = tokens.find(({ mark }) => !mark);
    const comma = tokens.findIndex(({ tag }) => tag === 'comma');
    if (first === undefined || comma < 1 || completeness === 'fragment') return [];
    const opens =
      first.tag === 'ing' ||
      first.tag === 'participle' ||
      ((first.tag === 'have' || first.tag === 'be') && first.form === 'ing');
    return opens ? [[span(tokens.slice(first.at, comma))]] : [];
  },
  'third conditional': conditional('third'),
  'mixed conditional': conditional('mixed'),
  'verb before its subject': ({ tokens, clauses, type }) =>
    type === 'interrogative'
      ? []
      : clauses
          .filter(
            ({ group }) =>
              group.inverted &&
              /^(?:never|seldom|rarely|hardly|scarcely|nor|only|so|little)$/.test(
                tokens.find(({ mark }) => !mark)?.lower ?? '',
              ),
          )
          .map(({ group }) => groupSpans(group.tokens)),
};

export const structures: readonly Structure[] = structureTable.map((row) => ({
  ...row,
  find: finders[row.name] ?? (() => []),
}));

export const structureNamed = (name: string): Structure | undefined =>
  structures.find((structure) => structure.name === name);
