/**
 * The type of a conditional sentence, by the verb of its if-clause and of its
 * main clause (common practice in courses of English; Swan, Practical English
 * Usage, “if”, from memory).
 */
import type { TaggedToken } from '../tagging/tag-sentence';
import type { Clause } from '../clauses/clause';

export const conditionals = ['none', 'zero', 'first', 'second', 'third', 'mixed'] as const;
export type Conditional = (typeof conditionals)[number];

export interface FoundConditional {
  readonly type: Conditional;
  readonly condition?: Clause;
  readonly result?: Clause;
  /** False where the pair of verbs fits no type of the table. */
  readonly sure: boolean;
}

const none: FoundConditional = { type: 'none', sure: true };

export function conditionalOf(
  clauses: readonly Clause[],
  tokens: readonly TaggedToken[],
): FoundConditional {
  const condition = clauses.find(
    (clause) =>
      clause.kind === 'if' &&
      // As if and even though are no conditions; if only is a wish.
      !/^(?:as|only)$/.test(tokens[(clause.opener?.at ?? 0) - 1]?.lower ?? '') &&
      tokens[(clause.opener?.at ?? 0) + 1]?.lower !== 'only',
  );
  if (condition === undefined) return none;
  // Because they can be dangerous if they are mixed: the condition is inside another clause.
  const before = clauses[clauses.indexOf(condition) - 1];
  const opener = condition.opener;
  const inside =
    before !== undefined &&
    opener !== undefined &&
    before.group.finite.at < opener.at &&
    /^(?:because|when|relative|although)$/.test(before.kind) &&
    clauses.some(({ kind }) => kind === 'main') &&
    clauses.findIndex(({ kind }) => kind === 'main') < clauses.indexOf(before) &&
    tokens[opener.at - 1]?.tag !== 'comma';
  if (inside) return none;
  const result =
    clauses.find((clause) => clause.kind === 'main' && clause !== condition) ??
    clauses.find((clause) => clause.kind === 'that' && clause !== condition);
  if (result === undefined) return none;
  const found = typeOf(condition, result);
  return found === undefined
    ? { type: 'none', sure: false, condition, result }
    : { ...found, condition, result };
}

function typeOf(
  condition: Clause,
  result: Clause,
): { type: Conditional; sure: boolean } | undefined {
  const { group: ifGroup } = condition;
  const { group } = result;
  const ifTense = ifGroup.finite.lower === 'should' ? 'present simple' : condition.tenseAspect;
  const would = group.modal !== undefined && /^(?:would|'d|could|might|should)$/.test(group.modal);
  const future = result.tenseAspect === 'future will' || result.tenseAspect === 'future going-to';
  const able =
    group.modal !== undefined && /^(?:can|ca|may|must|might|should|could|ought)$/.test(group.modal);
  const presentIf =
    /^present/.test(ifTense) ||
    ifTense === 'future going-to' ||
    (ifGroup.modal !== undefined && /^(?:can|ca|must|will|wo)$/.test(ifGroup.modal));
  if (presentIf) {
    if (future) return { type: 'first', sure: true };
    if (result.tenseAspect === 'imperative') return { type: 'first', sure: true };
    if (able && !group.perfect)
      return { type: 'first', sure: !/^(?:can|may)$/.test(group.modal ?? '') };
    if (/^present/.test(result.tenseAspect)) return { type: 'zero', sure: true };
    if (would) return { type: group.perfect ? 'mixed' : 'second', sure: false };
    return { type: 'zero', sure: false };
  }
  if (ifTense === 'past perfect' || ifTense === 'past perfect continuous') {
    if (would) return group.perfect ? { type: 'third', sure: true } : { type: 'mixed', sure: true };
    return undefined;
  }
  const pastIf =
    ifTense === 'past simple' ||
    ifTense === 'past continuous' ||
    (ifGroup.modal === 'could' && !ifGroup.perfect);
  if (pastIf) {
    if (would)
      return group.perfect ? { type: 'mixed', sure: true } : { type: 'second', sure: true };
    // What was always so: if it rained, we stayed in.
    if (/^past/.test(result.tenseAspect)) return { type: 'zero', sure: false };
    return undefined;
  }
  if (ifGroup.modal !== undefined && ifGroup.perfect && group.perfect)
    return { type: 'third', sure: false };
  return undefined;
}
