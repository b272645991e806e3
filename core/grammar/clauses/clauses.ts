/**
 * The clauses of a sentence: each finite verb group with what opens it. A main
 * clause is opened by nothing, or by and, but, or, so, yet.
 */
import type { TaggedToken } from '../tagging/tag-sentence';
import { isFinite } from '../tagging/tag';
import {
  clauseAdjectives,
  clauseVerbs,
  doubleObjectVerbs,
  intransitiveVerbs,
  speechVerbs,
} from '../tagging/verb-patterns';
import { tenseAspectOf, type TenseAspect } from './tense-aspect';
import { beginsGroup, verbGroupAt, type VerbGroup } from './verb-group';

export type ClauseKind =
  | 'main'
  | 'if'
  | 'because'
  | 'when'
  | 'although'
  | 'so that'
  | 'than'
  | 'relative'
  | 'that'
  | 'question'
  | 'other';

export interface Clause {
  readonly kind: ClauseKind;
  /** What opens it: the subordinator, the relative pronoun; absent for a main clause. */
  readonly opener?: TaggedToken;
  /** The conjunction that joins a main clause to the one before. */
  readonly joiner?: TaggedToken;
  readonly group: VerbGroup;
  readonly tenseAspect: TenseAspect;
  /** True where it shares the subject of the clause before: and ran into the hut. */
  readonly shares: boolean;
  /** True where nothing joins it to the main clause before it. */
  readonly unjoined: boolean;
  /** Its first and last token. */
  readonly from: number;
  readonly to: number;
}

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

/** By the time she came, the moment it stops, the way he smiled: a clause on a noun of time or manner. */
function opensByNoun(tokens: readonly TaggedToken[], at: number): boolean {
  const token = tokens[at] as TaggedToken;
  const next = tokens[at + 1];
  if (next === undefined || !/^(?:pronoun-subject|determiner|name|pronoun|there)$/.test(next.tag))
    return false;
  if (!tokens.slice(at + 2).some((one) => isFinite(one))) return false;
  const before = wordBefore(tokens, at)?.lower ?? '';
  if (token.lower === 'time')
    return (
      /^(?:every|each|first|next)$/.test(before) ||
      (before === 'the' && tokens[at - 2]?.lower === 'by')
    );
  return (
    before === 'the' &&
    /^(?:moment|minute|instant|day|way|reason|year)$/.test(token.lower) &&
    at >= 1
  );
}

/** Had she looked, were it colder, should it rain. */
const isCondition = ({ group }: Clause, tokens: readonly TaggedToken[]) =>
  group.inverted &&
  /^(?:had|were|should)$/.test(group.finite.lower) &&
  (tokens[tokens.length - 1]?.text !== '?' || tokens.some(({ tag }) => tag === 'comma'));

const times =
  /^(?:morning|afternoon|evening|night|day|week|month|year|time|today|yesterday|tomorrow|monday|tuesday|wednesday|thursday|friday|saturday|sunday|spring|summer|autumn|winter)s?$/;

/** True where the clause is the beginning of a longer subject. */
function opensAsNoun(tokens: readonly TaggedToken[], { group }: Clause): boolean {
  const first = tokens.find(({ mark }) => !mark);
  if (first === undefined || group.inverted) return false;
  if (first.tag === 'question')
    return group.finite.at > first.at + 1 || /^(?:what|whoever|whatever)$/.test(first.lower);
  // The book I borrowed: two noun phrases with nothing between them.
  for (let at = first.at + 1; at < group.finite.at; at += 1) {
    const token = tokens[at] as TaggedToken;
    const before = tokens[at - 1] as TaggedToken;
    if (token.tag === 'comma' || token.tag === 'and') return false;
    const opens = /^(?:determiner|pronoun-subject|name)$/.test(token.tag);
    const ended = /^(?:noun|nouns|pronoun)$/.test(before.tag) && !times.test(before.lower);
    if (opens && ended) return true;
  }
  return false;
}

/** So cold we went in, such a noise that nobody slept: so or such in the clause before. */
function isResult(tokens: readonly TaggedToken[], last: Clause, group: VerbGroup): boolean {
  const between = tokens.slice(last.group.verb.at + 1, group.finite.at);
  return between.some(
    ({ lower, at }) =>
      lower === 'such' ||
      (lower === 'so' &&
        /^(?:adjective|adverb|participle|determiner|pronoun)$/.test(tokens[at + 1]?.tag ?? '') &&
        tokens[at - 1]?.tag !== 'comma'),
  );
}

