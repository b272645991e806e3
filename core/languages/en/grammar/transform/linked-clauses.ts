/**
 * Clauses that hang together: what is done to one must be done to all, or the
 * sentence says something else. Where the change knows only the main clause, a
 * sentence with others that it would leave behind is refused, with the reason.
 */
import type { Clause } from '../clauses/clause';
import type { SentenceAnalysis } from '../describe/describe-sentence';
import { NoSuchForm } from './change';

/** The main clauses beside the first. */
const others = ({ clauses, main }: SentenceAnalysis): Clause[] =>
  clauses.filter((clause) => clause !== main && clause.kind === 'main' && !clause.group.inverted);

const twoClauses =
  'There are two main clauses here: make two sentences of them and change one at a time.';

/** Question, number, voice: of two main clauses one would stay as it was. */
export function refuseTwoClauses(analysis: SentenceAnalysis, sharedToo: boolean): void {
  const left = others(analysis).filter(({ shares }) => sharedToo || !shares);
  if (left.length > 0) throw new NoSuchForm(twoClauses);
}

/** Time in which a verb stands: what is past stays with what is past. */
const sphereOf = ({ group }: Clause) =>
  group.imperative ? undefined : group.past ? 'past' : 'present';

/** Tense: a clause in the time of the main one would be left behind in it. */
export function refuseLeftBehind(analysis: SentenceAnalysis, tense: string): void {
  const { main, clauses } = analysis;
  if (main === undefined) return;
  const from = sphereOf(main);
  const to = /^past/.test(tense) ? 'past' : 'present';
  const kept = clauses.find((clause) => {
    if (clause === main) return false;
    // A second verb of the same subject moves with the first where it is plain.
    if (clause.kind === 'main' && clause.shares) {
      return clause.group.negative || clause.group.finite.at !== clause.group.verb.at;
    }
    if (clause.kind === 'main') return true;
    return from !== to && sphereOf(clause) === from;
  });
  if (kept !== undefined) {
    throw new NoSuchForm(
      `“${kept.group.tokens.map(({ text }) => text).join(' ')}” hangs on the verb before it and would stay in its tense. Change a sentence with one verb.`,
    );
  }
}

/** Number: I and me elsewhere in the sentence mean the subject and would no longer agree. */
export function refusePointingBack({ main, tokens, clauses }: SentenceAnalysis): void {
  if (main === undefined) return;
  const subject = tokens.slice(0, main.group.finite.at).findLast(({ mark }) => !mark)?.lower ?? '';
  const same: Readonly<Record<string, RegExp>> = {
    i: /^(?:i|me)$/,
    we: /^(?:we|us)$/,
  };
  // Our neighbour is a man who jokes: the verb of the second clause agrees with what changes.
  const relative = clauses.find(
    ({ kind, group }) => kind === 'relative' && group.finite.at > main.group.verb.at,
  );
  if (relative !== undefined && main.group.verb.base === 'be') {
    throw new NoSuchForm(
      `“${relative.group.finite.text}” would have to change too. Change a sentence with one verb.`,
    );
  }
  const points = same[subject];
  if (points === undefined) return;
  const left = tokens.filter(({ at, lower }) => at > main.group.verb.at && points.test(lower));
  if (left.length > 0) {
    throw new NoSuchForm(
      `“${left[0]?.text ?? ''}” means the subject too and would no longer agree with it.`,
    );
  }
}
