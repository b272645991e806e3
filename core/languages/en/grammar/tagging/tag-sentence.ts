/**
 * A sentence read word by word at the least cost. Every token has several
 * readings; a reading costs something by itself, after the one before it, and by
 * what the clause has had so far: a clause wants one finite verb with its
 * subject, a modal wants a base form, be and have want a participle. The cheapest
 * way through the whole sentence is its reading (dynamic programming over a beam).
 */
import type { Lexicon } from '../../lexicon/lexicon';
import type { Token } from '../tokens/token';
import { readingsOf } from './readings';
import {
  anchorOf,
  finish,
  isAuxiliary,
  isVerbTag,
  headless,
  keyOf,
  nominal,
  nominalEnd,
  opens,
  start,
  type State,
} from './reading-state';
import type { Tag, WordReading } from './tag';
import { phraseCost } from './phrase-step';
import { transitionCost } from './transitions';
import { clauseVerbs, phrasalVerbs, toVerbs } from './verb-patterns';
import { verbCost } from './verb-step';

export interface TaggedToken extends Token, WordReading {
  /** Position in the sentence. */
  readonly at: number;
}

const BEAM = 40;

const shapeTags: ReadonlySet<Tag> = new Set(['base', 'present', 'third', 'past', 'participle']);

interface Place {
  readonly following: Token | undefined;
  /** The sentence ends with a question mark. */
  readonly asks: boolean;
  /** It is cold, isn't it: the verb of a question tag. */
  readonly tag: boolean;
}

