/** What a change of a sentence gives: the new sentence with what moved and why, or the reason why there is none. */

export interface GrammarChange {
  /** What was changed: verb, subject, word order, end mark … */
  readonly what: string;
  readonly from: string;
  readonly to: string;
  readonly why: string;
}

export interface Changed {
  readonly result: string;
  /** Other right answers: with and without contractions, with another word order. */
  readonly accepted: readonly string[];
  readonly changes: readonly GrammarChange[];
}

/** Thrown where a sentence has no such form; the message is for the teacher. */
export class NoSuchForm extends Error {
  constructor(reason: string) {
    super(reason);
    this.name = 'NoSuchForm';
  }
}
