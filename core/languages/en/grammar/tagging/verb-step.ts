/** What a verb form costs in its place, and what it does to its clause. */
import {
  anchorOf,
  atClauseStart,
  isAuxiliary,
  lastVerbWasBase,
  nominalEnd,
  opens,
  type State,
} from './reading-state';
import { isFinite, type WordReading } from './tag';
import {
  bareInfinitiveVerbs,
  clauseVerbs,
  intransitiveVerbs,
  linkingVerbs,
  speechVerbs,
} from './verb-patterns';

/** A second finite verb with nothing that joins it. */
const SECOND_VERB = 2.8;
/** The wind blow, the winds blows: a subject and its verb that do not agree in number. */
const agreement = (many: boolean | undefined, verb: WordReading): number => {
  if (verb.plural === undefined || many === undefined || many === verb.plural) return 0;
  return isAuxiliary(verb) ? 0.9 : 4;
};

/** The verb before is a base form. */
function commandBefore(state: State): boolean {
  for (let at: State | undefined = state; at?.reading; at = at.before) {
    if (at.reading.tag === 'base') return true;
    if (isFinite(at.reading)) return false;
  }
  return false;
}

/** The sentence has begun a command: a base form that opens its clause. */
function commanded(state: State): boolean {
  for (let at: State | undefined = state; at?.reading; at = at.before) {
    const { tag } = at.reading;
    if (tag === 'base' && (at.before?.reading === undefined || opens.has(at.before.reading.tag)))
      return true;
  }
  return false;
}

/** A comma or dash stands before: what has been read since can be an insertion. */
function brokenBefore(state: State): boolean {
  for (let at: State | undefined = state; at?.reading; at = at.before) {
    if (at.reading.tag === 'comma' || at.reading.tag === 'dash') return true;
  }
  return false;
}

/**
 * Between a fronted auxiliary and its verb stands a subject: does she like it,
 * can penguins fly. What the verb costs after that subject is given back.
 */
function frontedCost(state: State, anchor: WordReading | undefined): number {
  if (!state.fronted) return 0;
  if (!state.subject) return 0.8;
  if (anchor?.tag === 'pronoun-subject') return -2.6;
  return anchor !== undefined && nominalEnd.has(anchor.tag) ? -1 : 0;
}

export interface VerbPlace {
  /** Nothing follows in the sentence. */
  readonly ends: boolean;
  /** A comma, and or or follows. */
  readonly listed: boolean;
  /** The sentence ends with a question mark. */
  readonly asks: boolean;
  /** A question tag begins here. */
  readonly tag: boolean;
  readonly word: string;
  /** Not follows. */
  readonly negated: boolean;
}

/** Which path should we take? The noun phrase in front is what is asked for, and no subject yet. */
function afterWhatIsAsked(state: State): boolean {
  let at: State | undefined = state;
  while (at?.reading && /^(?:noun|nouns|adjective|number)$/.test(at.reading.tag)) at = at.before;
  return at?.reading?.asks === true && at.before?.reading === undefined;
}

/** Verbs with an object and its state: I want the gate closed. */
const objectParticiple = /^(?:want|have|get|keep|leave|see|find|hear|need|like|make)$/;

