/** A fault in what a learner has written, and how a few words show one. */
import type { Span } from '../../../shared/segment';

export interface Fault extends Span {
  readonly name:
    | 'capital letter'
    | 'end mark'
    | 'double word'
    | 'a or an'
    | 'agreement'
    | 'homophone'
    | 'apostrophe'
    | 'double negative'
    | 'pronoun'
    | 'quantity'
    | 'article'
    | 'spelling'
    | 'tense'
    | 'verb form'
    | 'comparison'
    | 'word order';
  /** The rule, in the learner's words. */
  readonly rule: string;
  /** What could stand there; absent where nobody can say. */
  readonly offer?: string;
  /** False where it is only asked. */
  readonly sure: boolean;
}

export interface FaultPattern {
  readonly name: Fault['name'];
  /** Its first group, or the whole match, is the place. */
  readonly find: RegExp;
  readonly rule: string;
  readonly offer?: (found: RegExpExecArray) => string;
  readonly sure?: boolean;
}
