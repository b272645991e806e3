/** A noun phrase: the old barometer by the door, three lamps, Bram and Asha, the boys who found it. */
import type { TaggedToken } from '../tagging/tag-sentence';

const pronounTags = new Set(['pronoun', 'pronoun-subject', 'pronoun-object']);
const before = new Set(['determiner', 'possessive', 'number', 'adjective']);
const heads = new Set(['noun', 'nouns', 'name']);

/**
 * The end (exclusive) of the noun phrase that begins at token `from`, with what
 * of, and and a comma add to it; undefined where none begins there.
 */
export function nounPhraseEnd(tokens: readonly TaggedToken[], from: number): number | undefined {
  let at = from;
  const first = tokens[at];
  if (first === undefined) return undefined;
  if (pronounTags.has(first.tag)) {
    at += 1;
    // Each of the boys, some of it.
    return withOf(tokens, at);
  }
  // Each other, one another.
  const pair = `${first.lower} ${tokens[at + 1]?.lower}`;
  if (pair === 'each other' || pair === 'one another') return at + 2;
  let seen = false;
  let determined = false;
  for (; at < tokens.length; at += 1) {
    const token = tokens[at] as TaggedToken;
    if (heads.has(token.tag)) {
      seen = true;
      continue;
    }
    if (token.tag === 'possessive' && seen) continue;
    if (token.tag === 'determiner' && !seen && !determined) {
      determined = !/^(?:all|both|half|such|what)$/.test(token.lower);
      continue;
    }
    if (token.tag === 'determiner' && tokens[at - 1]?.tag === 'possessive') continue;
    if (
      before.has(token.tag) &&
      token.tag !== 'determiner' &&
      !(
        seen &&
        token.tag === 'adjective' &&
        tokens[at - 1]?.tag !== 'possessive' &&
        // Five grey chicks.
        !(/^(?:number|adjective)$/.test(tokens[at - 1]?.tag ?? '') && headFollows(tokens, at))
      )
    ) {
      if (token.tag === 'number') seen = true;
      continue;
    }
    // Very cold, the broken lamp, the running water.
    if (
      token.tag === 'adverb' &&
      !seen &&
      /^(?:adjective|participle|adverb)$/.test(tokens[at + 1]?.tag ?? '')
    )
      continue;
    if (
      (token.tag === 'participle' || token.tag === 'ing') &&
      !seen &&
      at > from &&
      headFollows(tokens, at)
    )
      continue;
    if (
      token.tag === 'comma' &&
      !seen &&
      tokens[at - 1]?.tag === 'adjective' &&
      tokens[at + 1]?.tag === 'adjective'
    )
      continue;
    break;
  }
  // A gerund: swimming in the lake.
  if (!seen && first.tag === 'ing' && at === from) return undefined;
  if (!seen)
    return first.tag === 'determiner' &&
      at === from + 1 &&
      /^(?:this|that|these|those|some|all|both|each)$/.test(first.lower)
      ? at
      : undefined;
  return withAnd(tokens, withOf(tokens, at));
}

const headFollows = (tokens: readonly TaggedToken[], at: number) => {
  for (let next = at + 1; next < tokens.length; next += 1) {
    const { tag } = tokens[next] as TaggedToken;
    if (heads.has(tag)) return true;
    if (tag !== 'adjective' && tag !== 'participle') return false;
  }
  return false;
};

function withOf(tokens: readonly TaggedToken[], at: number): number {
  if (tokens[at]?.lower === 'of') {
    const end = nounPhraseEnd(tokens, at + 1);
    if (end !== undefined) return end;
  }
  return at;
}

/** Bram and Asha; a comma only where and follows in the same list. */
function withAnd(tokens: readonly TaggedToken[], at: number): number {
  const token = tokens[at];
  if (token?.tag === 'and' && /^(?:and|or|nor)$/.test(token.lower)) {
    const end = nounPhraseEnd(tokens, at + 1);
    if (end !== undefined && !startsClause(tokens, end)) return end;
  }
  if (token?.tag === 'comma') {
    const end = nounPhraseEnd(tokens, at + 1);
    if (end === undefined || startsClause(tokens, end)) return at;
    const list = tokens.slice(at, end).some(({ tag }) => tag === 'and');
    return list ? end : at;
  }
  return at;
}

/** A noun phrase that a finite verb follows is the subject of that verb, and no part of the list before. */
function startsClause(tokens: readonly TaggedToken[], at: number): boolean {
  for (let next = at; next < tokens.length; next += 1) {
    const { tag, form } = tokens[next] as TaggedToken;
    if (tag === 'adverb' || tag === 'not') continue;
    return (
      /^(?:past|present|third|modal)$/.test(tag) ||
      ((tag === 'be' || tag === 'have' || tag === 'do') && (form === 'past' || form === 'present'))
    );
  }
  return false;
}

/** The head of a noun phrase: its last noun before of. */
export function headOf(tokens: readonly TaggedToken[]): TaggedToken | undefined {
  let head: TaggedToken | undefined;
  for (const token of tokens) {
    if (token.lower === 'of' || token.tag === 'relative' || token.tag === 'preposition') break;
    if (token.tag === 'possessive') head = undefined;
    else if (heads.has(token.tag) || pronounTags.has(token.tag) || token.tag === 'number')
      head = token;
  }
  return head ?? tokens[0];
}

/** Whether a verb after this phrase is plural: we, the lamps, Bram and Asha. */
export function isPluralPhrase(tokens: readonly TaggedToken[]): boolean {
  const joined = tokens.findIndex(({ tag, lower }) => tag === 'and' && lower === 'and');
  const relative = tokens.findIndex(({ tag }) => tag === 'relative' || tag === 'preposition');
  if (joined > 0 && (relative === -1 || joined < relative)) return true;
  const head = headOf(tokens);
  if (head === undefined) return false;
  if (head.tag === 'nouns') return true;
  if (head.tag === 'number') return head.lower !== 'one' && head.lower !== '1';
  if (
    /^(?:i|you|we|they|these|those|many|few|both|several|people|police|cattle|children|men|women)$/.test(
      head.lower,
    )
  )
    return true;
  if (/^(?:some|all|most)$/.test(head.lower)) {
    const after = tokens.slice(tokens.indexOf(head) + 1);
    return after.some(({ tag }) => tag === 'nouns');
  }
  return false;
}
