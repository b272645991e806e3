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
  /** True while the auxiliary stands before its subject. */
  readonly fronted: boolean;
  /** Something that can be a subject has been read in this clause. */
  readonly subject: boolean;
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

/** True right after a preposition: the noun is its own, and no subject. */
export function inPhrase(state: State): boolean {
  for (let at: State | undefined = state; at?.reading; at = at.before) {
    const { tag } = at.reading;
    if (tag === 'preposition') return true;
    if (!/^(?:determiner|adjective|number|noun|name|possessive|participle)$/.test(tag))
      return false;
  }
  return false;
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
const NO_VERB = 2.4;

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
  return Math.min(state.pending, 2) * NO_VERB + waits;
}

/** Ways that cannot be told apart from here on have the same key. */
export const keyOf = (state: State) =>
  `${state.reading?.tag ?? ''}${state.reading?.form ?? ''}${state.reading?.full ?? ''}${state.reading?.base ?? ''}|${state.before?.reading?.tag ?? ''}|${state.pending}|${state.free ? 1 : 0}|${state.expect}|${state.fronted ? 1 : 0}|${state.subject ? 1 : 0}|${state.shape}`;

/** Before the first word. */
export const start: State = {
  cost: 0,
  reading: undefined,
  before: undefined,
  pending: 1,
  free: false,
  expect: 'nothing',
  fronted: false,
  subject: false,
  outer: true,
  verb: '',
  shape: '',
};
