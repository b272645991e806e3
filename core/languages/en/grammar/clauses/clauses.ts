/**
 * The clauses of a sentence: each finite verb group with what opens it. A main
 * clause is opened by nothing, or by and, but, or, so, yet.
 */
import type { TaggedToken } from '../tagging/tag-sentence';
import { isFinite } from '../tagging/tag';
import {
  isAside,
  isComplement,
  isCondition,
  isContact,
  isInserted,
  isResult,
  opensAsNoun,
  opensByNoun,
} from './clause-links';
import type { Clause, ClauseKind } from './clause';

import { tenseAspectOf } from './tense-aspect';
import { beginsGroup, verbGroupAt } from './verb-group';

const kindOfOpener: Readonly<Record<string, ClauseKind>> = {
  if: 'if',
  unless: 'if',
  provided: 'if',
  because: 'because',
  since: 'because',
  as: 'because',
  when: 'when',
  while: 'when',
  whilst: 'when',
  until: 'when',
  till: 'when',
  once: 'when',
  after: 'when',
  before: 'when',
  whenever: 'when',
  although: 'although',
  though: 'although',
  whereas: 'although',
  so: 'so that',
  than: 'than',
  whether: 'question',
};

interface Open {
  readonly kind: ClauseKind;
  readonly token: TaggedToken;
}

const subjectTags = new Set([
  'noun',
  'nouns',
  'name',
  'pronoun',
  'pronoun-subject',
  'number',
  'there',
]);

/** A subject of its own stands between two places. */
function newSubject(tokens: readonly TaggedToken[], from: number, to: number): boolean {
  for (let at = to - 1; at >= from; at -= 1) {
    const { tag } = tokens[at] as TaggedToken;
    if (tag === 'adverb' || tag === 'not') continue;
    return subjectTags.has(tag);
  }
  return false;
}

/** If that asks and sets no condition: she asked if it was safe. */
const asksIf = new Set(
  'ask wonder know see check tell decide doubt remember find discover say'.split(' '),
);

