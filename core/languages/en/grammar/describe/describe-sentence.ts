/** What is in an English sentence: its type, the tense and voice of its main clause, its conditional, whether it is whole. */
import { irregularVerb } from '../../forms/irregular-verbs';
import type { Lexicon } from '../../lexicon/lexicon';
import type { Clause } from '../clauses/clause';
import { clausesOf } from '../clauses/clauses';
import type { TenseAspect } from '../clauses/tense-aspect';
import { tagSentence, type TaggedToken } from '../tagging/tag-sentence';
import { speechVerbs } from '../tagging/verb-patterns';
import type { Token } from '../tokens/token';
import { tokenise } from '../tokens/tokenise';
import { completenessOf, type FoundCompleteness } from './completeness';
import { conditionalOf, type FoundConditional } from './conditional';
import { isExclamation, sentenceTypeOf, type SentenceType } from './sentence-type';
import { voiceOf, type Voice } from './voice';

export interface SentenceLabels {
  readonly type: SentenceType | 'none';
  readonly tenseAspect: TenseAspect;
  readonly voice: Voice;
  readonly conditional: FoundConditional['type'];
  readonly completeness: FoundCompleteness['completeness'];
}

/** One way to understand a sentence. */
export interface SentenceAnalysis extends SentenceLabels {
  readonly tokens: readonly TaggedToken[];
  readonly clauses: readonly Clause[];
  readonly main?: Clause;
  readonly condition: FoundConditional;
  readonly whole: FoundCompleteness;
  /** False where the sentence can be read otherwise: a person should look. */
  readonly sure: boolean;
  /** Why it is not sure, in plain sentences. */
  readonly doubts: readonly string[];
}

/** Another reading that costs no more than this above the best one leaves a doubt. */
const CLOSE = 0.45;

const quotesBefore = (tokens: readonly TaggedToken[], at: number) =>
  tokens.slice(0, at).filter(({ text }) => /^["“”]$/.test(text)).length;

function reportsQuotation({ group }: Clause, tokens: readonly TaggedToken[]): boolean {
  if (!speechVerbs.has(group.verb.base ?? '')) return false;
  const total = quotesBefore(tokens, tokens.length);
  return total > 1 && quotesBefore(tokens, group.finite.at) % 2 === 0;
}

/** Put, set, hurt: with a plural subject only the verbs beside it tell present from past. */
function settleSameForms(tokens: readonly TaggedToken[]): readonly TaggedToken[] {
  const past = tokens.some(({ tag, form }) => tag === 'past' || form === 'past');
  const present = tokens.some(({ tag, form }) => tag === 'third' || form === 'present');
  const time = tokens.some(({ lower }) => /^(?:yesterday|ago|last)$/.test(lower));
  if (!((past && !present) || time)) return tokens;
  return tokens.map((token) =>
    token.tag === 'present' &&
    token.base === token.lower &&
    irregularVerb(token.lower)?.past.includes(token.lower)
      ? { ...token, tag: 'past' as const }
      : token,
  );
}

export function analyseTokens(read: readonly TaggedToken[]): SentenceAnalysis {
  const tokens = settleSameForms(read);
  const clauses = clausesOf(tokens);
  const condition = conditionalOf(clauses, tokens);
  const whole = completenessOf(tokens, clauses);
  // Had she looked, she would have seen: the condition is no main clause.
  // “It is cold,” said Bram: the clause that says who speaks is the main one.
  const main =
    clauses.find((clause) => clause.kind === 'main' && reportsQuotation(clause, tokens)) ??
    clauses.find((clause) => clause.kind === 'main' && clause !== condition.condition) ??
    clauses.find(({ kind }) => kind === 'main');
  const shared = { tokens, clauses, condition, whole };
  // What lovely flowers! An exclamation needs no verb.
  if (
    clauses.length === 0 &&
    tokens[tokens.length - 1]?.text === '!' &&
    isExclamation(tokens, main)
  ) {
    return {
      ...shared,
      whole: { completeness: 'complete', missing: [], sure: true },
      type: 'exclamatory',
      tenseAspect: 'none',
      voice: 'none',
      conditional: 'none',
      completeness: 'complete',
      sure: true,
      doubts: [],
    };
  }
  if (main === undefined || whole.completeness === 'fragment') {
    return {
      ...shared,
      ...(main ? { main } : {}),
      type: 'none',
      tenseAspect: 'none',
      voice: 'none',
      conditional: 'none',
      completeness: 'fragment',
      sure: whole.sure,
      doubts: whole.sure ? [] : ['A single word can be an answer: look at what stands before it.'],
    };
  }
  const voice = voiceOf(tokens, main);
  const doubts: string[] = [];
  if (!voice.sure && voice.participle === undefined)
    doubts.push('This can say what was done or what state it is in.');
  else if (!voice.sure) doubts.push('This can be read as a passive or as a state.');
  if (!condition.sure) doubts.push('The verbs of this if-sentence fit no usual type.');
  if (!whole.sure) doubts.push('In so long a sentence look whether it is two in one.');
  return {
    ...shared,
    main,
    type: sentenceTypeOf(tokens, main),
    tenseAspect: main.tenseAspect,
    voice: voice.voice,
    conditional: condition.type,
    completeness: whole.completeness,
    sure: doubts.length === 0,
    doubts,
  };
}

const labelsOf = ({ type, tenseAspect, voice, conditional, completeness }: SentenceLabels) =>
  [type, tenseAspect, voice, conditional, completeness].join('|');

/** The analysis of a sentence that is cut into tokens already. */
export function analyseSentenceTokens(
  tokens: readonly Token[],
  lexicon: Lexicon,
): SentenceAnalysis {
  const [best, ...others] = tagSentence(tokens, lexicon);
  const analysis = analyseTokens(best?.tokens ?? []);
  const rival = others
    .filter(({ cost }) => cost - (best?.cost ?? 0) < CLOSE)
    .map((reading) => analyseTokens(reading.tokens))
    .find((other) => labelsOf(other) !== labelsOf(analysis));
  if (rival === undefined) return analysis;
  return {
    ...analysis,
    sure: false,
    doubts: [...analysis.doubts, 'The words of this sentence can be read in another way.'],
  };
}

/** Sentences read of late: an exercise asks for the same ones again and again. */
const recent = new WeakMap<Lexicon, Map<string, SentenceAnalysis>>();
const MOST_RECENT = 5000;

/** The analysis of one English sentence. */
export function analyseSentence(sentence: string, lexicon: Lexicon): SentenceAnalysis {
  const known = recent.get(lexicon) ?? new Map<string, SentenceAnalysis>();
  recent.set(lexicon, known);
  const before = known.get(sentence);
  if (before !== undefined) return before;
  if (known.size >= MOST_RECENT) known.clear();
  const analysis = analyseSentenceTokens(tokenise(sentence), lexicon);
  known.set(sentence, analysis);
  return analysis;
}
