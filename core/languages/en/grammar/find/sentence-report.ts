/** The description of a sentence as plain data: labels, words, clauses and parts, each with its span. */
import type { Lexicon } from '../../lexicon/lexicon';
import { sentencesIn, type Span } from '../../../shared/segment';
import { clauseExtents } from '../clauses/clause-extents';
import { clauseParts } from '../clauses/clause-parts';
import { seemsForeign } from './find-in-text';
import { features } from './features';
import { structures } from '../structures/structures';
import type { TaggedToken } from '../tagging/tag-sentence';
import { agentOf } from '../clauses/agent';
import { analyseSentence, type SentenceLabels } from '../describe/describe-sentence';

export interface ReportedSpan extends Span {
  readonly text: string;
}

export interface SentenceReport extends SentenceLabels {
  readonly sentence: string;
  readonly sure: boolean;
  /** Why it is not sure, and what else a person should know. */
  readonly notes: readonly string[];
  /** What a fragment lacks: subject, verb, main clause. */
  readonly missing: readonly string[];
  /** Where a run-on should be cut. */
  readonly cut: number | null;
  readonly words: readonly (ReportedSpan & {
    readonly wordClass: string;
    readonly base?: string;
    readonly full?: string;
  })[];
  readonly clauses: readonly (ReportedSpan & {
    readonly kind: string;
    readonly tenseAspect: string;
    readonly opener?: string;
    readonly verb: string;
  })[];
  /** Subject, verb, object, to whom, complement, agent, where, when, how, why of the main clause. */
  readonly parts: readonly (ReportedSpan & {
    readonly name: string;
    /** Of a verb each of its words: others may stand between them. */
    readonly pieces?: readonly ReportedSpan[];
  })[];
  readonly modal: string | null;
  readonly agent: string | null;
  readonly negative: boolean;
  readonly contractions: readonly {
    readonly start: number;
    readonly end: number;
    readonly text: string;
    readonly full?: string;
  }[];
  readonly structures: readonly string[];
}

/** Teacher's names of the finer tags. */
const classOf: Readonly<Record<string, string>> = {
  'pronoun-subject': 'pronoun',
  'pronoun-object': 'pronoun',
  possessive: 'possessive ending',
  nouns: 'noun',
  name: 'noun',
  modal: 'modal verb',
  be: 'verb',
  have: 'verb',
  do: 'verb',
  base: 'verb',
  present: 'verb',
  third: 'verb',
  past: 'verb',
  participle: 'verb',
  ing: 'verb',
  to: 'to',
  not: 'not',
  there: 'there',
  and: 'conjunction',
  subordinator: 'conjunction',
  that: 'conjunction',
  relative: 'relative pronoun',
  question: 'question word',
};

export function describe(sentence: string, lexicon: Lexicon): SentenceReport {
  const analysis = analyseSentence(sentence, lexicon);
  const { tokens, clauses, main, whole } = analysis;
  const spanOf = (list: readonly TaggedToken[]): ReportedSpan => {
    const start = list[0]?.start ?? 0;
    const end = list[list.length - 1]?.end ?? 0;
    return { start, end, text: sentence.slice(start, end) };
  };
  const notes = [...analysis.doubts];
  if (tokens.every(({ mark }) => mark)) notes.unshift('There is no word here. Write a sentence.');
  else if (sentencesIn(sentence).length > 1)
    notes.unshift('This is more than one sentence: the first main clause is described.');
  if (seemsForeign(sentence))
    notes.unshift('This does not read like English: nothing here can be counted on.');
  const words = tokens.filter(({ mark }) => !mark).length;
  if (words > 60) notes.push(`${words} words in one sentence: look at it clause by clause.`);
  const parts = main ? clauseParts(tokens, main, clauses).parts : [];
  const extents = clauseExtents(tokens, clauses);
  const agent = main?.group.passive ? agentOf(tokens, main.group.verb.at) : undefined;
  return {
    sentence,
    type: analysis.type,
    tenseAspect: analysis.tenseAspect,
    voice: analysis.voice,
    conditional: analysis.conditional,
    completeness: analysis.completeness,
    sure: analysis.sure && notes.length === 0,
    notes,
    missing: whole.missing,
    cut: whole.cut?.start ?? null,
    words: tokens
      .filter(({ mark }) => !mark)
      .map((token) => ({
        ...spanOf([token]),
        wordClass: classOf[token.tag] ?? token.tag,
        ...(token.base === undefined ? {} : { base: token.base }),
        ...(token.full === undefined ? {} : { full: token.full }),
      })),
    clauses: extents.map(({ clause, from, to }) => ({
      ...spanOf(tokens.slice(from, to)),
      kind: clause.kind,
      tenseAspect: clause.tenseAspect,
      ...(clause.opener ? { opener: clause.opener.text } : {}),
      verb: clause.group.tokens.map(({ text }) => text).join(' '),
    })),
    parts: parts.map(({ name, tokens: list }) => ({
      name,
      ...spanOf(list),
      ...(name === 'verb' ? { pieces: list.map((token) => spanOf([token])) } : {}),
    })),
    modal: main?.group.modal ?? null,
    agent: agent ? spanOf(agent.slice(1)).text : null,
    negative: main?.group.negative ?? false,
    contractions: (features['contractions'] as (typeof features)[string])(analysis),
    structures: structures.filter(({ find }) => find(analysis).length > 0).map(({ name }) => name),
  };
}
