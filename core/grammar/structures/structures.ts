/**
 * The structures of English that are taught by name, each with the level at
 * which courses usually teach it (common practice for courses of English and
 * primary schools; the levels are on the internal scale, UK school years) and
 * with where it is found in an analysed sentence.
 */
import type { Level } from '../../words/level';
import type { Span } from '../../texts/analysis/segment';
import type { Clause } from '../clauses/clauses';
import { agentOf } from '../describe/voice';
import { adjectivalParticiples } from '../tagging/readings';
import type { SentenceAnalysis } from '../describe/describe-sentence';
import type { TaggedToken } from '../tagging/tag-sentence';

export interface Structure {
  /** As a teacher calls it. */
  readonly name: string;
  /** On the internal scale, in UK school years. */
  readonly level: Level;
  /** What to write instead for a class that has not met it. */
  readonly advice: string;
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

export const structures: readonly Structure[] = [
  { name: 'present simple', level: 0, advice: '', find: tense('present simple') },
  { name: 'imperative', level: 0, advice: '', find: tense('imperative') },
  {
    name: 'question',
    level: 0.5,
    advice: '',
    find: (analysis) => (analysis.type === 'interrogative' ? [[span(analysis.tokens)]] : []),
  },
  {
    name: 'there is',
    level: 0.5,
    advice: '',
    find: ({ tokens }) =>
      tokens.flatMap((token, at) =>
        token.tag === 'there' && tokens[at + 1] ? [[span(tokens.slice(at, at + 2))]] : [],
      ),
  },
  {
    name: 'present continuous',
    level: 0.8,
    advice: 'Say it in the present simple.',
    find: tense('present continuous'),
  },
  { name: 'can and can’t', level: 0.8, advice: '', find: modalIs(/^(?:can|ca)$/) },
  { name: 'past simple', level: 1, advice: 'Tell it in the present.', find: tense('past simple') },
  {
    name: 'contraction',
    level: 1,
    advice: 'Write both words in full.',
    find: ({ tokens }) =>
      tokens.flatMap((token, at) =>
        token.joined && tokens[at + 1]?.tag !== 'possessive' && tokens[at + 1]
          ? [[span(tokens.slice(at, at + 2))]]
          : [],
      ),
  },
  {
    name: 'because clause',
    level: 1.2,
    advice: 'Make it two sentences.',
    find: clausesWhere(({ kind, opener }) => kind === 'because' && opener?.lower === 'because'),
  },
  {
    name: 'future going-to',
    level: 1.5,
    advice: 'Use will, or the present.',
    find: tense('future going-to'),
  },
  { name: 'future will', level: 1.5, advice: 'Use the present.', find: tense('future will') },
  {
    name: 'when clause',
    level: 1.6,
    advice: 'Make it two sentences.',
    find: clausesWhere(({ kind }) => kind === 'when'),
  },
  {
    name: 'comparative',
    level: 1.8,
    advice: 'Use the plain adjective.',
    find: wordsWhere(
      ({ lower, tag }, tokens) =>
        (tag === 'adjective' || tag === 'adverb') &&
        /^(?:\p{L}{2,}er|better|worse)$/u.test(lower) &&
        tokens.some((token) => token.lower === 'than'),
    ),
  },
  {
    name: 'superlative',
    level: 1.9,
    advice: 'Use very and the plain adjective.',
    find: wordsWhere(
      ({ lower, tag, at }, tokens) =>
        tag === 'adjective' &&
        /^(?:\p{L}{2,}est|best|worst)$/u.test(lower) &&
        tokens[at - 1] !== undefined,
    ),
  },
  {
    name: 'must, should, have to',
    level: 2,
    advice: 'Give a command.',
    find: modalIs(/^(?:must|should|ought)$/),
  },
  {
    name: 'past continuous',
    level: 2.6,
    advice: 'Use the past simple.',
    find: tense('past continuous'),
  },
  { name: 'zero conditional', level: 3, advice: 'Say it with when.', find: conditional('zero') },
  {
    name: 'first conditional',
    level: 3.2,
    advice: 'Make it two sentences: It may rain. Then …',
    find: conditional('first'),
  },
  {
    name: 'present perfect',
    level: 3,
    advice: 'Use the past simple.',
    find: tense('present perfect'),
  },
  {
    name: 'may, might, could',
    level: 3.2,
    advice: 'Use perhaps.',
    find: modalIs(/^(?:may|might|could)$/),
  },
  {
    name: 'relative clause',
    level: 3.4,
    advice: 'Make it two sentences.',
    find: clausesWhere(({ kind, opener }) => kind === 'relative' && opener !== undefined),
  },
  {
    name: 'question tag',
    level: 3.8,
    advice: 'Ask a plain question.',
    find: clausesWhere(
      ({ group, kind }, { tokens }) =>
        kind === 'main' &&
        group.inverted &&
        group.finite.at > 2 &&
        tokens[group.finite.at - 1]?.tag === 'comma' &&
        tokens.length - group.finite.at <= 5,
    ),
  },
  {
    name: 'although clause',
    level: 4,
    advice: 'Use but.',
    find: clausesWhere(({ kind }) => kind === 'although'),
  },
  { name: 'passive', level: 4.2, advice: 'Begin with who did it.', find: passive },
  {
    name: 'present perfect continuous',
    level: 4.5,
    advice: 'Use the present perfect.',
    find: tense('present perfect continuous'),
  },
  {
    name: 'second conditional',
    level: 4.8,
    advice: 'Say what is so now.',
    find: conditional('second'),
  },
  {
    name: 'past perfect',
    level: 5.2,
    advice: 'Tell it in order in the past simple.',
    find: tense('past perfect'),
  },
  {
    name: 'reported speech',
    level: 5,
    advice: 'Let the speaker speak.',
    find: clausesWhere(
      ({ kind }, { main }) =>
        kind === 'that' &&
        /^(?:say|tell)$/.test(main?.group.verb.base ?? '') &&
        main?.tenseAspect === 'past simple',
    ),
  },
  {
    name: 'whose, whom or of which',
    level: 6,
    advice: 'Make it two sentences.',
    find: ({ tokens }) =>
      tokens.flatMap((token, at) =>
        /^whos?e|whom$/.test(token.lower) && /^(?:whose|whom)$/.test(token.lower) && at > 0
          ? [[span([token])]]
          : token.lower === 'which' && tokens[at - 1]?.tag === 'preposition'
            ? [[span(tokens.slice(at - 1, at + 1))]]
            : [],
      ),
  },
  {
    name: 'modal perfect',
    level: 6.5,
    advice: 'Say what did happen.',
    find: tense('modal perfect'),
  },
  {
    name: 'past perfect continuous',
    level: 6.8,
    advice: 'Use the past continuous.',
    find: tense('past perfect continuous'),
  },
  {
    name: 'participle that opens a sentence',
    level: 7,
    advice: 'Begin with “When” or “Because”.',
    find: ({ tokens, completeness }) => {
      const first = tokens.find(({ mark }) => !mark);
      const comma = tokens.findIndex(({ tag }) => tag === 'comma');
      if (first === undefined || comma < 1 || completeness === 'fragment') return [];
      const opens =
        first.tag === 'ing' ||
        first.tag === 'participle' ||
        ((first.tag === 'have' || first.tag === 'be') && first.form === 'ing');
      return opens ? [[span(tokens.slice(first.at, comma))]] : [];
    },
  },
  {
    name: 'third conditional',
    level: 7.5,
    advice: 'Say what did happen instead.',
    find: conditional('third'),
  },
  {
    name: 'mixed conditional',
    level: 9,
    advice: 'Make it two sentences.',
    find: conditional('mixed'),
  },
  {
    name: 'verb before its subject',
    level: 9,
    advice: 'Put the subject first.',
    find: ({ tokens, clauses, type }) =>
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
  },
];

export const structureNames = structures.map(({ name }) => name);

export const structureNamed = (name: string): Structure | undefined =>
  structures.find((structure) => structure.name === name);
