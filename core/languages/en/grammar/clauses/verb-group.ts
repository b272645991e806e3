/** A verb with its auxiliaries: will be closed, has not been reading, are going to paint. */
import type { TaggedToken } from '../tagging/tag-sentence';
import { isFinite } from '../tagging/tag';

export interface VerbGroup {
  /** The auxiliaries and the verb, in order; not, adverbs and an inverted subject are left out. */
  readonly tokens: readonly TaggedToken[];
  /** The first verb form: it carries the tense, or is an imperative. */
  readonly finite: TaggedToken;
  /** The last verb form. */
  readonly verb: TaggedToken;
  readonly modal?: string;
  readonly perfect: boolean;
  readonly progressive: boolean;
  readonly passive: boolean;
  /** is going to + base. */
  readonly goingTo: boolean;
  readonly past: boolean;
  readonly imperative: boolean;
  readonly negative: boolean;
  /** True where an auxiliary stands before its subject. */
  readonly inverted: boolean;
  /** For an inverted group: the tokens between the auxiliary and the rest. */
  readonly inside: readonly TaggedToken[];
}

const skips = new Set(['adverb', 'not', 'quote', 'dash', 'interjection']);
const phrase = new Set([
  'determiner',
  'possessive',
  'pronoun-subject',
  'pronoun',
  'number',
  'noun',
  'nouns',
  'name',
  'adjective',
  'adverb',
  'not',
  'there',
  'and',
  'preposition',
  'participle',
  'ing',
  'pronoun-object',
]);

const isForm = (token: TaggedToken, form: 'base' | 'participle' | 'ing') =>
  token.tag === form || token.form === form;

/** What can stand before its subject. */
const canFront = ({ tag, form }: TaggedToken) =>
  tag === 'modal' || ((tag === 'be' || tag === 'have' || tag === 'do') && form !== 'base');

/** What can stand right before an inverted auxiliary. */
const frontEdge = new Set(['comma', 'quote', 'stop', 'dash', 'and', 'interjection', 'question']);

/** An auxiliary at `at` may stand before its subject: nothing that can be a subject is before it. */
function mayStandFirst(tokens: readonly TaggedToken[], at: number): boolean {
  const before = previous(tokens, at);
  if (before === undefined || frontEdge.has(before.tag)) return true;
  // What colour is the gate? How many lamps are there? A question phrase stands before it.
  for (let index = at - 1; index >= 0; index -= 1) {
    const token = tokens[index] as TaggedToken;
    if (
      token.tag === 'question' ||
      (token.tag === 'determiner' && /^(?:what|which|whose)$/.test(token.lower))
    ) {
      const earlier = previous(tokens, index);
      return earlier === undefined || frontEdge.has(earlier.tag) || earlier.tag === 'preposition';
    }
    if (
      token.mark ||
      isFinite(token) ||
      token.tag === 'relative' ||
      token.tag === 'subordinator' ||
      token.tag === 'pronoun-subject'
    )
      return false;
  }
  return false;
}

