/** The parts of a main clause: who or what, did, whom or what, to whom, where, when, how, why. */
import type { TaggedToken } from '../tagging/tag-sentence';
import type { Clause } from './clause';
import { isOfTime, nameOfLead } from './adverbial';
import { nounPhraseEnd } from './noun-phrase';
import type { ClauseParts, ClausePart } from './part';
import { goesWith } from './prepositional-verbs';
import { restParts } from './rest-parts';
import { closedAt, subjectTokens } from './subject';
import { turnedOrder } from './turned-order';

export function clauseParts(
  tokens: readonly TaggedToken[],
  clause: Clause,
  clauses: readonly Clause[],
): ClauseParts {
  const { group } = clause;
  const before = clauses.filter((other) => other.to < group.finite.at && other.kind !== 'relative');
  const last = before[before.length - 1];
  const joined = clause.joiner ? clause.joiner.at + 1 : 0;
  const floor = Math.max(joined, 0);
  const base =
    last && clause.joiner === undefined && last.kind !== 'main'
      ? closedAt(tokens, last, group.finite.at)
      : floor;
  const turned = clause.shares ? undefined : turnedOrder(tokens, clause, base);
  const subject = clause.shares
    ? []
    : (turned?.subject ??
      clauseAsSubject(tokens, clause, clauses) ??
      subjectTokens(tokens, clause, base));
  const verbAt = group.verb.at;
  const taken = new Set(group.tokens.map(({ at }) => at));
  const inner = tokens.slice(group.finite.at + 1, verbAt).filter(
    (token) =>
      !taken.has(token.at) &&
      (token.tag === 'adverb' || token.tag === 'not') &&
      // Do so many visitors come? What stands in the subject is no adverb of the verb.
      !(
        group.inverted && /^(?:determiner|adjective|number)$/.test(tokens[token.at + 1]?.tag ?? '')
      ),
  );
  const endMark = tokens.findLastIndex(({ tag }) => tag === 'stop' || tag === 'quote');
  const next = clauses.find(
    (other) =>
      other !== clause &&
      other.kind === 'main' &&
      other.from > verbAt &&
      other.group.finite.at > verbAt,
  );
  const limit = next?.joiner?.at ?? (endMark > verbAt ? trimEnd(tokens, endMark) : tokens.length);
  const insideEnd =
    group.inverted && group.tokens.length === 1
      ? (subject[subject.length - 1]?.at ?? verbAt)
      : verbAt;
  const rest = tokens.slice(insideEnd + 1, limit);
  const firstSubject = subject[0]?.at ?? group.finite.at;
  const lead =
    turned?.lead ??
    tokens
      .slice(base, Math.min(firstSubject, group.finite.at))
      .filter(({ tag }) => tag !== 'comma');
  const parts: ClausePart[] = [];
  const verbBase = group.verb.base ?? group.verb.lower;
  const front = turned
    ? 'where'
    : nameOfLead(lead, verbBase, verbBase === 'be' && group.tokens.length === 1);
  if (front !== undefined) parts.push({ name: front, tokens: lead });
  const named: ClausePart[] = subject.length > 0 ? [{ name: 'subject', tokens: subject }] : [];
  // What follows and is another clause: he opened the door and looked outside.
  const other = clauses.find(
    ({ kind, joiner, group: { finite } }) =>
      kind === 'main' && finite.at > verbAt && joiner !== undefined && joiner.at > verbAt,
  );
  const until = other?.joiner?.at ?? limit;
  const behind = turned ? (subject[subject.length - 1]?.at ?? -1) : -1;
  const own = rest.filter(({ at }) => at < until && at > behind);
  // Let the goats out: the particle belongs to its verb, wherever it stands.
  const opener = own.findIndex(({ tag }) =>
    /^(?:subordinator|that|relative|question|to)$/.test(tag),
  );
  const particle = own
    .slice(0, opener < 0 ? own.length : opener)
    .filter(({ tag }) => tag === 'particle')
    .slice(0, 1);
  const [follower] = own;
  const called =
    follower?.tag === 'preposition' &&
    goesWith(verbBase, follower.lower) &&
    !group.passive &&
    // We waited for several minutes.
    !tokens.slice(follower.at + 1, nounPhraseEnd(tokens, follower.at + 1)).some(isOfTime)
      ? [follower]
      : [];
  const verb: ClausePart = { name: 'verb', tokens: [...group.tokens, ...particle, ...called] };
  parts.push(...(turned ? [verb, ...named] : [...named, verb]));
  parts.push(...restParts(tokens, own.slice(called.length), clause, called));
  return { parts, subject, lead, inner, rest, turned: turned !== undefined };
}

function trimEnd(tokens: readonly TaggedToken[], mark: number): number {
  let at = mark;
  while (at > 0 && /^(?:stop|quote)$/.test(tokens[at - 1]?.tag ?? '')) at -= 1;
  return at;
}

/** What she said surprised us; whoever left it open let them out: the clause in front is the subject. */
function clauseAsSubject(
  tokens: readonly TaggedToken[],
  { group, joiner }: Clause,
  clauses: readonly Clause[],
): readonly TaggedToken[] | undefined {
  const first = tokens.find(({ mark }) => !mark);
  if (first === undefined || joiner !== undefined || group.inverted) return undefined;
  if (!/^(?:what|whatever|whoever)$/.test(first.lower) || first.at >= group.finite.at)
    return undefined;
  const inner = clauses.some(
    (other) => other.group !== group && other.group.verb.at < group.finite.at,
  );
  const list = tokens.slice(first.at, group.finite.at);
  return inner && !list.some(({ tag }) => tag === 'comma') ? list : undefined;
}