/** I think the storm is over: the subject of the second clause stands right after the verb of the first. */
function isComplement(tokens: readonly TaggedToken[], last: Clause, group: VerbGroup): boolean {
  const told = tokens
    .slice(last.group.verb.at + 1, group.finite.at)
    .find(({ lower }) => clauseAdjectives.has(lower));
  if (last.group.verb.base === 'be' && told)
    return phrasesBetween(tokens, told.at + 1, group.finite.at) === 1;
  if (!clauseVerbs.has(last.group.verb.base ?? '')) return false;
  const phrases = phrasesBetween(tokens, last.group.verb.at + 1, group.finite.at);
  return (
    phrases === 1 ||
    (phrases === 2 &&
      /^(?:tell|promise|warn|show|remind|teach|ask)$/.test(last.group.verb.base ?? ''))
  );
}

/** Noun phrases between two places, told apart by what begins each. */
function phrasesBetween(tokens: readonly TaggedToken[], from: number, to: number): number {
  let count = 0;
  let inside = false;
  for (const { tag } of tokens.slice(from, to)) {
    const begins = /^(?:determiner|pronoun-subject|pronoun-object|pronoun|there)$/.test(tag);
    const noun = /^(?:noun|nouns|name|number|adjective|possessive)$/.test(tag);
    if (begins || (noun && !inside)) count += 1;
    inside = begins || noun || (inside && tag === 'preposition');
    if (tag.startsWith('pronoun')) inside = false;
  }
  return count;
}

/** Asha cleaned the lid Bram found: the second clause has a gap where the noun before it belongs. */
function isContact(tokens: readonly TaggedToken[], last: Clause, group: VerbGroup): boolean {
  const subjects = phrasesBetween(tokens, last.group.verb.at + 1, group.finite.at);
  const next = tokens[group.verb.at + 1];
  if (tokens[group.finite.at - 2]?.lower === 'lot') return false;
  // She dropped the plate it broke: what breaks by itself is no object here.
  const itself = tokens[group.finite.at - 1]?.lower === 'it' && next?.tag !== 'preposition';
  if (
    itself &&
    /^(?:break|melt|burst|crack|sink|spill|fall|stop|start|snap|tear|open|close)$/.test(
      group.verb.base ?? '',
    )
  )
    return false;
  // The food we gave him, the tooth he is working on.
  const after = tokens[group.verb.at + 2];
  if (
    subjects >= 2 &&
    doubleObjectVerbs.has(group.verb.base ?? '') &&
    next?.tag === 'pronoun-object'
  )
    return true;
  if (
    subjects >= 2 &&
    next &&
    /^(?:preposition|particle)$/.test(next.tag) &&
    after?.tag === 'stop' &&
    next.tag === 'preposition'
  )
    return true;
  const complete =
    next !== undefined &&
    /^(?:determiner|pronoun|pronoun-object|name|noun|nouns|number|adjective)$/.test(next.tag);
  return (
    subjects >= 2 && !complete && !intransitiveVerbs.has(group.verb.base ?? '') && !group.passive
  );
}

/** A verb of speech with a comma right after it, and one before its subject. */
function isInserted(tokens: readonly TaggedToken[], { group }: Clause): boolean {
  return (
    speechVerbs.has(group.verb.base ?? '') &&
    tokens[group.verb.at + 1]?.tag === 'comma' &&
    tokens.slice(0, group.finite.at).some(({ tag }) => tag === 'comma')
  );
}

/** Said Bram, I think: words that name the speaker or soften, not a clause run on. */
function isAside(
  tokens: readonly TaggedToken[],
  group: VerbGroup,
  last: Clause,
  broken: TaggedToken | undefined,
): boolean {
  const quoted = tokens.some(({ tag }) => tag === 'quote');
  if (
    quoted &&
    (speechVerbs.has(group.verb.base ?? '') || speechVerbs.has(last.group.verb.base ?? ''))
  )
    return true;
  if (broken?.tag === 'dash') return true;
  // It is cold, isn't it?
  if (group.inverted && group.tokens.length === 1 && tokens.length - group.finite.at <= 5)
    return true;
  return clauseVerbs.has(group.verb.base ?? '') && group.finite.at >= tokens.length - 3;
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
