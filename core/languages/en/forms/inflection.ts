/** A word form with the rule that made it. */

export interface Inflection<Rule extends string = string> {
  readonly base: string;
  readonly form: string;
  readonly rule: Rule;
  /** The rule applied to this word, for the teacher. */
  readonly reason: string;
  /** The same for the learner. */
  readonly learnerReason: string;
  /** Other accepted spellings of the form. */
  readonly alternatives: readonly string[];
}
