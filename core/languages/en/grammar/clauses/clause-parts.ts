/** The parts of a main clause: who or what, did, whom or what, to whom, where, when, how, why. */
import type { TaggedToken } from '../tagging/tag-sentence';
import { agentOf } from './agent';
import type { Clause } from './clause';
import { nounPhraseEnd } from './noun-phrase';

export type PartName =
  | 'subject'
  | 'verb'
  | 'object'
  | 'to whom'
  | 'complement'
  | 'agent'
  | 'where'
  | 'when'
  | 'how'
  | 'why';

export interface ClausePart {
  readonly name: PartName;
  readonly tokens: readonly TaggedToken[];
}

export interface ClauseParts {
  readonly parts: readonly ClausePart[];
  readonly subject: readonly TaggedToken[];
  /** What stands before the subject: a phrase of time or place, a conjunction. */
  readonly lead: readonly TaggedToken[];
  /** Adverbs and not between the parts of the verb. */
  readonly inner: readonly TaggedToken[];
  /** Everything after the verb up to the end mark. */
  readonly rest: readonly TaggedToken[];
}

const givers = new Set(
  'give send show tell lend hand pass bring offer teach write read sell buy make cook find promise pay ask throw leave order get'.split(
    ' ',
  ),
);
const linking = new Set(
  'be seem become appear look feel sound smell taste stay remain turn grow get'.split(' '),
);

/** Of those, what can also have an object: grow beans, turn the key. */
const alsoTransitive = new Set(['grow', 'get', 'turn', 'taste', 'smell', 'feel']);

const finite = new Set(['modal', 'be', 'have', 'do', 'present', 'third', 'past', 'base']);

