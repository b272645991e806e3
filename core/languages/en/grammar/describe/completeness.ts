/** Whether a sentence is whole: a fragment lacks something, a run-on has two sentences in one. */
import type { Clause } from '../clauses/clause';
import type { TaggedToken } from '../tagging/tag-sentence';

export type Completeness = 'complete' | 'fragment' | 'run-on';

export type Missing = 'subject' | 'verb' | 'main clause';

export interface FoundCompleteness {
  readonly completeness: Completeness;
  /** What a fragment lacks. */
  readonly missing: readonly Missing[];
  /** Where a run-on should be cut: the first token of the second sentence. */
  readonly cut?: TaggedToken;
  /** False where it is only a suggestion. */
  readonly sure: boolean;
}

/** In a sentence of more words than this a run-on is suggested, never marked. */
export const SURE_LENGTH = 20;

const nominal = new Set([
  'noun',
  'nouns',
  'name',
  'pronoun',
  'pronoun-subject',
  'number',
  'there',
  'ing',
  'question',
  'pronoun-object',
  'adjective',
  'participle',
]);

/** What an inverted verb can have for its subject. */
const subjects = new Set([
  'noun',
  'nouns',
  'name',
  'pronoun',
  'pronoun-subject',
  'number',
  'there',
  'determiner',
  'ing',
]);

export function completenessOf(
  tokens: readonly TaggedToken[],
  clauses: readonly Clause[],
): FoundCompleteness {
  const words = tokens.filter(({ mark }) => !mark);
  // Rain, snow, hail: single words between commas are a list, whatever they could be.
  const listed =
    words.length > 2 &&
    words.every(({ at }, place) => place === 0 || tokens[at - 1]?.tag === 'comma');
  if (listed) return { completeness: 'fragment', missing: ['main clause'], sure: true };
  const mains = clauses.filter(({ kind }) => kind === 'main');
  const main = mains[0];
  if (main === undefined) {
    const hasSubject = words.some(
      ({ tag }) => nominal.has(tag) && tag !== 'ing' && tag !== 'participle' && tag !== 'adjective',
    );
    const missing: Missing[] =
      clauses.length > 0 && clauses[0]?.kind !== 'relative'
        ? ['main clause']
        : hasSubject
          ? ['verb']
          : ['subject', 'verb'];
    return { completeness: 'fragment', missing, sure: words.length > 1 };
  }
  const { group } = main;
  if (!group.imperative && !hasSubject(tokens, main)) {
    return { completeness: 'fragment', missing: ['subject'], sure: true };
  }
  const second = mains.find((clause) => clause.unjoined);
  if (second) {
    const first = mains[mains.indexOf(second) - 1];
    const cut = subjectStart(tokens, second, first?.group.verb.at ?? 0);
    const long = words.length > SURE_LENGTH;
    return {
      completeness: long ? 'complete' : 'run-on',
      missing: [],
      ...(cut ? { cut } : {}),
      sure: !long,
    };
  }
  return { completeness: 'complete', missing: [], sure: true };
}

function hasSubject(tokens: readonly TaggedToken[], { group, shares }: Clause): boolean {
  if (shares) return true;
  // To travel is to learn.
  if (tokens.find(({ mark }) => !mark)?.tag === 'to') return true;
  if (group.inverted && group.inside.some(({ tag }) => subjects.has(tag))) return true;
  // Because he was late, missed the bus: the subject of the clause in front is not that of this one.
  let edge = group.finite.at - 1;
  while (tokens[edge]?.tag === 'adverb') edge -= 1;
  const opener = tokens.find(({ mark }) => !mark)?.tag;
  const commas = tokens.slice(0, group.finite.at).filter(({ tag }) => tag === 'comma').length;
  if (tokens[edge]?.tag === 'comma' && opener === 'subordinator' && commas === 1) return false;
  // Said Bram: the subject of a verb of speech may follow it.
  if (tokens.slice(0, group.finite.at).some(({ tag }) => tag === 'quote')) return true;
  // Here comes the bus.
  const first = tokens.find(({ mark }) => !mark);
  const follows = tokens.slice(group.verb.at + 1).some(({ tag }) => subjects.has(tag));
  if (first?.tag === 'adverb' && group.finite.at === first.at + 1 && follows) return true;
  let phrase = false;
  for (let at = group.finite.at - 1; at >= 0; at -= 1) {
    const { tag } = tokens[at] as TaggedToken;
    if (tag === 'preposition') phrase = true;
    if (nominal.has(tag) || tag === 'relative' || tag === 'determiner') {
      if (!phrase) return true;
      if (!tokens.slice(0, at).some(({ tag: earlier }) => earlier === 'preposition')) return true;
    }
  }
  // Down came the rain: after a phrase in front the subject may follow.
  return (
    phrase &&
    tokens
      .slice(group.verb.at + 1)
      .some(({ tag }) => tag === 'noun' || tag === 'nouns' || tag === 'name')
  );
}

/** The first token after the clause before that can begin a sentence. */
function subjectStart(
  tokens: readonly TaggedToken[],
  clause: Clause,
  after: number,
): TaggedToken | undefined {
  const comma = tokens.slice(after, clause.group.finite.at).findLast(({ tag }) => tag === 'comma');
  if (comma) return tokens[comma.at + 1];
  let at = clause.group.finite.at;
  while (
    at - 1 > after &&
    /^(?:adverb|not|noun|nouns|name|adjective|determiner|number|pronoun|pronoun-subject|there|possessive)$/.test(
      tokens[at - 1]?.tag ?? '',
    )
  ) {
    at -= 1;
    const { tag } = tokens[at] as TaggedToken;
    if (tag === 'determiner' || tag === 'pronoun-subject' || tag === 'name') break;
  }
  return tokens[at];
}
