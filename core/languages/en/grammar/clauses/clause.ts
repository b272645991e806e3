/** What a clause is: a finite verb group with what opens it. */
import type { TaggedToken } from '../tagging/tag-sentence';
import type { TenseAspect } from './tense-aspect';
import type { VerbGroup } from './verb-group';

export type ClauseKind =
  | 'main'
  | 'if'
  | 'because'
  | 'when'
  | 'although'
  | 'so that'
  | 'than'
  | 'relative'
  | 'that'
  | 'question'
  | 'other';

export interface Clause {
  readonly kind: ClauseKind;
  /** What opens it: the subordinator, the relative pronoun; absent for a main clause. */
  readonly opener?: TaggedToken;
  /** The conjunction that joins a main clause to the one before. */
  readonly joiner?: TaggedToken;
  readonly group: VerbGroup;
  readonly tenseAspect: TenseAspect;
  /** True where it shares the subject of the clause before: and ran into the hut. */
  readonly shares: boolean;
  /** True where nothing joins it to the main clause before it. */
  readonly unjoined: boolean;
  /** Its first and last token. */
  readonly from: number;
  readonly to: number;
}