export function clausesOf(tokens: readonly TaggedToken[]): Clause[] {
  const end = tokens[tokens.length - 1]?.text;
  const compares = /^the (?:more|less|\p{L}+er)\b.*, the (?:more|less|\p{L}+er)\b/u.test(
    tokens
      .map(({ lower }) => lower)
      .join(' ')
      .replace(/ ,/g, ','),
  );
  const open: Open[] = [];
  const clauses: Clause[] = [];
  let joiner: TaggedToken | undefined;
  let broken: TaggedToken | undefined;
  let taken = -1;
  let lastEnd = 0;
  for (const token of tokens) {
    switch (token.tag) {
      case 'subordinator': {
        const previous = wordBefore(tokens, token.at);
        // What would you say if …: the question word is what is said.
        const answered = /^(?:what|who|which)$/.test(tokens.find(({ mark }) => !mark)?.lower ?? '');
        const asks =
          token.lower === 'if' &&
          previous !== undefined &&
          !answered &&
          ((previous.base !== undefined && asksIf.has(previous.base)) ||
            /^(?:sure|certain|clear)$/.test(previous.lower) ||
            (previous.tag === 'pronoun-object' &&
              asksIf.has(wordBefore(tokens, previous.at)?.base ?? '')));
        const soon = token.lower === 'as' && /^(?:soon|long)$/.test(previous?.lower ?? '');
        const kind = soon ? 'when' : (kindOfOpener[token.lower] ?? 'other');
        open.push({ kind: asks ? 'question' : kind, token });
        joiner = undefined;
        broken = undefined;
        break;
      }
      case 'that':
        open.push({
          kind:
            token.lower === 'that' && wordBefore(tokens, token.at)?.lower === 'so'
              ? 'so that'
              : 'that',
          token,
        });
        break;
      case 'relative':
        open.push({ kind: 'relative', token });
        break;
      case 'question': {
        const before = wordBefore(tokens, token.at);
        // By whom was it written? The preposition in front belongs to the question.
        const led = before?.tag === 'preposition' && before.at === 0;
        if (before !== undefined && !led && !/^(?:comma|and|quote|stop)$/.test(before.tag))
          open.push({ kind: 'question', token });
        // When the snow melts in spring, with a full stop: no question but a clause that waits.
        else if (
          before === undefined &&
          end === '.' &&
          /^(?:when|where|who|which|whose)$/.test(token.lower)
        ) {
          open.push({ kind: /^wh?(?:en|here)$/.test(token.lower) ? 'when' : 'relative', token });
        }
        break;
      }
      case 'determiner':
        if (/^(?:which|what|whose)$/.test(token.lower)) {
          const before = wordBefore(tokens, token.at);
          const whose = token.lower === 'whose' && before?.tag === 'comma';
          const led = before?.tag === 'preposition' && before.at === 0 && end === '?';
          if (
            before !== undefined &&
            !led &&
            (whose || !/^(?:comma|and|quote|stop)$/.test(before.tag))
          )
            open.push({ kind: token.lower === 'whose' ? 'relative' : 'question', token });
        }
        break;
      case 'and':
        if (clauses.length > 0) joiner = token;
        break;
      case 'comma':
      case 'quote':
      case 'dash':
        broken = token;
        break;
      case 'stop':
        if (token.at < tokens.length - 1 && (token.text === ';' || token.text === ':'))
          joiner = token;
        break;
      case 'noun':
        if (opensByNoun(tokens, token.at)) open.push({ kind: 'when', token });
        break;
      default:
        break;
    }
    if (token.at <= taken) continue;
    const finite = isFinite(token);
    const imperative =
      !finite && beginsGroup(token) && isImperative(tokens, token, clauses, joiner);
    if (!finite && !imperative) continue;
    const group = verbGroupAt(tokens, token.at);
    taken = Math.max(taken, group.finite.at);
    const opener = open.pop();
    const last = clauses[clauses.length - 1];
    const ownSubject = group.inverted || group.imperative || newSubject(tokens, lastEnd, token.at);
    let kind: ClauseKind = opener?.kind ?? 'main';
    let unjoined = false;
    const joined = joiner !== undefined && joiner.at > lastEnd;
    if (opener === undefined && last !== undefined) {
      const mains = clauses.some((clause) => clause.kind === 'main');
      const comma = broken !== undefined && broken.at >= lastEnd;
      if (joined) {
        // And goes on with the clause before: if it rains and the wind blows.
        const continues =
          last.kind !== 'main' && (!mains || (!comma && !ownSubject && last.kind !== 'relative'));
        // Those who live and hunt there: and joins the verb of the clause right before it.
        const inside =
          last.kind === 'relative' &&
          mains &&
          !comma &&
          !ownSubject &&
          joiner?.at === last.group.verb.at + 1;
        // The idea that animals feel joy and sadness is accepted: no other verb is left for the main clause.
        const only =
          !mains &&
          ownSubject &&
          clauses[0]?.opener !== undefined &&
          clauses[0].opener.at > 0 &&
          /^(?:relative|that)$/.test(last.kind) &&
          /^(?:noun|nouns|name)$/.test(tokens[(joiner?.at ?? 0) - 1]?.tag ?? '') &&
          !tokens.slice(group.verb.at + 1).some((one) => isFinite(one));
        if (inside) kind = 'relative';
        else if (only) kind = 'main';
        else if (continues && !comma) kind = last.kind;
        else if (last.kind === 'relative' && !ownSubject && !mains) kind = 'main';
      } else if (last.kind === 'main' && isCondition(last, tokens)) {
        // Had she looked, she would have seen: the first clause is the condition.
        clauses[clauses.length - 1] = { ...last, kind: 'if' };
      } else if (last.kind === 'main' && comma && isInserted(tokens, last)) {
        // Behind the fall, the map said, there was a cave: who says so stands between commas.
        clauses[clauses.length - 1] = { ...last, kind: 'other' };
      } else if (last.kind === 'main' && !comma && opensAsNoun(tokens, last)) {
        // What he said was true; the book I borrowed is long: the first is part of the subject.
        clauses[clauses.length - 1] = {
          ...last,
          kind: tokens.find(({ mark }) => !mark)?.tag === 'question' ? 'question' : 'relative',
        };
      } else if (
        !comma &&
        last.kind === 'main' &&
        ownSubject &&
        isComplement(tokens, last, group)
      ) {
        kind = 'that';
      } else if (!comma && last.kind === 'main' && ownSubject && isContact(tokens, last, group)) {
        kind = 'relative';
      } else if (last.kind === 'main' && !ownSubject && !comma) {
        // The lid Bram found was rusty: the first of the two was on the noun.
        clauses[clauses.length - 1] = { ...last, kind: 'relative' };
      } else if (last.kind === 'main' && ownSubject) {
        // The more it rains, the deeper it gets: the first is no sentence of its own.
        if (compares) clauses[clauses.length - 1] = { ...last, kind: 'other' };
        // So tired he could hardly stand: what follows is the result.
        else if (isResult(tokens, last, group)) kind = 'so that';
        else
          unjoined =
            mains &&
            // Stir the soup, add salt: commands in a row are common.
            !(group.imperative && last.group.imperative) &&
            !(comma && isAside(tokens, group, last, broken));
      }
    }
    clauses.push({
      kind,
      ...(opener && kind !== 'main' ? { opener: opener.token } : {}),
      ...(kind === 'main' && joined && joiner ? { joiner } : {}),
      group,
      tenseAspect: tenseAspectOf(group),
      shares: joined && !ownSubject,
      unjoined,
      from: opener?.token.at ?? lastEnd,
      to: group.verb.at,
    });
    lastEnd = group.verb.at;
    joiner = undefined;
    broken = undefined;
    if (group.inside.length > 0) taken = Math.max(taken, group.finite.at);
  }
  return clauses;
}

function wordBefore(tokens: readonly TaggedToken[], at: number): TaggedToken | undefined {
  return tokens[at - 1];
}

const starters = new Set(['comma', 'stop', 'dash', 'quote', 'and', 'interjection']);

/** A base form that opens its clause: Record the wind, please close the gate, if it rains, come in. */
function isImperative(
  tokens: readonly TaggedToken[],
  token: TaggedToken,
  clauses: readonly Clause[],
  joiner: TaggedToken | undefined,
): boolean {
  for (let at = token.at - 1; at >= 0; at -= 1) {
    const { tag } = tokens[at] as TaggedToken;
    if (tag === 'adverb' || tag === 'not') continue;
    if (tag === 'and') {
      const last = clauses[clauses.length - 1];
      return joiner !== undefined && last?.kind === 'main' && last.group.imperative;
    }
    const told = clauses.some(
      (clause) =>
        clause.kind === 'main' && !clause.group.imperative && !isCondition(clause, tokens),
    );
    // It is late, go to bed: a command after a statement, joined by a comma alone.
    const spliced =
      tag === 'comma' &&
      told &&
      clauses.every(({ group }) => group.verb.tag !== 'base' && group.verb.tag !== 'ing') &&
      tokens[at - 1]?.tag !== 'base' &&
      !tokens.slice(token.at).some((one) => one.tag === 'and' || (one.mark && one.text === '?')) &&
      !tokens.slice(0, at).some((one) => one.tag === 'quote' || one.tag === 'to');
    return starters.has(tag) && (!told || spliced);
  }
  return true;
}
