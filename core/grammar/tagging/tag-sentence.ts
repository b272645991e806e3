/**
 * A sentence read word by word at the least cost. Every token has several
 * readings; a reading costs something by itself, after the one before it, and by
 * what the clause has had so far: a clause wants one finite verb with its
 * subject, a modal wants a base form, be and have want a participle. The cheapest
 * way through the whole sentence is its reading (dynamic programming over a beam).
 */
import type { Lexicon } from '../../words/lexicon';
import type { Token } from '../tokens/token';
import { adjectivalParticiples, readingsOf } from './readings';
import { isFinite, type Tag, type WordReading } from './tag';
import { transitionCost } from './transitions';
import {
  bareInfinitiveVerbs,
  clauseVerbs,
  intransitiveVerbs,
  linkingVerbs,
  phrasalVerbs,
  speechVerbs,
} from './verb-patterns';

export interface TaggedToken extends Token, WordReading {
  /** Position in the sentence. */
  readonly at: number;
}

type Expect = 'nothing' | 'base' | 'predicate' | 'participle';

interface State {
  readonly cost: number;
  readonly reading: WordReading | undefined;
  readonly before: State | undefined;
  /** Clauses begun whose finite verb is still to come. */
  readonly pending: number;
  /** Another finite verb may come: after a comma, and, a quotation mark. */
  readonly free: boolean;
  /** What the last auxiliary waits for. */
  readonly expect: Expect;
  /** True while the auxiliary stands before its subject. */
  readonly fronted: boolean;
  /** Something that can be a subject has been read in this clause. */
  readonly subject: boolean;
  /** A subject stood before the last subordinate clause: after its comma it waits for its verb. */
  readonly outer: boolean;
  /** Base of the last full verb. */
  readonly verb: string;
  /** Where the verbs stand: readings of different shape are kept beside each other. */
  readonly shape: string;
}

const BEAM = 120;
/** A clause that never gets its verb. */
const NO_VERB = 2.4;
/** A second finite verb with nothing that joins it. */
const SECOND_VERB = 2.8;

const nominal: ReadonlySet<Tag> = new Set([
  'noun',
  'nouns',
  'name',
  'pronoun',
  'pronoun-subject',
  'number',
  'ing',
  'there',
]);

/** Tags after which a verb can stand first in its clause. */
const opens: ReadonlySet<Tag> = new Set([
  'comma',
  'stop',
  'dash',
  'quote',
  'and',
  'subordinator',
  'that',
  'interjection',
]);

/** Words that stay open: what the last auxiliary waits for is still to come after them. */
const transparent: ReadonlySet<Tag> = new Set(['adverb', 'not']);

const isAuxiliary = ({ tag }: WordReading) =>
  tag === 'be' || tag === 'have' || tag === 'do' || tag === 'modal';

/** The nearest reading before that is no adverb, not or please. */
function anchorOf(state: State): WordReading | undefined {
  let at: State | undefined = state;
  while (at?.reading && transparent.has(at.reading.tag)) at = at.before;
  return at?.reading;
}

/** True where the clause has only just begun: nothing but adverbs since its opener. */
function atClauseStart(state: State): boolean {
  const anchor = anchorOf(state);
  return anchor === undefined || opens.has(anchor.tag);
}

const agreement = (before: WordReading, verb: WordReading): number => {
  if (verb.plural === undefined || before.plural === undefined) return 0;
  if (before.plural === verb.plural) return 0;
  return isAuxiliary(verb) ? 0.7 : 2.2;
};

interface VerbPlace {
  /** Nothing follows in the sentence. */
  readonly ends: boolean;
  /** The sentence ends with a question mark. */
  readonly asks: boolean;
  readonly word: string;
  /** Not follows. */
  readonly negated: boolean;
}

/** Verbs with an object and its state: I want the gate closed. */
const objectParticiple = /^(?:want|have|get|keep|leave|see|find|hear|need|like|make)$/;

