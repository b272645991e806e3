/** Where each clause of a sentence begins and ends. */
import type { TaggedToken } from '../tagging/tag-sentence';
import type { Clause } from './clause';

export interface ClauseExtent {
  readonly clause: Clause;
  /** First token and the one after the last. */
  readonly from: number;
  readonly to: number;
}

const startsPhrase = /^(?:determiner|pronoun-subject|name|pronoun|there|number)$/;

function startOf(tokens: readonly TaggedToken[], clause: Clause, floor: number): number {
  if (clause.opener) return clause.opener.at;
  if (clause.joiner) return clause.joiner.at;
  if (floor === 0) return 0;
  const { at: finite } = clause.group.finite;
  for (let at = finite - 1; at >= floor; at -= 1) {
    if (tokens[at]?.mark) return at + 1;
  }
  // No mark between: the clause begins with its subject.
  for (let at = finite - 1; at >= floor; at -= 1) {
    if (startsPhrase.test(tokens[at]?.tag ?? '')) return at;
  }
  return finite;
}

/** In the order of their beginnings; a relative clause stands inside the clause of its noun. */
export function clauseExtents(
  tokens: readonly TaggedToken[],
  clauses: readonly Clause[],
): ClauseExtent[] {
  const order = [...clauses].sort((left, right) => left.group.finite.at - right.group.finite.at);
  const starts = order.map((clause, index) => {
    const before = order[index - 1];
    return startOf(tokens, clause, before ? before.group.verb.at + 1 : 0);
  });
  return order.map((clause, index) => {
    const from = starts[index] ?? 0;
    let to = tokens.length;
    for (const [other, start] of starts.entries()) {
      const nested =
        order[other]?.kind === 'relative' &&
        (order[other]?.group.finite.at ?? 0) < clause.group.finite.at;
      if (other > index && start > from && start < to && !nested) to = start;
    }
    if (clause.kind === 'relative') {
      // It ends at its comma, or where the verb of its noun's clause begins.
      for (let at = clause.group.verb.at + 1; at < to; at += 1) {
        const outer = order.some(
          (one) => one !== clause && one.group.finite.at === at && one.opener === undefined,
        );
        if (tokens[at]?.tag === 'comma' || outer) {
          to = at;
          break;
        }
      }
    }
    while (to > from && (tokens[to - 1]?.mark ?? false)) to -= 1;
    return { clause, from, to };
  });
}
