/** What a rule card holds. */
import type { TimeLine } from '../languages/en/rules/grammar-rules';

/** What a card is about: `sound:EY`, `ending:ing`, `pattern:soft-c` or `grammar:past simple`. */
export type RuleTopic = `${'sound' | 'ending' | 'pattern' | 'grammar'}:${string}`;

export interface RuleExample {
  readonly word: string;
  /** What the word was made from. */
  readonly from?: string;
  /** Name of a shipped picture. */
  readonly picture?: string;
}

export interface RuleLine {
  /** The rule in a child's words. */
  readonly text: string;
  readonly examples: readonly RuleExample[];
}

export interface RuleCard {
  readonly topic: RuleTopic;
  readonly title: string;
  readonly rules: readonly RuleLine[];
  /** Words that a learner meets and that do not keep the rule. */
  readonly exceptions: readonly string[];
  /** What stands over them, where they are no exceptions. */
  readonly exceptionsTitle?: string;
  /** Examples and exceptions are sentences: one a line. */
  readonly onLines?: boolean;
  /** Where a tense stands in time. */
  readonly timeLine?: TimeLine;
  /** Name of a shipped picture that shows one of the examples. */
  readonly picture?: string;
  /** What the picture shows. */
  readonly pictured?: string;
}