const timeWords =
  /^(?:morning|afternoon|evening|night|noon|midnight|day|week|weekend|month|year|hour|minute|second|moment|time|today|tonight|yesterday|tomorrow|monday|tuesday|wednesday|thursday|friday|saturday|sunday|january|february|march|april|may|june|july|august|september|october|november|december|spring|summer|autumn|winter|dawn|dusk|sunrise|sunset|century|christmas|easter|breakfast|lunch|dinner|supper|o'clock|ages)s?$/;
const timeAdverbs =
  /^(?:now|then|soon|later|today|tonight|yesterday|tomorrow|always|never|often|sometimes|usually|already|just|still|yet|again|early|late|once|twice|ago|recently|suddenly|immediately|finally|first|next|last|since|before|afterwards|daily|weekly)$/;
const placeAdverbs =
  /^(?:here|there|everywhere|somewhere|nowhere|anywhere|inside|outside|upstairs|downstairs|home|away|indoors|outdoors|abroad|nearby|out|back|down|up|overhead)$/;
const timePrepositions = /^(?:during|until|till|since|after|before)$/;
/** Where things are sent, and nobody who gets them. */
const placeNouns =
  /^(?:school|hospital|station|museum|library|town|city|village|house|home|hut|office|shop|market|beach|sea|park|bank|church|farm|field|garden|hill|island|harbour|country|class|prison|court|end|side|top|wall|door|floor)s?$/;
const people = /^(?:me|him|her|us|them|it|you|everyone|someone|everybody|somebody|nobody)$/;

/** The tokens of the subject of a main clause that is not inverted. */
function subjectTokens(
  tokens: readonly TaggedToken[],
  clause: Clause,
  floor: number,
): TaggedToken[] {
  const { group } = clause;
  if (group.imperative) return [];
  if (group.inverted) {
    const first = group.inside.find(({ tag }) => tag !== 'adverb');
    const end = first === undefined ? undefined : nounPhraseEnd(tokens, first.at);
    const last = group.inside[group.inside.length - 1];
    if (first === undefined || last === undefined) return [];
    // Is the gate open? The phrase ends before its adjective; a verb further on ends it at the latest.
    const stop = group.tokens.length > 1 ? last.at + 1 : (end ?? last.at + 1);
    return tokens.slice(first.at, stop).filter(({ tag }) => tag !== 'adverb' && tag !== 'not');
  }
  let end = group.finite.at;
  // The woman who lives upstairs plays: an adverb of place belongs to what stands before it.
  while (
    end > floor &&
    /^(?:adverb|not)$/.test(tokens[end - 1]?.tag ?? '') &&
    !placeAdverbs.test(tokens[end - 1]?.lower ?? '')
  )
    end -= 1;
  let start = floor;
  // After the joiner, or the comma that closes what stands in front.
  const segment = tokens.slice(floor, end);
  const relative = segment.some(({ tag }) => tag === 'relative');
  for (let at = end - 1; at >= floor; at -= 1) {
    const { tag } = tokens[at] as TaggedToken;
    if (tag === 'comma' || tag === 'quote' || tag === 'stop') {
      const first = tokens[floor];
      const list = !relative && nounPhraseEnd(tokens, floor) === end;
      // The barometer, which hung by the door, was broken: the commas are inside the subject.
      const insertion =
        relative && first !== undefined && nounPhraseEnd(tokens, floor) !== undefined;
      if (!list && !insertion) start = at + 1;
      break;
    }
  }
  while (
    start < end &&
    /^(?:and|adverb|interjection|subordinator|that|quote|stop|comma)$/.test(
      tokens[start]?.tag ?? '',
    )
  )
    start += 1;
  start = pastLead(tokens, start, end);
  return tokens.slice(start, end);
}

/** In the hut the lamps …, every day the club …: past a phrase that stands before the subject. */
function pastLead(tokens: readonly TaggedToken[], start: number, end: number): number {
  // In the evening Mina: a name after a word of time is no part of its phrase.
  const named = tokens.findIndex(
    ({ tag, at, text, lower }) =>
      at > start + 1 &&
      at < end &&
      (tag === 'name' || /^\p{Lu}/u.test(text)) &&
      !timeWords.test(lower) &&
      timeWords.test(tokens[at - 1]?.lower ?? ''),
  );
  if (named > 0) return pastLead(tokens, named, end);
  if (tokens[start]?.tag === 'preposition') {
    const phraseEnd = nounPhraseEnd(tokens, start + 1);
    if (phraseEnd !== undefined && phraseEnd < end) return pastLead(tokens, phraseEnd, end);
    return start;
  }
  // Every morning two members climb the hill.
  const [first, second] = [tokens[start], tokens[start + 1]];
  const timed =
    first !== undefined &&
    second !== undefined &&
    start + 2 < end &&
    /^(?:every|each|last|next|this|that|one)$/.test(first.lower) &&
    timeWords.test(second.lower) &&
    nounPhraseEnd(tokens, start + 2) !== undefined;
  if (timed) return start + 2;
  const phraseEnd = nounPhraseEnd(tokens, start);
  const head = phraseEnd === undefined ? undefined : tokens[phraseEnd - 1];
  const next = phraseEnd === undefined ? undefined : tokens[phraseEnd];
  if (
    phraseEnd !== undefined &&
    phraseEnd < end &&
    head &&
    timeWords.test(head.lower) &&
    next &&
    nounPhraseEnd(tokens, phraseEnd) !== undefined
  ) {
    return phraseEnd;
  }
  return start;
}

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
  const subject = clause.shares ? [] : subjectTokens(tokens, clause, base);
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
  const lead = tokens
    .slice(base, Math.min(firstSubject, group.finite.at))
    .filter(({ tag }) => tag !== 'comma');
  const parts: ClausePart[] = [];
  const front = nameOfLead(lead, group.verb.base ?? group.verb.lower);
  if (front !== undefined) parts.push({ name: front, tokens: lead });
  if (subject.length > 0) parts.push({ name: 'subject', tokens: subject });
  parts.push({ name: 'verb', tokens: group.tokens });
  parts.push(...restParts(tokens, rest, clause));
  return { parts, subject, lead, inner, rest };
}

