/** Where the subject of a main clause begins and ends. */
import type { TaggedToken } from '../tagging/tag-sentence';
import { placeAdverbs, timeWords } from './adverbial';
import type { Clause } from './clause';
import { nounPhraseEnd } from './noun-phrase';

/** The tokens of the subject of a main clause that is not inverted. */
export function subjectTokens(
  tokens: readonly TaggedToken[],
  clause: Clause,
  floor: number,
): TaggedToken[] {
  const { group } = clause;
  if (group.imperative) return [];
  if (group.inverted) {
    const first = group.inside.find(({ tag }) => tag !== 'adverb');
    const end = first === undefined ? undefined : nounPhraseEnd(tokens, first.at);
    const last = group.inside[group.inside.length - 1];
    if (first === undefined || last === undefined) return [];
    // Is the gate open? The phrase ends before its adjective; a verb further on ends it at the latest.
    const stop = group.tokens.length > 1 ? last.at + 1 : (end ?? last.at + 1);
    return tokens.slice(first.at, stop).filter(({ tag }) => tag !== 'adverb' && tag !== 'not');
  }
  let end = group.finite.at;
  // The woman who lives upstairs plays: an adverb of place belongs to what stands before it.
  while (
    end > floor &&
    /^(?:adverb|not)$/.test(tokens[end - 1]?.tag ?? '') &&
    !placeAdverbs.test(tokens[end - 1]?.lower ?? '')
  )
    end -= 1;
  let start = floor;
  // After the joiner, or the comma that closes what stands in front.
  const segment = tokens.slice(floor, end);
  const relative = segment.some(({ tag }) => tag === 'relative');
  for (let at = end - 1; at >= floor; at -= 1) {
    const { tag } = tokens[at] as TaggedToken;
    if (tag === 'comma' || tag === 'quote' || tag === 'stop') {
      const first = tokens[floor];
      const list = !relative && nounPhraseEnd(tokens, floor) === end;
      // The barometer, which hung by the door, was broken: the commas are inside the subject.
      const insertion =
        relative && first !== undefined && nounPhraseEnd(tokens, floor) !== undefined;
      if (!list && !insertion) start = at + 1;
      break;
    }
  }
  while (
    start < end &&
    // Too much pressure: the adverb belongs to the quantity.
    !/^(?:much|many|little|few)$/.test(tokens[start + 1]?.lower ?? '') &&
    /^(?:and|adverb|interjection|subordinator|that|quote|stop|comma)$/.test(
      tokens[start]?.tag ?? '',
    )
  )
    start += 1;
  start = pastLead(tokens, start, end);
  return tokens.slice(start, end);
}

/** In the hut the lamps …, every day the club …: past a phrase that stands before the subject. */
function pastLead(tokens: readonly TaggedToken[], start: number, end: number): number {
  // In the evening Mina: a name after a word of time is no part of its phrase.
  const named = tokens.findIndex(
    ({ tag, at, text, lower }) =>
      at > start + 1 &&
      at < end &&
      (tag === 'name' || /^\p{Lu}/u.test(text)) &&
      !timeWords.test(lower) &&
      timeWords.test(tokens[at - 1]?.lower ?? ''),
  );
  if (named > 0) return pastLead(tokens, named, end);
  // By six o'clock, at half past two o'clock.
  const hour = tokens.findIndex(
    ({ lower, at }) => lower === "o'clock" && at > start && at + 1 < end,
  );
  if (hour > 0) return pastLead(tokens, hour + 1, end);
  if (tokens[start]?.tag === 'preposition') {
    const phraseEnd = nounPhraseEnd(tokens, start + 1);
    if (phraseEnd !== undefined && phraseEnd < end) return pastLead(tokens, phraseEnd, end);
    return start;
  }
  // Every morning two members climb the hill.
  const [first, second] = [tokens[start], tokens[start + 1]];
  const timed =
    first !== undefined &&
    second !== undefined &&
    start + 2 < end &&
    /^(?:every|each|last|next|this|that|one)$/.test(first.lower) &&
    timeWords.test(second.lower) &&
    nounPhraseEnd(tokens, start + 2) !== undefined;
  if (timed) return start + 2;
  const phraseEnd = nounPhraseEnd(tokens, start);
  const head = phraseEnd === undefined ? undefined : tokens[phraseEnd - 1];
  const next = phraseEnd === undefined ? undefined : tokens[phraseEnd];
  if (
    phraseEnd !== undefined &&
    phraseEnd < end &&
    head &&
    timeWords.test(head.lower) &&
    next &&
    nounPhraseEnd(tokens, phraseEnd) !== undefined
  ) {
    return phraseEnd;
  }
  return start;
}

/** Where a subordinate clause in front ends: at its comma, or where the subject of the main clause begins. */
export function closedAt(tokens: readonly TaggedToken[], clause: Clause, finite: number): number {
  for (let at = finite - 1; at > clause.to; at -= 1) {
    if (tokens[at]?.tag === 'comma') return at + 1;
  }
  let at = finite;
  while (at - 1 > clause.to && !/^(?:determiner|pronoun-subject|name)$/.test(tokens[at]?.tag ?? ''))
    at -= 1;
  return at;
}
