/** What the parts of a clause are called, and the parts of one. */
import type { TaggedToken } from '../tagging/tag-sentence';

export type PartName =
  | 'subject'
  | 'verb'
  | 'object'
  | 'to whom'
  | 'complement'
  | 'agent'
  | 'where'
  | 'when'
  | 'how'
  | 'why';

export interface ClausePart {
  readonly name: PartName;
  readonly tokens: readonly TaggedToken[];
}

export interface ClauseParts {
  readonly parts: readonly ClausePart[];
  readonly subject: readonly TaggedToken[];
  /** What stands before the subject: a phrase of time or place, a conjunction. */
  readonly lead: readonly TaggedToken[];
  /** Adverbs and not between the parts of the verb. */
  readonly inner: readonly TaggedToken[];
  /** Everything after the verb up to the end mark. */
  readonly rest: readonly TaggedToken[];
  /** The subject stands behind its verb: in the corner sat two owls. */
  readonly turned: boolean;
}