function verbCost(
  state: State,
  reading: WordReading,
  { ends, asks, word, negated }: VerbPlace,
): { cost: number; next: Partial<State> } {
  const { tag, form } = reading;
  const anchor = anchorOf(state);
  const start = atClauseStart(state);
  const after: Partial<State> = {
    // Do your homework; but do not run.
    expect:
      tag === 'do' && form === 'base' && !negated
        ? 'nothing'
        : tag === 'modal' || tag === 'do'
          ? 'base'
          : tag === 'be'
            ? 'predicate'
            : tag === 'have'
              ? 'participle'
              : 'nothing',
    fronted: false,
    verb: reading.base ?? state.verb,
  };
  if (isFinite(reading)) {
    let cost = 0;
    if (state.pending === 0) {
      const speech = speechVerbs.has(reading.base ?? '') && anchor?.tag === 'quote';
      cost += speech ? 0 : state.free ? 0.25 : clauseVerbs.has(state.verb) ? 0.8 : SECOND_VERB;
    }
    const fronted =
      isAuxiliary(reading) &&
      (start || anchor?.tag === 'question' || !state.subject) &&
      anchor?.tag !== 'relative';
    const inverted = fronted && (start || !state.subject || anchor?.tag === 'question');
    if (!state.subject && !inverted) {
      cost += speechVerbs.has(reading.base ?? '') && anchor?.tag === 'quote' ? 0 : 2.5;
    }
    // Without a question mark only had, were and should stand before their subject.
    if (inverted && start && !asks && state.pending > 0 && !/^(?:had|were|should)$/.test(word))
      cost += 1;
    if (!state.subject && inverted && anchor !== undefined && anchor.tag !== 'question' && !start)
      cost += 1;
    if (anchor && !inverted) cost += agreement(anchor, reading);
    // The printing press: a noun follows what stands before it in its phrase.
    const premodifier = state.reading?.tag === 'ing' && state.before?.reading?.tag === 'determiner';
    if (premodifier) cost += 2;
    if (state.expect === 'base') cost += 1.5;
    if (state.expect !== 'nothing' && state.fronted) cost += 1;
    return {
      cost,
      next: {
        ...after,
        pending: Math.max(0, state.pending - 1),
        free: false,
        fronted: inverted,
        subject: inverted && anchor?.tag !== 'question' ? false : true,
      },
    };
  }
  const kind = isAuxiliary(reading) ? form : tag;
  if (kind === 'base') {
    if (state.expect === 'base') {
      // Between a fronted auxiliary and its verb there is a subject.
      const bare = state.fronted && !state.subject ? 0.8 : 0;
      return { cost: bare, next: after };
    }
    // And with another base form: to run and jump.
    if (anchor?.tag === 'and' && lastVerbWasBase(state)) return { cost: 0.3, next: after };
    if (start && state.pending > 0 && !(state.reading?.tag === 'that')) {
      // An imperative.
      // A command does not end with a question mark.
      const late = (state.subject ? 0.8 : 0) + (asks ? 1 : 0);
      const sub = state.reading?.tag === 'subordinator' ? 3 : 0;
      return {
        cost: 0.5 + late + sub,
        next: { ...after, pending: state.pending - 1, free: false, subject: true },
      };
    }
    if (start && state.free) return { cost: 0.9, next: { ...after, free: false } };
    if (bareInfinitiveVerbs.has(state.verb) && anchor && !isAuxiliary(anchor)) {
      return { cost: 0.4, next: after };
    }
    return { cost: 4, next: after };
  }
  if (kind === 'participle') {
    if (state.expect === 'participle') return { cost: 0, next: after };
    if (state.expect === 'predicate') {
      // It's gone, it's stopped: what has no passive was read with has.
      const shortened =
        anchor?.full === 'is' &&
        (intransitiveVerbs.has(reading.base ?? '') ||
          reading.base === 'get' ||
          reading.base === 'have')
          ? 1
          : 0;
      return { cost: 0.1 + shortened, next: after };
    }
    if (isAuxiliary(reading)) return { cost: 3.5, next: after };
    if (
      linkingVerbs.has(state.verb) &&
      anchor &&
      /^(?:past|present|third|base)$/.test(anchor.tag)
    ) {
      return { cost: 0.3, next: after };
    }
    // A participle on a noun has something after it: the lid found by Bram.
    const last =
      ends &&
      anchor !== undefined &&
      nominalEnd.has(anchor.tag) &&
      !objectParticiple.test(state.verb)
        ? 1.5
        : 0;
    return { cost: 0.9 + last, next: { verb: reading.base ?? state.verb } };
  }
  // -ing
  if (state.expect === 'predicate') return { cost: 0, next: after };
  if (isAuxiliary(reading)) return { cost: 0.8, next: { ...after } };
  // After a preposition it is no subject: before leaving, check the lamps.
  return {
    cost: 0.4,
    next: {
      verb: reading.base ?? state.verb,
      ...(anchor?.tag === 'preposition' ? {} : { subject: true }),
    },
  };
}