/** What stands in front of the subject: in the hut, every morning, where … ?; undefined where it is a clause. */
function nameOfLead(lead: readonly TaggedToken[], base: string): PartName | undefined {
  const [first] = lead;
  if (first === undefined || lead.some(({ tag }) => tag === 'subordinator' || finite.has(tag)))
    return undefined;
  if (first.tag === 'preposition') return nameOfPhrase(lead, base);
  if (first.tag === 'question' && /^(?:where|when|why|how)$/.test(first.lower))
    return first.lower as PartName;
  if (lead.some(({ lower }) => timeWords.test(lower) || timeAdverbs.test(lower))) return 'when';
  return placeAdverbs.test(first.lower) ? 'where' : first.tag === 'adverb' ? 'how' : undefined;
}

function trimEnd(tokens: readonly TaggedToken[], mark: number): number {
  let at = mark;
  while (at > 0 && /^(?:stop|quote)$/.test(tokens[at - 1]?.tag ?? '')) at -= 1;
  return at;
}

/** Where a subordinate clause in front ends: at its comma, or where the subject of the main clause begins. */
function closedAt(tokens: readonly TaggedToken[], clause: Clause, finite: number): number {
  for (let at = finite - 1; at > clause.to; at -= 1) {
    if (tokens[at]?.tag === 'comma') return at + 1;
  }
  let at = finite;
  while (at - 1 > clause.to && !/^(?:determiner|pronoun-subject|name)$/.test(tokens[at]?.tag ?? ''))
    at -= 1;
  return at;
}

/** The object, the complement and the phrases of place, time, manner and reason after a verb. */
function restParts(
  tokens: readonly TaggedToken[],
  rest: readonly TaggedToken[],
  clause: Clause,
): ClausePart[] {
  const parts: ClausePart[] = [];
  const { group } = clause;
  const base = group.verb.base ?? group.verb.lower;
  const add = (name: PartName, list: readonly TaggedToken[]) => {
    if (list.length > 0) parts.push({ name, tokens: list });
  };
  const agent = group.passive ? agentOf(tokens, group.verb.at) : undefined;
  const limit = (rest[rest.length - 1]?.at ?? group.verb.at) + 1;
  let at = rest[0]?.at ?? limit;
  let objects = 0;
  while (at < limit) {
    const token = tokens[at] as TaggedToken;
    if (agent && token.at === agent[0]?.at) {
      add('agent', agent);
      at += agent.length;
      continue;
    }
    if (token.tag === 'subordinator' || token.tag === 'that' || token.tag === 'question') {
      const name: PartName | undefined = /^(?:because|since|as|so)$/.test(token.lower)
        ? 'why'
        : /^(?:when|while|until|till|after|before|once|whenever)$/.test(token.lower)
          ? 'when'
          : /^(?:where|wherever)$/.test(token.lower) && objects > 0
            ? 'where'
            : token.tag === 'that' ||
                token.tag === 'question' ||
                token.lower === 'if' ||
                token.lower === 'whether'
              ? token.lower === 'if' && token.tag === 'subordinator' && clause.group.modal
                ? undefined
                : 'object'
              : undefined;
      if (name) add(name, tokens.slice(at, limit));
      break;
    }
    if (token.tag === 'to') {
      const verb = tokens[at + 1];
      const wants =
        /^(?:want|need|have|like|love|hate|try|hope|plan|decide|learn|forget|remember|begin|start|promise|agree|refuse|wish|seem|use|expect)$/.test(
          base,
        ) && objects === 0;
      const end = clauseEnd(tokens, at, limit);
      add(wants ? 'object' : 'why', tokens.slice(at, verb ? end : limit));
      at = end;
      continue;
    }
    if (token.tag === 'preposition') {
      const phrase = phraseEnd(tokens, at, limit);
      const list = tokens.slice(at, phrase);
      add(nameOfPhrase(list, base), list);
      at = phrase;
      continue;
    }
    if (token.tag === 'adverb' || token.tag === 'particle') {
      const name: PartName = timeAdverbs.test(token.lower)
        ? 'when'
        : placeAdverbs.test(token.lower) || token.tag === 'particle'
          ? 'where'
          : 'how';
      const intoPhrase = tokens[at + 1]?.tag === 'adjective';
      if (intoPhrase && linking.has(base)) {
        add('complement', tokens.slice(at, at + 2));
        at += 2;
        continue;
      }
      if (token.tag === 'adverb') add(name, [token]);
      at += 1;
      continue;
    }
    const end = nounPhraseEnd(tokens, at);
    if (end !== undefined && end > at) {
      let list = tokens.slice(at, end);
      const head = list[list.length - 1];
      if (
        head &&
        timeWords.test(head.lower) &&
        (objects > 0 ||
          list.some(({ lower }) => /^(?:every|last|next|this|that|all|each)$/.test(lower)))
      ) {
        add('when', list);
        at = end;
        continue;
      }
      // A relative clause belongs to its noun.
      let stop = end;
      if (tokens[stop]?.tag === 'relative') stop = limit;
      list = tokens.slice(at, stop);
      const follow = nounPhraseEnd(tokens, stop);
      const second =
        follow !== undefined && follow <= limit && !timeWords.test(tokens[follow - 1]?.lower ?? '');
      if (linking.has(base) && !alsoTransitive.has(base) && !group.passive) add('complement', list);
      else if (objects === 0 && givers.has(base) && second && !group.passive) add('to whom', list);
      else if (objects === 0 || parts[parts.length - 1]?.name === 'to whom') add('object', list);
      objects += 1;
      at = stop;
      continue;
    }
    if ((token.tag === 'adjective' || token.tag === 'participle') && linking.has(base)) {
      let stop = at + 1;
      while (stop < limit && /^(?:and|adjective|adverb|comma)$/.test(tokens[stop]?.tag ?? ''))
        stop += 1;
      add('complement', tokens.slice(at, stop));
      at = stop;
      continue;
    }
    if (token.tag === 'ing' && objects === 0) {
      const stop = clauseEnd(tokens, at, limit);
      add('object', tokens.slice(at, stop));
      objects += 1;
      at = stop;
      continue;
    }
    at += 1;
  }
  return parts;
}

