import type { RuleCard } from './card';

/** Steps in which a card is shown: its rules one after the other, then what does not keep them. */
export const ruleSteps = ({ rules, exceptions }: RuleCard): number =>
  rules.length + (exceptions.length > 0 ? 1 : 0);
