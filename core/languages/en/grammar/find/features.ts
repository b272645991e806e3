/** The word classes and forms that can be found in a text by name. */
import type { Span } from '../../../shared/segment';
import type { SentenceAnalysis } from '../describe/describe-sentence';
import { isVerbTag } from '../tagging/reading-state';
import type { TaggedToken } from '../tagging/tag-sentence';
import { voiceOf } from '../describe/voice';
import type { FeatureName } from '../structures/feature-names';
import { contractionsIn } from '../transform/contractions';

export interface FoundFeature extends Span {
  readonly text: string;
  /** For a contraction both words in full; for a verb its base. */
  readonly full?: string;
  readonly base?: string;
}

const found = (
  tokens: readonly TaggedToken[],
  test: (token: TaggedToken) => boolean,
): FoundFeature[] =>
  tokens.filter(test).map(({ start, end, text, base, full, tag }) => ({
    start,
    end,
    text,
    ...(base !== undefined && tag !== 'nouns' ? { base } : {}),
    ...(full === undefined ? {} : { full }),
  }));

/** Particles of place that are adverbs wherever they stand. */
const placeAdverbs = new Set('away back together apart forward forwards ahead aside'.split(' '));

/** A participle that stands before its noun, or after be as a state, is used as an adjective. */
function isAdjective(token: TaggedToken, { tokens, clauses }: SentenceAnalysis): boolean {
  if (token.tag === 'adjective') return true;
  if (token.tag !== 'participle' && token.tag !== 'ing') return false;
  const before = tokens[token.at - 1];
  const after = tokens[token.at + 1];
  const clause = clauses.find(({ group }) => group.tokens.some(({ at }) => at === token.at));
  // They were delighted, the lake is frozen: what somebody is like, not what was done.
  if (clause !== undefined)
    return (
      token.tag === 'participle' &&
      token === clause.group.verb &&
      clause.group.passive &&
      voiceOf(tokens, clause).voice === 'active'
    );
  const attributive =
    before !== undefined &&
    /^(?:determiner|possessive|adjective|number)$/.test(before.tag) &&
    after !== undefined &&
    /^(?:noun|nouns|name|adjective)$/.test(after.tag);
  const afterAdverb =
    before?.tag === 'adverb' &&
    tokens[token.at - 2]?.tag === 'determiner' &&
    /^(?:noun|nouns)$/.test(after?.tag ?? '');
  return attributive || afterAdverb;
}

const finders: Readonly<Record<FeatureName, (analysis: SentenceAnalysis) => FoundFeature[]>> = {
  articles: ({ tokens }) =>
    found(tokens, ({ tag, lower }) => tag === 'determiner' && /^(?:the|a|an)$/.test(lower)),
  determiners: ({ tokens }) => found(tokens, ({ tag }) => tag === 'determiner'),
  prepositions: ({ tokens }) => found(tokens, ({ tag }) => tag === 'preposition'),
  contractions: ({ tokens }) => contractionsIn(tokens),
  adjectives: (analysis) => found(analysis.tokens, (token) => isAdjective(token, analysis)),
  adverbs: ({ tokens }) =>
    found(
      tokens,
      ({ tag, lower }) => tag === 'adverb' || (tag === 'particle' && placeAdverbs.has(lower)),
    ),
  verbs: (analysis) =>
    found(
      analysis.tokens,
      (token) => (isVerbTag(token.tag) || token.tag === 'modal') && !isAdjective(token, analysis),
    ),
  nouns: ({ tokens }) =>
    found(tokens, ({ tag }) => tag === 'noun' || tag === 'nouns' || tag === 'name'),
  pronouns: ({ tokens }) =>
    found(tokens, ({ tag }) => tag.startsWith('pronoun') || tag === 'relative'),
  conjunctions: ({ tokens }) =>
    found(tokens, ({ tag }) => tag === 'and' || tag === 'subordinator' || tag === 'that'),
};

/** How each is found, by any name. */
export const features: Readonly<Record<string, (analysis: SentenceAnalysis) => FoundFeature[]>> =
  finders;
