/** How a clause hangs on the one before it where no conjunction says so. */
import type { TaggedToken } from '../tagging/tag-sentence';
import { isFinite } from '../tagging/tag';
import {
  clauseAdjectives,
  clauseVerbs,
  doubleObjectVerbs,
  intransitiveVerbs,
  speechVerbs,
} from '../tagging/verb-patterns';
import type { Clause } from './clause';
import type { VerbGroup } from './verb-group';

/** By the time she came, the moment it stops, the way he smiled: a clause on a noun of time or manner. */
export function opensByNoun(tokens: readonly TaggedToken[], at: number): boolean {
  const token = tokens[at] as TaggedToken;
  const next = tokens[at + 1];
  if (next === undefined || !/^(?:pronoun-subject|determiner|name|pronoun|there)$/.test(next.tag))
    return false;
  if (!tokens.slice(at + 2).some((one) => isFinite(one))) return false;
  const before = tokens[at - 1]?.lower ?? '';
  if (token.lower === 'time')
    return (
      /^(?:every|each|first|next)$/.test(before) ||
      (before === 'the' && tokens[at - 2]?.lower === 'by')
    );
  return (
    before === 'the' &&
    /^(?:moment|minute|instant|day|way|reason|year)$/.test(token.lower) &&
    at >= 1
  );
}

/** Had she looked, were it colder, should it rain. */
export const isCondition = ({ group }: Clause, tokens: readonly TaggedToken[]) =>
  group.inverted &&
  /^(?:had|were|should)$/.test(group.finite.lower) &&
  (tokens[tokens.length - 1]?.text !== '?' || tokens.some(({ tag }) => tag === 'comma'));

const times =
  /^(?:morning|afternoon|evening|night|day|week|month|year|time|today|yesterday|tomorrow|monday|tuesday|wednesday|thursday|friday|saturday|sunday|spring|summer|autumn|winter)s?$/;

/** True where the clause is the beginning of a longer subject. */
export function opensAsNoun(tokens: readonly TaggedToken[], { group }: Clause): boolean {
  const first = tokens.find(({ mark }) => !mark);
  if (first === undefined || group.inverted) return false;
  if (first.tag === 'question')
    return group.finite.at > first.at + 1 || /^(?:what|whoever|whatever)$/.test(first.lower);
  // The book I borrowed: two noun phrases with nothing between them.
  for (let at = first.at + 1; at < group.finite.at; at += 1) {
    const token = tokens[at] as TaggedToken;
    const before = tokens[at - 1] as TaggedToken;
    if (token.tag === 'comma' || token.tag === 'and') return false;
    const opens = /^(?:determiner|pronoun-subject|name)$/.test(token.tag);
    const ended = /^(?:noun|nouns|pronoun)$/.test(before.tag) && !times.test(before.lower);
    if (opens && ended) return true;
  }
  return false;
}

/** So cold we went in, such a noise that nobody slept: so or such in the clause before. */
export function isResult(tokens: readonly TaggedToken[], last: Clause, group: VerbGroup): boolean {
  const between = tokens.slice(last.group.verb.at + 1, group.finite.at);
  return between.some(
    ({ lower, at }) =>
      lower === 'such' ||
      (lower === 'so' &&
        /^(?:adjective|adverb|participle|determiner|pronoun)$/.test(tokens[at + 1]?.tag ?? '') &&
        tokens[at - 1]?.tag !== 'comma'),
  );
}

/** I think the storm is over: the subject of the second clause stands right after the verb of the first. */
export function isComplement(
  tokens: readonly TaggedToken[],
  last: Clause,
  group: VerbGroup,
): boolean {
  const told = tokens
    .slice(last.group.verb.at + 1, group.finite.at)
    .find(({ lower }) => clauseAdjectives.has(lower));
  if (last.group.verb.base === 'be' && told)
    return phrasesBetween(tokens, told.at + 1, group.finite.at) === 1;
  if (!clauseVerbs.has(last.group.verb.base ?? '')) return false;
  const phrases = phrasesBetween(tokens, last.group.verb.at + 1, group.finite.at);
  return (
    phrases === 1 ||
    (phrases === 2 &&
      /^(?:tell|promise|warn|show|remind|teach|ask)$/.test(last.group.verb.base ?? ''))
  );
}

/** Noun phrases between two places, told apart by what begins each. */
function phrasesBetween(tokens: readonly TaggedToken[], from: number, to: number): number {
  let count = 0;
  let inside = false;
  for (const { tag } of tokens.slice(from, to)) {
    const begins = /^(?:determiner|pronoun-subject|pronoun-object|pronoun|there)$/.test(tag);
    const noun = /^(?:noun|nouns|name|number|adjective|possessive)$/.test(tag);
    if (begins || (noun && !inside)) count += 1;
    inside = begins || noun || (inside && tag === 'preposition');
    if (tag.startsWith('pronoun')) inside = false;
  }
  return count;
}

/** Asha cleaned the lid Bram found: the second clause has a gap where the noun before it belongs. */
export function isContact(tokens: readonly TaggedToken[], last: Clause, group: VerbGroup): boolean {
  const subjects = phrasesBetween(tokens, last.group.verb.at + 1, group.finite.at);
  const next = tokens[group.verb.at + 1];
  if (tokens[group.finite.at - 2]?.lower === 'lot') return false;
  // She dropped the plate it broke: what breaks by itself is no object here.
  const itself = tokens[group.finite.at - 1]?.lower === 'it' && next?.tag !== 'preposition';
  if (
    itself &&
    /^(?:break|melt|burst|crack|sink|spill|fall|stop|start|snap|tear|open|close)$/.test(
      group.verb.base ?? '',
    )
  )
    return false;
  // The food we gave him, the tooth he is working on.
  const after = tokens[group.verb.at + 2];
  if (
    subjects >= 2 &&
    doubleObjectVerbs.has(group.verb.base ?? '') &&
    next?.tag === 'pronoun-object'
  )
    return true;
  if (
    subjects >= 2 &&
    next &&
    /^(?:preposition|particle)$/.test(next.tag) &&
    after?.tag === 'stop' &&
    next.tag === 'preposition'
  )
    return true;
  const complete =
    next !== undefined &&
    /^(?:determiner|pronoun|pronoun-object|name|noun|nouns|number|adjective)$/.test(next.tag);
  return (
    subjects >= 2 && !complete && !intransitiveVerbs.has(group.verb.base ?? '') && !group.passive
  );
}

/** A verb of speech with a comma right after it, and one before its subject. */
export function isInserted(tokens: readonly TaggedToken[], { group }: Clause): boolean {
  return (
    speechVerbs.has(group.verb.base ?? '') &&
    tokens[group.verb.at + 1]?.tag === 'comma' &&
    tokens.slice(0, group.finite.at).some(({ tag }) => tag === 'comma')
  );
}

/** Said Bram, I think: words that name the speaker or soften, not a clause run on. */
export function isAside(
  tokens: readonly TaggedToken[],
  group: VerbGroup,
  last: Clause,
  broken: TaggedToken | undefined,
): boolean {
  const quoted = tokens.some(({ tag }) => tag === 'quote');
  if (
    quoted &&
    (speechVerbs.has(group.verb.base ?? '') || speechVerbs.has(last.group.verb.base ?? ''))
  )
    return true;
  if (broken?.tag === 'dash') return true;
  // It is cold, isn't it?
  if (group.inverted && group.tokens.length === 1 && tokens.length - group.finite.at <= 5)
    return true;
  return clauseVerbs.has(group.verb.base ?? '') && group.finite.at >= tokens.length - 3;
}