export function verbCost(
  state: State,
  reading: WordReading,
  { ends, listed, asks, tag: inTag, word, negated }: VerbPlace,
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
      // He came, saw and went: with a comma alone a second verb hardly shares its subject.
      const comma = state.free && anchor?.tag === 'comma' && !inTag ? 1.2 : 0.25;
      cost += speech ? 0 : state.free ? comma : clauseVerbs.has(state.verb) ? 0.8 : SECOND_VERB;
    }
    const fronted =
      isAuxiliary(reading) &&
      (start ||
        anchor?.tag === 'question' ||
        !state.subject ||
        (asks && tag === 'modal' && afterWhatIsAsked(state))) &&
      anchor?.tag !== 'relative';
    // The results, which were collected in May, have been …: after an insertion the subject waits for its verb.
    const resumes = anchor?.tag === 'comma' && state.subject && state.pending > 0 && !asks;
    const inverted = fronted && !resumes;
    if (!state.subject && !inverted) {
      cost += speechVerbs.has(reading.base ?? '') && anchor?.tag === 'quote' ? 0 : 2.5;
    }
    // Without a question mark only had, were and should stand before their subject.
    if (inverted && start && !asks && state.pending > 0 && !/^(?:had|were|should)$/.test(word))
      cost += 1;
    if (!state.subject && inverted && anchor !== undefined && anchor.tag !== 'question' && !start)
      cost += 1;
    // I saw the thief run: the noun before, and not the subject of see, would be its subject.
    const inner =
      state.pending === 0 && clauseVerbs.has(state.verb) && anchor && nominalEnd.has(anchor.tag);
    if (!inverted && state.subject) cost += agreement(inner ? anchor.plural : state.many, reading);
    // In the rather antique …: what a preposition or an article waits for is no verb.
    if (anchor !== state.reading && /^(?:preposition|determiner)$/.test(anchor?.tag ?? ''))
      cost += 3;
    // Cross the bridge and follow the path: a command goes on with a command.
    if (tag === 'present' && anchor?.tag === 'and' && commandBefore(state)) cost += 0.8;
    // The printing press: a noun follows what stands before it in its phrase.
    // Rain, snow, hail: in a list of nouns none is a verb.
    if (tag === 'present' && state.reading?.tag === 'comma') cost += 1.5;
    const premodifier = state.reading?.tag === 'ing' && state.before?.reading?.tag === 'determiner';
    if (premodifier) cost += 2;
    if (state.expect === 'base') cost += 1.5;
    if (state.expect !== 'nothing' && state.fronted) cost += 1;
    // The news that it was going to close spread: a clause inside the subject ends with its verb.
    const closes =
      state.pending > 0 && state.reading && /^(?:base|present|third|past)$/.test(state.reading.tag);
    if (closes) cost -= 2.6;
    // The castle, built on a rock, was …: a subject has no comma before its verb.
    const cutOff =
      state.reading?.tag === 'comma' &&
      state.pending > 0 &&
      state.subject &&
      state.before?.reading !== undefined &&
      nominalEnd.has(state.before.reading.tag) &&
      !brokenBefore(state.before);
    if (cutOff) cost += 1.2;
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
  const released =
    state.expect === 'nothing' &&
    ((kind === 'base' && state.held === 'base') ||
      (kind === 'participle' && (state.held === 'participle' || state.held === 'predicate')) ||
      (kind === 'ing' && state.held === 'predicate'));
  if (released && !start) return { cost: 0.2, next: { ...after, held: 'nothing' } };
  if (kind === 'base') {
    if (state.expect === 'base') {
      return { cost: frontedCost(state, anchor), next: after };
    }
    // And with another base form: to run and jump.
    if (anchor?.tag === 'and' && lastVerbWasBase(state)) return { cost: 0.3, next: after };
    if (start && state.pending > 0 && !(state.reading?.tag === 'that')) {
      // An imperative.
      // A command does not end with a question mark.
      const late = (state.subject ? 0.8 : 0) + (asks ? 1 : 0);
      const item =
        listed &&
        state.reading?.tag === 'comma' &&
        state.before?.reading !== undefined &&
        nominalEnd.has(state.before.reading.tag)
          ? 2.5
          : 0;
      const sub = state.reading?.tag === 'subordinator' ? 3 : 0;
      return {
        // Full of sweets: a word that is hardly ever a verb gives no command.
        cost: 0.5 + late + sub + item + (reading.cost > 1 ? 0.7 : 0),
        next: { ...after, pending: state.pending - 1, free: false, subject: true },
      };
    }
    // Check that the lid is on and fasten your belt: one command goes on with another.
    if (start && state.free)
      return { cost: commanded(state) ? 0.4 : 0.9, next: { ...after, free: false } };
    if (bareInfinitiveVerbs.has(state.verb) && anchor && !isAuxiliary(anchor)) {
      return { cost: 0.4, next: after };
    }
    return { cost: 4, next: after };
  }
  if (kind === 'participle') {
    if (state.expect === 'participle') return { cost: frontedCost(state, anchor), next: after };
    if (state.expect === 'predicate') {
      // It's gone, it's stopped: what has no passive was read with has.
      const shortened =
        anchor?.full === 'is' &&
        (intransitiveVerbs.has(reading.base ?? '') ||
          reading.base === 'get' ||
          reading.base === 'have')
          ? 1
          : 0;
      // Is been and is had are never said.
      const never = reading.tag === 'be' ? 3 : reading.tag === 'have' ? 2 : 0;
      return { cost: 0.1 + shortened + never + frontedCost(state, anchor), next: after };
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
      reading.base !== 'leave' &&
      !objectParticiple.test(state.verb)
        ? 1.5
        : 0;
    // Aside from what it says: the castle, built on a rock, was …
    const inserted = state.reading?.tag === 'comma' && state.pending > 0 && state.subject && !ends;
    const bare =
      intransitiveVerbs.has(reading.base ?? '') &&
      anchor !== undefined &&
      nominalEnd.has(anchor.tag)
        ? 2
        : 0;
    return {
      cost: (inserted ? 0.2 : 0.9) + last + bare,
      next: { verb: reading.base ?? state.verb },
    };
  }
  // -ing
  if (state.expect === 'predicate') return { cost: frontedCost(state, anchor), next: after };
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