function lastVerbWasBase(state: State): boolean {
  for (let at: State | undefined = state; at?.reading; at = at.before) {
    if (at.reading.tag === 'base' || (isAuxiliary(at.reading) && at.reading.form === 'base'))
      return true;
    if (isFinite(at.reading)) return at.reading.tag === 'present';
  }
  return false;
}

const shapeTags: ReadonlySet<Tag> = new Set(['base', 'present', 'third', 'past', 'participle']);

const groupOfNoun: ReadonlySet<Tag> = new Set([
  'determiner',
  'noun',
  'nouns',
  'name',
  'pronoun',
  'number',
  'adjective',
  'pronoun-object',
]);

interface Place {
  readonly following: Token | undefined;
  /** The sentence ends with a question mark. */
  readonly asks: boolean;
}

function extend(
  state: State,
  reading: WordReading,
  token: Token,
  { following, asks: isQuestion }: Place,
): State[] {
  const { tag } = reading;
  const last = state.reading?.tag;
  let cost = state.cost + reading.cost + transitionCost(last, tag);
  const next: { -readonly [Key in keyof State]: State[Key] } = {
    cost,
    reading,
    before: state,
    pending: state.pending,
    free: state.free,
    expect: state.expect,
    fronted: state.fronted,
    subject: state.subject,
    outer: state.outer,
    verb: state.verb,
    shape:
      shapeTags.has(tag) || isAuxiliary(reading)
        ? `${state.shape} ${token.start}${tag}`
        : state.shape,
  };
  const anchor = anchorOf(state);
  const answer = (more: number, change: Partial<State> = {}): State[] => [
    { ...next, ...change, cost: cost + more },
  ];
  // A pronoun's 's is never possessive.
  if (tag === 'possessive') {
    const pronoun =
      last === 'pronoun' || last === 'pronoun-subject' || last === 'question' || last === 'there';
    return answer(pronoun ? possessiveOfPronoun(state) : 0);
  }
  switch (tag) {
    case 'modal':
    case 'be':
    case 'have':
    case 'do':
    case 'base':
    case 'present':
    case 'third':
    case 'past':
    case 'participle':
    case 'ing': {
      const { cost: more, next: change } = verbCost(state, reading, {
        ends: following === undefined || /^[.!?;]$/.test(following.text),
        asks: isQuestion,
        word: token.lower,
        negated: /^n(?:o|')t$/.test(following?.lower ?? ''),
      });
      return answer(more, change);
    }
    case 'subordinator':
      return answer(0, {
        pending: state.pending + 1,
        subject: false,
        outer: state.subject,
        free: false,
        expect: 'nothing',
        fronted: false,
      });
    case 'that': {
      const fits = clauseVerbs.has(state.verb) || last === 'adjective' || last === 'adverb';
      return answer(fits ? 0 : 1.2, {
        pending: state.pending + 1,
        subject: false,
        free: false,
        expect: 'nothing',
      });
    }
    case 'relative': {
      const holds =
        last === 'noun' ||
        last === 'nouns' ||
        last === 'name' ||
        last === 'pronoun' ||
        last === 'comma' ||
        last === 'preposition' ||
        last === 'pronoun-object';
      const place = token.lower === 'where' || token.lower === 'when';
      return answer(holds ? 0 : 2.6, { pending: state.pending + 1, subject: !place, free: false });
    }
    case 'question': {
      const first = last === undefined || opens.has(last);
      const begins = first && last !== 'comma' && state.pending > 0;
      const person = /^(?:who|what|which|whoever|whatever)$/.test(token.lower);
      const asks =
        clauseVerbs.has(state.verb) ||
        last === 'preposition' ||
        last === 'adjective' ||
        last === 'to' ||
        last === 'pronoun-object';
      // When the snow melts … is no question without its mark.
      const told = begins && !isQuestion && /^(?:when|where)$/.test(token.lower) ? 1.5 : 0;
      return answer(told + (begins ? 0 : asks ? 0.2 : 1.3), {
        pending: begins ? state.pending : state.pending + (last === 'to' ? 0 : 1),
        subject: person,
        expect: 'nothing',
      });
    }
    case 'comma':
    case 'dash':
    case 'quote':
      return answer(tag === 'comma' && state.expect === 'base' ? 0.3 : 0, {
        free: true,
        // If it rains, come in: the subject of the if-clause is not that of the main clause.
        subject: state.outer || state.pending === 0 ? state.subject : false,
        // What was waited for may come after an insertion, but need not.
        expect: state.expect === 'base' ? 'base' : state.expect,
      });
    case 'and':
      return answer(0, { free: true });
    case 'stop':
      return answer(finish(state), {
        pending: 1,
        subject: false,
        free: false,
        expect: 'nothing',
        fronted: false,
        verb: '',
      });
    case 'to':
      return answer(0, { expect: 'base', fronted: false });
    case 'pronoun-subject': {
      // A clause without a conjunction: I think she knows, the lid she found.
      const opened =
        state.subject &&
        !state.fronted &&
        last !== 'and' &&
        last !== 'comma' &&
        last !== 'quote' &&
        last !== 'relative' &&
        last !== 'question' &&
        last !== 'dash';
      if (opened && last !== undefined) {
        cost += clauseVerbs.has(state.verb) ? 0 : nominal.has(last) ? 0.5 : 1;
        return answer(0, { pending: state.pending + 1, subject: true });
      }
      return answer(0, { subject: true });
    }
    case 'there':
      return answer(0, { subject: true });
    case 'preposition': {
      const at = following?.text;
      const bare = at === undefined || /^[.!?;,]$/.test(at) ? 0.8 : 0;
      // A preposition of a phrasal verb is a particle.
      const leads = token.lower === 'to' && last === undefined ? 0.6 : 0;
      const going = token.lower === 'to' && state.verb === 'go' && last === 'ing' ? 0.9 : 0;
      const phrasal =
        phrasalVerbs.has(`${state.verb}-${token.lower}`) && anchor && isVerbTag(anchor.tag)
          ? 0.9
          : 0;
      return answer(bare + phrasal + going + leads);
    }
    case 'particle': {
      const verbBefore = anchor !== undefined && isVerbTag(anchor.tag);
      const known = phrasalVerbs.has(`${state.verb}-${token.lower}`);
      const adverbOnly = /^(?:together|apart|forwards?|ahead|aside|away|back)$/.test(token.lower);
      const object = anchor !== undefined && nominalEnd.has(anchor.tag);
      return answer(
        known
          ? verbBefore || object
            ? -0.1
            : 0.8
          : adverbOnly
            ? 0
            : verbBefore
              ? 0.5
              : object
                ? 0.9
                : 1.4,
      );
    }
    case 'adverb': {
      // Since, before, down … with a phrase after them are no adverbs.
      const opensPhrase =
        /^(?:since|before|after|in|on|about|over|round|through|along|around|under|across|past|inside|outside|above|below|behind|near)$/.test(
          token.lower,
        ) &&
        following !== undefined &&
        !following.mark &&
        !/^(?:and|but|or|to|with|of|for|in|on|at|when|because|if|while|as|until)$/.test(
          following.lower,
        );
      const joins = /^(?:since|before|after)$/.test(token.lower);
      return answer(opensPhrase ? (joins ? 3 : 1) : 0);
    }
    case 'not':
    case 'interjection':
      return answer(
        tag === 'not' &&
          !(
            state.reading &&
            (isAuxiliary(state.reading) ||
              last === 'adverb' ||
              last === 'pronoun-subject' ||
              last === 'pronoun' ||
              last === 'noun' ||
              last === 'name' ||
              last === 'nouns')
          )
          ? 0.5
          : 0,
      );
    case 'noun':
    case 'nouns':
    case 'name':
    case 'number':
    case 'pronoun':
    case 'pronoun-object':
    case 'determiner':
    case 'adjective': {
      let more = 0;
      const change: { -readonly [Key in keyof State]?: State[Key] } = {};
      if (
        tag === 'determiner' &&
        /^(?:what|which|whose)$/.test(token.lower) &&
        last !== undefined &&
        !opens.has(last)
      ) {
        change.pending = state.pending + 1;
        if (!clauseVerbs.has(state.verb) && last !== 'preposition' && !nominal.has(last))
          more += 0.8;
      }
      if (nominal.has(tag) && !inPhrase(state)) change.subject = true;
      // Omar's closed the gate: what goes on to an object was has, not is.
      const shortened =
        last === 'participle' &&
        state.before !== undefined &&
        anchorOf(state.before)?.full === 'is';
      if (shortened && tag !== 'adjective') more += 1.2;
      // The boy chased it: a participle without have has no pronoun for its object.
      if (
        last === 'participle' &&
        state.before?.expect !== 'participle' &&
        (tag === 'pronoun' || tag === 'pronoun-object')
      )
        more += 1.5;
      // Water the plants: a bare noun does not open a sentence before another noun phrase.
      if (tag === 'determiner' && last === 'noun' && atStartBefore(state)) more += 1;
      // Have and be before their object or complement are full verbs.
      if (
        (state.expect === 'participle' || state.expect === 'predicate') &&
        !state.fronted &&
        groupOfNoun.has(tag)
      ) {
        change.expect = tag === 'adjective' ? state.expect : 'nothing';
        if (tag === 'adjective') change.expect = 'nothing';
      }
      if (state.expect === 'base' && !state.fronted && last !== 'and') more += 1.6;
      // It came so fast: after a full verb the word says how.
      const full = anchor !== undefined && /^(?:base|present|third|past)$/.test(anchor.tag);
      if (tag === 'adjective' && last === 'adverb' && full && !linkingVerbs.has(state.verb))
        more += 0.8;
      // Has finished: after have a participle is no adjective.
      const have = tag === 'adjective' && state.expect === 'participle' && anchor?.tag === 'have';
      if (have && adjectivalParticiples.has(token.lower)) more += 1;
      // Is the gate open? What a fronted be waits for may be an adjective after its subject.
      if (
        tag === 'adjective' &&
        state.expect === 'predicate' &&
        state.fronted &&
        last !== undefined &&
        nominal.has(last)
      )
        more -= 1.1;
      const plain = answer(more, change);
      // The lid Bram found: a clause on a noun, with nothing that joins it.
      const contact =
        (tag === 'name' || tag === 'determiner' || tag === 'pronoun') &&
        last !== undefined &&
        nominalEnd.has(last) &&
        state.subject &&
        !state.fronted;
      return contact
        ? [...plain, ...answer(more + 0.9, { ...change, pending: state.pending + 1 })]
        : plain;
    }
  }
}

/** True right after a preposition: the noun is its own, and no subject. */
function inPhrase(state: State): boolean {
  for (let at: State | undefined = state; at?.reading; at = at.before) {
    const { tag } = at.reading;
    if (tag === 'preposition') return true;
    if (!/^(?:determiner|adjective|number|noun|name|possessive|participle)$/.test(tag))
      return false;
  }
  return false;
}

/** True where the last token opened its clause. */
const atStartBefore = (state: State) =>
  state.before?.reading === undefined || opens.has(state.before.reading.tag);

const nominalEnd: ReadonlySet<Tag> = new Set([
  'noun',
  'nouns',
  'name',
  'pronoun',
  'pronoun-object',
]);
const verbTags: ReadonlySet<Tag> = new Set([
  'base',
  'present',
  'third',
  'past',
  'participle',
  'ing',
  'be',
  'have',
  'do',
]);
const isVerbTag = (tag: Tag) => verbTags.has(tag);

/** Someone's and one's are possessive; it's and he's never. */
function possessiveOfPronoun(state: State): number {
  return state.reading?.plural === false && state.reading.tag === 'pronoun' ? 1.2 : 6;
}

/** What a sentence or clause that ends here still owes. */
function finish(state: State): number {
  const waits =
    state.expect === 'base'
      ? 0.9 + (state.fronted ? 0.9 : 0)
      : state.expect === 'participle'
        ? 0.5 + (state.fronted ? 1 : 0)
        : state.expect === 'predicate'
          ? 0.3
          : 0;
  return Math.min(state.pending, 2) * NO_VERB + waits;
}

const keyOf = (state: State) =>
  `${state.reading?.tag ?? ''}${state.reading?.form ?? ''}${state.reading?.full ?? ''}${state.reading?.base ?? ''}|${state.before?.reading?.tag ?? ''}|${state.pending}|${state.free ? 1 : 0}|${state.expect}|${state.fronted ? 1 : 0}|${state.subject ? 1 : 0}|${state.shape}`;

const start: State = {
  cost: 0,
  reading: undefined,
  before: undefined,
  pending: 1,
  free: false,
  expect: 'nothing',
  fronted: false,
  subject: false,
  outer: true,
  verb: '',
  shape: '',
};

function pathOf(state: State, tokens: readonly Token[]): TaggedToken[] {
  const readings: WordReading[] = [];
  for (let at: State | undefined = state; at?.reading; at = at.before) readings.unshift(at.reading);
  return tokens.map((token, at) => ({ ...token, ...(readings[at] as WordReading), at }));
}

export interface SentenceReading {
  readonly tokens: readonly TaggedToken[];
  readonly cost: number;
}

/** The readings of a sentence, the cheapest first; at least one where there is a token. */
export function tagSentence(
  tokens: readonly Token[],
  lexicon: Lexicon,
  most = 3,
): SentenceReading[] {
  let states: State[] = [start];
  const asks = tokens.some(({ text }) => text === '?');
  tokens.forEach((token, at) => {
    const readings = readingsOf(tokens, at, lexicon);
    const place = { following: tokens[at + 1], asks };
    const best = new Map<string, State>();
    for (const state of states) {
      for (const reading of readings) {
        for (const next of extend(state, reading, token, place)) {
          const key = keyOf(next);
          const known = best.get(key);
          if (known === undefined || next.cost < known.cost) best.set(key, next);
        }
      }
    }
    states = [...best.values()].sort((left, right) => left.cost - right.cost).slice(0, BEAM);
  });
  return states
    .map((state) => ({
      state,
      cost: state.cost + (state.reading?.tag === 'stop' ? 0 : finish(state)),
    }))
    .sort((left, right) => left.cost - right.cost)
    .slice(0, most)
    .map(({ state, cost }) => ({ tokens: pathOf(state, tokens), cost }));
}

export { adjectivalParticiples };