const clauseEnd = (tokens: readonly TaggedToken[], from: number, limit: number): number => {
  for (let at = from + 1; at < limit; at += 1) {
    if (/^(?:subordinator|comma|stop)$/.test(tokens[at]?.tag ?? '')) return at;
  }
  return limit;
};

/** The end of a phrase that a preposition opens. */
function phraseEnd(tokens: readonly TaggedToken[], at: number, limit: number): number {
  let from = at + 1;
  while (tokens[from]?.tag === 'preposition') from += 1;
  const end = nounPhraseEnd(tokens, from);
  if (end !== undefined) {
    if (tokens[end]?.tag === 'relative') return limit;
    return Math.min(end, limit);
  }
  return tokens[from]?.tag === 'ing' ? clauseEnd(tokens, from, limit) : Math.min(from + 1, limit);
}

function nameOfPhrase(list: readonly TaggedToken[], base: string): PartName {
  const first = list[0]?.lower ?? '';
  const head = list[list.length - 1];
  const words = list.map(({ lower }) => lower);
  if (
    words.some((word) => timeWords.test(word)) ||
    timePrepositions.test(first) ||
    /^(?:in|at|by) (?:\d|19|20)/.test(`${first} ${words[1]}`)
  )
    return 'when';
  if (first === 'because' || (first === 'for' && tokensAreReason(list))) return 'why';
  if (
    (first === 'to' || first === 'for') &&
    head &&
    (people.test(head.lower) ||
      head.tag === 'name' ||
      (first === 'to' && /^(?:noun|nouns)$/.test(head.tag) && !placeNouns.test(head.lower))) &&
    givers.has(base)
  )
    return 'to whom';
  if (/^(?:with|without|by|like|as)$/.test(first)) return 'how';
  return 'where';
}

const tokensAreReason = (list: readonly TaggedToken[]) => list[1]?.tag === 'ing';
