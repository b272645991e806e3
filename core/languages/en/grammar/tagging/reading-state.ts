/** How far a sentence has been read: the cheapest way to here, and what it still waits for. */
import { isFinite, type Tag, type WordReading } from './tag';

export type Expect = 'nothing' | 'base' | 'predicate' | 'participle';

export interface State {
  readonly cost: number;
  readonly reading: WordReading | undefined;
  readonly before: State | undefined;
  /** Clauses begun whose finite verb is still to come. */
  readonly pending: number;
  /** Another finite verb may come: after a comma, and, a quotation mark. */
  readonly free: boolean;
  /** What the last auxiliary waits for. */
  readonly expect: Expect;
  /** The same for an auxiliary before its subject, while a clause inside that subject is read. */
  readonly held: Expect;
  /** True while the auxiliary stands before its subject. */
  readonly fronted: boolean;
  /** Something that can be a subject has been read in this clause. */
  readonly subject: boolean;
  /** The subject is plural; undefined where its words do not tell. */
  readonly many: boolean | undefined;
  /** A subject stood before the last subordinate clause: after its comma it waits for its verb. */
  readonly outer: boolean;
  /** Base of the last full verb. */
  readonly verb: string;
  /** Where the verbs stand: readings of different shape are kept beside each other. */
  readonly shape: string;
}

/** Words that can be or end a subject. */
export const nominal: ReadonlySet<Tag> = new Set([
  'noun',
  'nouns',
  'name',
  'pronoun',
  'pronoun-subject',
  'number',
  'ing',
  'there',
]);

/** Tags after which a verb can stand first in its clause. */
export const opens: ReadonlySet<Tag> = new Set([
  'comma',
  'stop',
  'dash',
  'quote',
  'and',
  'subordinator',
  'that',
  'interjection',
]);

/** Words that stay open: what the last auxiliary waits for is still to come after them. */
const transparent: ReadonlySet<Tag> = new Set(['adverb', 'not']);

export const isAuxiliary = ({ tag }: WordReading) =>
  tag === 'be' || tag === 'have' || tag === 'do' || tag === 'modal';

/** The nearest reading before that is no adverb, not or please. */
export function anchorOf(state: State): WordReading | undefined {
  let at: State | undefined = state;
  while (at?.reading && transparent.has(at.reading.tag)) at = at.before;
  return at?.reading;
}

/** True where the clause has only just begun: nothing but adverbs since its opener. */
export function atClauseStart(state: State): boolean {
  const anchor = anchorOf(state);
  return anchor === undefined || opens.has(anchor.tag);
}

/** A base form stands before: to run and jump. */
export function lastVerbWasBase(state: State): boolean {
  for (let at: State | undefined = state; at?.reading; at = at.before) {
    if (at.reading.tag === 'base' || (isAuxiliary(at.reading) && at.reading.form === 'base'))
      return true;
    if (isFinite(at.reading)) return at.reading.tag === 'present';
  }
  return false;
}

/** What stands before the noun phrase that is being read; undefined at the beginning. */
export function beforePhrase(state: State): Tag | undefined {
  for (let at: State | undefined = state; at?.reading; at = at.before) {
    const { tag } = at.reading;
    if (!/^(?:determiner|adjective|number|noun|name|possessive|participle)$/.test(tag)) return tag;
    // In the hut the lamp burned: a determiner after a noun begins a phrase of its own.
    const ended = at.before?.reading?.tag;
    if (tag === 'determiner' && (ended === 'noun' || ended === 'nouns' || ended === 'name'))
      return ended;
  }
  return undefined;
}

/** What a phrase that ends without its noun costs: on an adjective (the poor), on a verb form. */
const NO_NOUN = 0.9;
const VERB_FOR_NOUN = 2.6;

/** The old, the very red; the drawing, the shed read as verbs: a determiner with no noun after it. */
export function headless(state: State): number {
  const end = state.reading?.tag;
  if (end !== 'adjective' && end !== 'ing' && end !== 'participle') return 0;
  let at: State | undefined = state.before;
  while (at?.reading && /^(?:adjective|adverb)$/.test(at.reading.tag)) at = at.before;
  if (at?.reading?.tag !== 'determiner') return 0;
  return end === 'adjective' ? NO_NOUN : VERB_FOR_NOUN;
}

/** True right after a preposition: the noun is its own, and no subject. */
export const inPhrase = (state: State): boolean => beforePhrase(state) === 'preposition';

const beforeSubject: ReadonlySet<Tag | undefined> = new Set<Tag | undefined>([
  undefined,
  'adverb',
  'comma',
  'dash',
  'quote',
  'stop',
  'subordinator',
  'that',
  'question',
  'interjection',
]);
const ofMany: ReadonlySet<Tag | undefined> = new Set<Tag | undefined>([
  'and',
  'ing',
  'base',
  'to',
  'relative',
]);

/**
 * The number of the subject once a noun with `plural` has been read. A noun after a verb or a
 * preposition is no subject; two nouns with and, or a noun after an -ing form, do not tell.
 */
export function numberOfSubject(state: State, plural: boolean | undefined): boolean | undefined {
  const before = beforePhrase(state);
  if (ofMany.has(before)) return undefined;
  return beforeSubject.has(before) ? plural : state.many;
}

/** True where the last token opened its clause. */
export const atStartBefore = (state: State) =>
  state.before?.reading === undefined || opens.has(state.before.reading.tag);

/** Words that end a noun phrase. */
export const nominalEnd: ReadonlySet<Tag> = new Set([
  'noun',
  'nouns',
  'name',
  'pronoun',
  'pronoun-object',
]);
const verbTags: ReadonlySet<Tag> = new Set([
  'base',
  'present',
  'third',
  'past',
  'participle',
  'ing',
  'be',
  'have',
  'do',
]);
export const isVerbTag = (tag: Tag) => verbTags.has(tag);

/** A clause that never gets its verb. */
const NO_VERB = 1.6;

/** What a sentence or clause that ends here still owes. */
export function finish(state: State): number {
  const waits =
    state.expect === 'base'
      ? 0.9 + (state.fronted ? 0.9 : 0)
      : state.expect === 'participle'
        ? 0.5 + (state.fronted ? 1 : 0)
        : state.expect === 'predicate'
          ? 0.3
          : 0;
  return Math.min(state.pending, 2) * NO_VERB + waits + (state.held === 'nothing' ? 0 : 0.9);
}

/** Ways that cannot be told apart from here on have the same key. */
export const keyOf = (state: State) =>
  `${state.reading?.tag ?? ''}${state.reading?.form ?? ''}${state.reading?.full ?? ''}${state.reading?.base ?? ''}|${state.before?.reading?.tag ?? ''}|${state.pending}|${state.free ? 1 : 0}|${state.expect}|${state.held}|${state.fronted ? 1 : 0}|${state.subject ? 1 : 0}${state.many ?? ''}|${state.shape}`;

/** Before the first word. */
export const start: State = {
  cost: 0,
  reading: undefined,
  before: undefined,
  pending: 1,
  free: false,
  expect: 'nothing',
  held: 'nothing',
  fronted: false,
  subject: false,
  many: undefined,
  outer: true,
  verb: '',
  shape: '',
};