/** The verb group that begins at token `at`, which is a finite verb or an imperative. */
export function verbGroupAt(tokens: readonly TaggedToken[], at: number): VerbGroup {
  const finite = tokens[at] as TaggedToken;
  const group: TaggedToken[] = [finite];
  const mayInvert = canFront(finite) && mayStandFirst(tokens, at);
  let inside: TaggedToken[] = [];
  let imperative = false;
  let negative = false;
  if (finite.tag === 'base' || finite.form === 'base') imperative = true;
  let index = at + 1;
  let goingTo = false;
  for (;;) {
    const last = group[group.length - 1] as TaggedToken;
    const wanted: ('base' | 'participle' | 'ing')[] =
      last.tag === 'modal' || last.tag === 'do'
        ? ['base']
        : last.tag === 'have'
          ? ['participle']
          : last.tag === 'be'
            ? ['ing', 'participle']
            : [];
    if (last.tag === 'do' && last.form !== 'past' && last.form !== 'present' && !imperative) break;
    let found: number | undefined;
    if (wanted.length > 0) {
      let seek = index;
      const passed: TaggedToken[] = [];
      let nouns = 0;
      for (; seek < tokens.length; seek += 1) {
        const token = tokens[seek] as TaggedToken;
        // There isn't any sugar left: what follows the noun belongs to it.
        const left = nouns > 0 && previous(tokens, at)?.lower === 'there';
        // Is swimming good for you? The -ing form is what is asked about.
        const asked =
          mayInvert &&
          group.length === 1 &&
          seek === at + 1 &&
          token.tag === 'ing' &&
          previous(tokens, at) === undefined;
        if (asked) {
          passed.push(token);
          nouns += 1;
          continue;
        }
        if (wanted.some((form) => isForm(token, form)) && !attributive(tokens, seek) && !left) {
          found = seek;
          break;
        }
        if (skips.has(token.tag)) {
          passed.push(token);
          continue;
        }
        if (group.length === 1 && mayInvert && phrase.has(token.tag)) {
          passed.push(token);
          nouns += 1;
          continue;
        }
        // Have the girls who went out come back? A relative clause inside the subject.
        if (group.length === 1 && mayInvert && token.tag === 'relative') {
          const end = relativeEnd(tokens, seek);
          passed.push(...tokens.slice(seek, end));
          seek = end - 1;
          continue;
        }
        break;
      }
      if (found !== undefined && (nouns === 0 || group.length === 1)) {
        if (nouns > 0) inside = passed.filter(({ tag }) => tag !== 'not' && tag !== 'quote');
        if (passed.some(({ tag }) => tag === 'not')) negative = true;
        group.push(tokens[found] as TaggedToken);
        index = found + 1;
        continue;
      }
      if (tokens[index]?.tag === 'not') negative = true;
    }
    break;
  }
  const last = group[group.length - 1] as TaggedToken;
  // Is going to paint, ought to go.
  const to = nextWord(tokens, last.at + 1);
  if (
    to?.tag === 'to' &&
    ((last.lower === 'going' && group.length > 1) || (last.tag === 'modal' && group.length === 1))
  ) {
    const base = nextWord(tokens, to.at + 1);
    if (base && isForm(base, 'base')) {
      if (last.lower === 'going') goingTo = true;
      group.push(base);
      // To be painted, to have gone.
      let cursor = base;
      for (;;) {
        const follower = nextWord(tokens, cursor.at + 1);
        const fits =
          follower &&
          ((cursor.tag === 'be' && (isForm(follower, 'participle') || isForm(follower, 'ing'))) ||
            (cursor.tag === 'have' && isForm(follower, 'participle')));
        if (!follower || !fits) break;
        group.push(follower);
        cursor = follower;
      }
    }
  }
  if (inside.length === 0 && mayInvert && group.length === 1) {
    // Is the gate open? Has he a lamp?
    const following: TaggedToken[] = [];
    for (let seek = at + 1; seek < tokens.length; seek += 1) {
      const token = tokens[seek] as TaggedToken;
      if (token.tag === 'not') {
        negative = true;
        continue;
      }
      if (!phrase.has(token.tag) || token.tag === 'preposition') break;
      following.push(token);
    }
    inside = following;
  }
  const verb = group[group.length - 1] as TaggedToken;
  const pair = (first: string, second: 'participle' | 'ing') =>
    group.some((token, place) => {
      const next = group[place + 1];
      return token.tag === first && next !== undefined && isForm(next, second);
    });
  const modal = finite.tag === 'modal' ? (finite.full ?? finite.lower) : undefined;
  return {
    tokens: group,
    finite,
    verb,
    ...(modal === undefined ? {} : { modal }),
    // No, they haven't: what follows is left out, and was a participle.
    perfect: pair('have', 'participle') || (group.length === 1 && isShortAnswer(tokens, finite)),
    progressive: pair('be', 'ing') && !goingTo,
    passive: pair('be', 'participle'),
    goingTo,
    past: finite.tag === 'past' || finite.form === 'past' || finite.full === 'had',
    imperative,
    negative,
    inverted: mayInvert && inside.length > 0,
    inside,
  };
}

/** Past the verb of the relative clause that begins at `at`. */
function relativeEnd(tokens: readonly TaggedToken[], at: number): number {
  let end = at + 1;
  while (end < tokens.length && phrase.has(tokens[end]?.tag ?? 'stop')) end += 1;
  const first = tokens[end];
  if (first === undefined || !isFinite(first)) return at + 1;
  end += 1;
  let auxiliary = /^(?:be|have|do|modal)$/.test(first.tag);
  for (; auxiliary && end < tokens.length; end += 1) {
    const token = tokens[end] as TaggedToken;
    if (skips.has(token.tag)) continue;
    if (!/^(?:base|participle|ing|be|have)$/.test(token.tag)) break;
    auxiliary = token.tag === 'be' || token.tag === 'have';
  }
  return end;
}

/** Yes, they have; no, she hasn't: have with nothing after it but not. */
function isShortAnswer(tokens: readonly TaggedToken[], { tag, form, at }: TaggedToken): boolean {
  if (tag !== 'have' || form === 'base') return false;
  // What big eyes you have!
  if (/^(?:what|how|which)$/.test(tokens.find(({ mark }) => !mark)?.lower ?? '')) return false;
  const after = tokens.slice(at + 1).filter((token) => token.tag !== 'not');
  return after.length > 0 && after.every(({ mark }) => mark);
}

/** The closed shop: a participle before its noun belongs to no auxiliary. */
function attributive(tokens: readonly TaggedToken[], at: number): boolean {
  const before = tokens[at - 1]?.tag;
  return before === 'determiner' || before === 'possessive';
}

const nextWord = (tokens: readonly TaggedToken[], at: number): TaggedToken | undefined =>
  tokens.slice(at).find(({ tag }) => !skips.has(tag));

const previous = (tokens: readonly TaggedToken[], at: number): TaggedToken | undefined =>
  tokens
    .slice(0, at)
    .reverse()
    .find(({ tag }) => !skips.has(tag));

/** True where a verb group can begin at the token. */
export const beginsGroup = (token: TaggedToken): boolean =>
  isFinite(token) ||
  token.tag === 'base' ||
  ((token.tag === 'do' || token.tag === 'be' || token.tag === 'have') && token.form === 'base');
