/** Where a phrase ends: with a preposition, with an adjective, with a verb in to or -ing. */
import type { TaggedToken } from '../tagging/tag-sentence';
import { isOfTime } from './adverbial';
import { nounPhraseEnd } from './noun-phrase';

/** The end of what a verb in to or -ing opens. */
export function clauseEnd(tokens: readonly TaggedToken[], from: number, limit: number): number {
  for (let at = from + 1; at < limit; at += 1) {
    if (/^(?:subordinator|comma|stop)$/.test(tokens[at]?.tag ?? '')) return at;
  }
  return limit;
}

/** The end of a phrase that a preposition opens. */
export function phraseEnd(tokens: readonly TaggedToken[], at: number, limit: number): number {
  let from = at + 1;
  while (tokens[from]?.tag === 'preposition') from += 1;
  // For more than half the day.
  const more = /^(?:more|less|fewer)$/.test(tokens[from]?.lower ?? '');
  const end = nounPhraseEnd(tokens, more && tokens[from + 1]?.lower === 'than' ? from + 2 : from);
  if (end !== undefined) {
    if (tokens[end]?.tag === 'relative') return limit;
    return Math.min(end, limit);
  }
  return tokens[from]?.tag === 'ing' ? clauseEnd(tokens, from, limit) : Math.min(from + 1, limit);
}

/** Adjectives that call for this preposition: good at, angry with, different from. */
const called: Readonly<Record<string, RegExp>> = {
  at: /^(?:good|bad|better|best|worse|brilliant|clever|hopeless|quick|slow|surprised|amazed|angry|mad|cross)$/,
  with: /^(?:angry|pleased|happy|busy|careful|wet|white|black|covered|filled|bored|popular|patient|familiar)$/,
  from: /^(?:different|far|safe|absent|free|separate)$/,
  in: /^(?:interested|rich|poor|successful)$/,
  to: /^(?:close|near|next|kind|similar|polite|rude|used|important|open|equal|cruel|new|harmful|useful)$/,
};

const isAdjective = (token: TaggedToken | undefined) =>
  token?.tag === 'adjective' || token?.tag === 'participle';

/** Very, too, so; as before its adjective can be read as a preposition. */
const grades = (token: TaggedToken | undefined) =>
  token?.tag === 'adverb' || token?.lower === 'as' || token?.lower === 'so';

/**
 * The end (exclusive) of the adjective phrase that begins at `from`: much too cold for us, taller
 * than the church, so steep that we stopped, ready to leave; undefined where none begins there.
 */
export function adjectivePhraseEnd(
  tokens: readonly TaggedToken[],
  from: number,
  limit: number,
): number | undefined {
  let at = from;
  while (at < limit && grades(tokens[at])) at += 1;
  if (at >= limit || !isAdjective(tokens[at])) return undefined;
  at += 1;
  for (let next = at; next < limit; next += 1) {
    if (isAdjective(tokens[next])) at = next + 1;
    else if (!/^(?:and|adverb|comma)$/.test(tokens[next]?.tag ?? '')) break;
  }
  // Keep valuable things: what a noun follows is part of its phrase.
  if (at < limit && /^(?:noun|nouns|name)$/.test(tokens[at]?.tag ?? '')) return undefined;
  if (tokens[at]?.lower === 'enough' && at < limit) at += 1;
  return withWhatItCallsFor(tokens, from, at, limit);
}

function withWhatItCallsFor(
  tokens: readonly TaggedToken[],
  from: number,
  at: number,
  limit: number,
): number {
  const [adjective, next] = [tokens[at - 1], tokens[at]];
  if (adjective === undefined || next === undefined || at >= limit) return at;
  if (next.lower === 'as')
    return tokens[from]?.lower !== 'as'
      ? at
      : next.tag === 'preposition'
        ? phraseEnd(tokens, at, limit)
        : limit;
  if (next.lower === 'than')
    return next.tag === 'preposition' ? phraseEnd(tokens, at, limit) : limit;
  if (next.tag === 'that') return limit;
  if (next.tag === 'to') return clauseEnd(tokens, at, limit);
  if (next.tag !== 'preposition') return at;
  const end = phraseEnd(tokens, at, limit);
  const calls =
    /^(?:of|about)$/.test(next.lower) ||
    (next.lower === 'for' && !tokens.slice(at, end).some(isOfTime)) ||
    called[next.lower]?.test(adjective.lower) === true;
  return calls ? withWhatItCallsFor(tokens, from, end, limit) : at;
}