function extend(
  state: State,
  reading: WordReading,
  token: Token,
  { following, asks: isQuestion, tag: inTag }: Place,
): State[] {
  const { tag } = reading;
  const last = state.reading?.tag;
  const cost = state.cost + reading.cost + transitionCost(last, tag);
  const next: { -readonly [Key in keyof State]: State[Key] } = {
    cost,
    reading,
    before: state,
    pending: state.pending,
    free: state.free,
    expect: state.expect,
    held: state.held,
    fronted: state.fronted,
    subject: state.subject,
    many: state.many,
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
        listed: following !== undefined && /^(?:,|and|or)$/.test(following.lower),
        asks: isQuestion,
        tag: inTag,
        word: token.lower,
        negated: /^n(?:o|')t$/.test(following?.lower ?? ''),
      });
      return answer(more, change);
    }
    case 'subordinator':
      // Since Monday it has rained: a time right after it is no subject.
      return answer(
        /^(?:since|until|till|before|after)$/.test(token.lower) &&
          following &&
          namesTime.test(following.lower)
          ? 1.5
          : 0,
        {
          pending: state.pending + 1,
          subject: false,
          many: undefined,
          outer: state.subject,
          free: false,
          expect: 'nothing',
          fronted: false,
        },
      );
    case 'that': {
      const fits =
        clauseVerbs.has(state.verb) ||
        state.verb === 'be' ||
        last === 'adjective' ||
        last === 'adverb';
      return answer(fits ? 0 : 1.2, {
        pending: state.pending + 1,
        subject: false,
        many: undefined,
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
      return answer(holds ? 0 : 2.6, {
        pending: state.pending + 1,
        subject: !place,
        // The girl who has won: the verb of the clause agrees with the noun that it is on.
        many: state.pending > 0 ? state.many : undefined,
        // Have the girls who went out come back? What have waits for comes after the clause.
        ...(state.fronted && state.expect !== 'nothing'
          ? { held: state.expect, expect: 'nothing' as const, fronted: false }
          : {}),
        free: false,
      });
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
      // What she wants is a puppy: the clause is the subject, and the verb is still to come.
      const subjectClause =
        begins && !isQuestion && /^(?:what|how|why|where|whoever|whatever)$/.test(token.lower)
          ? answer(0.3, {
              pending: state.pending + 1,
              subject: person,
              many: undefined,
              expect: 'nothing',
            })
          : [];
      const asked = answer(told + (begins ? 0 : asks ? 0.2 : 1.3), {
        pending: begins ? state.pending : state.pending + (last === 'to' ? 0 : 1),
        subject: person,
        many: undefined,
        expect: 'nothing',
      });
      return [...asked, ...subjectClause];
    }
    case 'comma':
    case 'dash':
    case 'quote':
      return answer(
        (tag === 'comma' && state.expect === 'base' ? 0.3 : 0) +
          (joinsNoVerb(state) ? 1.5 : 0) +
          headless(state),
        {
          free: true,
          // If it rains, come in: the subject of the if-clause is not that of the main clause.
          subject: state.outer || state.pending === 0 ? state.subject : false,
          ...(state.outer || state.pending === 0 ? {} : { many: undefined }),
          // What was waited for may come after an insertion, but need not.
          expect: state.expect === 'base' ? 'base' : state.expect,
        },
      );
    case 'and':
      return answer(0, { free: true });
    case 'stop':
      return answer(finish(state) + headless(state), {
        pending: 1,
        subject: false,
        many: undefined,
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
        const joins = clauseVerbs.has(state.verb) ? 0 : nominal.has(last) ? 0.5 : 1;
        const inner = { pending: state.pending + 1, subject: true, many: reading.plural };
        const opens = answer(joins, inner);
        // When it rains we stay inside: the clause in front has had its verb, this one is still to come.
        return state.pending > 0
          ? [...opens, ...answer(0.5, { subject: true, many: reading.plural })]
          : opens;
      }
      return answer(0, {
        subject: true,
        many: last === 'and' ? undefined : reading.plural,
      });
    }
    case 'there':
      return answer(0, { subject: true, many: undefined });
    case 'preposition': {
      const at = following?.text;
      const bare = at === undefined || /^[.!?;,]$/.test(at) ? 0.8 : 0;
      // A preposition of a phrasal verb is a particle.
      // Waited outside for ten minutes: before another preposition it is an adverb.
      const placed =
        /^(?:outside|inside|above|below|near|around|along|past|before)$/.test(token.lower) &&
        /^(?:for|in|at|on|with|by|until|when|because)$/.test(following?.lower ?? '')
          ? 1
          : 0;
      const leads = token.lower === 'to' && last === undefined ? 0.6 : 0;
      const going = token.lower === 'to' && state.verb === 'go' && last === 'ing' ? 1.8 : 0;
      // Need to water the plants: no direction.
      const wants =
        token.lower === 'to' && toVerbs.has(state.verb) && anchor && isVerbTag(anchor.tag)
          ? 1.5
          : 0;
      const phrasal =
        phrasalVerbs.has(`${state.verb}-${token.lower}`) && anchor && isVerbTag(anchor.tag)
          ? 0.9
          : 0;
      return answer(bare + phrasal + going + leads + placed + wants + headless(state));
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
      // Close your books: what can be a command is no adverb before its object.
      const orders =
        /^(?:close|open|clean|clear|even|slow|still)$/.test(token.lower) &&
        (last === undefined || opens.has(last)) &&
        /^(?:the|a|an|your|my|his|her|our|their|this|that|these|those)$/.test(
          following?.lower ?? '',
        );
      return answer((opensPhrase ? (joins ? 3 : 1) : 0) + (orders ? 2 : 0));
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
      const { cost: more, next: change, contact } = phraseCost(state, reading, token, following);
      const plain = answer(more, change);
      return contact
        ? [...plain, ...answer(more + 0.9, { ...change, pending: state.pending + 1 })]
        : plain;
    }
  }
}

/** A time that needs no article. */
const namesTime =
  /^(?:noon|midnight|yesterday|today|tomorrow|dawn|dusk|sunrise|sunset|(?:mon|tues|wednes|thurs|fri|satur|sun)day|january|february|march|april|june|july|august|september|october|november|december|christmas|easter|breakfast|lunch|supper|\d{4})$/;

/** After months of work, …: since its subordinator the clause had no verb of any kind. */
function joinsNoVerb(state: State): boolean {
  let nouns = false;
  for (let at: State | undefined = state; at?.reading; at = at.before) {
    const { tag } = at.reading;
    if (isVerbTag(tag) || tag === 'modal' || tag === 'comma') return false;
    if (nominal.has(tag)) nouns = true;
    if (tag === 'subordinator') return nouns;
  }
  return false;
}

/** Someone's and one's are possessive; it's and he's never. */
function possessiveOfPronoun(state: State): number {
  return state.reading?.plural === false && state.reading.tag === 'pronoun' ? 1.2 : 6;
}

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
    const inTag = asks && tokens[at - 1]?.text === ',' && tokens.length - at <= 4;
    const place = { following: tokens[at + 1], asks, tag: inTag };
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
