/** What a word of a noun phrase costs in its place, and what it does to its clause. */
import type { Token } from '../tokens/token';
import { adjectivalParticiples } from './readings';
import {
  anchorOf,
  atStartBefore,
  inPhrase,
  nominal,
  nominalEnd,
  numberOfSubject,
  opens,
  type State,
} from './reading-state';
import type { Tag, WordReading } from './tag';
import { clauseVerbs, doubleObjectVerbs, linkingVerbs } from './verb-patterns';

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

/** Nothing but adjectives since 's for is, which stands on a noun. */
function afterShortIs(state: State): boolean {
  let at: State | undefined = state;
  while (at?.reading && /^(?:adjective|participle|noun)$/.test(at.reading.tag)) at = at.before;
  return (
    at?.reading?.tag === 'be' &&
    at.reading.full === 'is' &&
    at.before?.reading !== undefined &&
    /^(?:noun|nouns|name)$/.test(at.before.reading.tag)
  );
}

/** What a storm that was: the sentence begins with a question word. */
function exclaims(state: State): boolean {
  let first = state;
  while (first.before?.reading) first = first.before;
  return first.reading?.tag === 'question';
}

/** Sports hall, clothes shop, goods train: plurals that do stand before a noun. */
const pluralOfOne = /^(?:sport|clothe|good|arm|saving|new|game|custom|physic|mathematic)s?$/;

type Change = { -readonly [Key in keyof State]?: State[Key] };

export interface PhraseStep {
  readonly cost: number;
  readonly next: Partial<State>;
  /** A clause may begin here on the noun before, with nothing that joins it: the lid Bram found. */
  readonly contact: boolean;
}

/** What a participle allows after it: his lid found the …, it's closed the gate. */
function afterParticiple(state: State, tag: Tag): number {
  if (state.reading?.tag !== 'participle' || state.before === undefined) return 0;
  const { before } = state;
  let cost = 0;
  // Omar's closed the gate: what goes on to an object was has, not is.
  if (anchorOf(before)?.full === 'is' && tag !== 'adjective') cost += 1.2;
  // The boy chased it: a participle without have has no pronoun for its object.
  if (before.expect !== 'participle' && (tag === 'pronoun' || tag === 'pronoun-object'))
    cost += 1.5;
  // The dog barked the burglar …: a participle on a noun has no object but of a verb with two.
  if (
    before.expect === 'nothing' &&
    (tag === 'determiner' || tag === 'name') &&
    before.reading !== undefined &&
    nominalEnd.has(before.reading.tag) &&
    !doubleObjectVerbs.has(state.verb)
  )
    cost += 1.5;
  return cost;
}

/** Verbs that an adjective may follow although they link nothing: the door blew open, he came home safe. */
const withState =
  /^(?:make|leave|open|close|shut|lie|stand|sit|fall|go|come|run|break|set|hold|burn|shine|arrive|return)$/;

function adjectiveCost(state: State, token: Token, following: Token | undefined): number {
  const last = state.reading?.tag;
  const anchor = anchorOf(state);
  let cost = 0;
  const full = anchor !== undefined && /^(?:base|present|third|past)$/.test(anchor.tag);
  const links = linkingVerbs.has(state.verb);
  // It came so fast: after a full verb the word says how.
  if (last === 'adverb' && full && !links) cost += 0.8;
  // Arrived late, ran fast: of the words that are both, after a full verb it is the adverb.
  const both = /^(?:late|early|fast|hard|high|low|far|straight|deep|loud|near|wide|first|last)$/;
  if (full && last === anchor.tag && !links && both.test(token.lower)) cost += 1.2;
  // Camels store fat in their humps: after a full verb that links nothing stands a noun.
  const ends =
    following !== undefined &&
    /^(?:in|on|at|for|from|with|to|into|under|over|of|by|\.|!|\?)$/.test(following.lower);
  if (full && last === anchor.tag && !links && !withState.test(state.verb) && ends) cost += 1.2;
  // Has finished: after have a participle is no adjective.
  if (
    state.expect === 'participle' &&
    anchor?.tag === 'have' &&
    adjectivalParticiples.has(token.lower)
  )
    cost += 1;
  // Had mixed blue and yellow: what ends as a participle is one after have.
  if (state.expect === 'participle' && anchor?.tag === 'have' && /(?:ed|en)$/.test(token.lower))
    cost += 0.6;
  // Is surprising everyone: with an object it is what is done.
  const object =
    following !== undefined &&
    /^(?:the|an?|his|her|my|our|their|your|everyone|everybody|me|him|us|them|you)$/.test(
      following.lower,
    );
  if (/ing$/.test(token.lower) && last === 'be' && object) cost += 1.5;
  if (token.lower === 'promising' && following?.lower === 'to') cost += 1.5;
  // Is the gate open? What a fronted be waits for may be an adjective after its subject.
  if (state.expect === 'predicate' && state.fronted && last !== undefined && nominal.has(last))
    cost -= 1.1;
  return cost;
}

export function phraseCost(
  state: State,
  reading: WordReading,
  token: Token,
  following: Token | undefined,
): PhraseStep {
  const { tag } = reading;
  const last = state.reading?.tag;
  const change: Change = {};
  let cost = afterParticiple(state, tag);
  if (tag === 'adjective') cost += adjectiveCost(state, token, following);
  if (
    tag === 'determiner' &&
    /^(?:what|which|whose)$/.test(token.lower) &&
    last !== undefined &&
    !opens.has(last)
  ) {
    change.pending = state.pending + 1;
    if (!clauseVerbs.has(state.verb) && last !== 'preposition' && !nominal.has(last)) cost += 0.8;
  }
  const noun = tag === 'noun' || tag === 'nouns';
  const subjectBefore = last === 'noun' || last === 'nouns' || last === 'name';
  // The cat that sat there: right after a subject that is no pronoun.
  if (
    tag === 'pronoun' &&
    token.lower === 'that' &&
    subjectBefore &&
    state.verb === '' &&
    !exclaims(state)
  )
    cost += 1.5;
  if (nominal.has(tag) && !inPhrase(state)) {
    change.subject = true;
    change.many = numberOfSubject(state, reading.plural);
  }
  // The dogs bark: a plural hardly ever stands before another noun.
  if (noun && last === 'nouns' && !pluralOfOne.test(state.reading?.base ?? '')) cost += 1.2;
  // The noise made the dog bark: after what made, the second is what he does.
  if (
    tag === 'noun' &&
    last === 'noun' &&
    /^(?:make|let)$/.test(state.verb) &&
    state.before?.reading?.tag === 'determiner' &&
    state.before.reading.plural === undefined
  )
    cost += 1.1;
  // A mother's crowded days: after is no bare noun stands.
  if (noun && afterShortIs(state)) cost += 2.2;
  // That sounds right: this, that and each stand before no plural.
  if (tag === 'nouns' && last === 'determiner' && state.reading?.plural === false) cost += 3;
  // The box is light: of a word that is both, after be and with nothing behind it, it is the adjective.
  if (
    tag === 'noun' &&
    last === 'be' &&
    !state.fronted &&
    (following === undefined || /^[.,;!]$/.test(following.text))
  )
    cost += 1;
  // Water the plants: a bare noun does not open a sentence before another noun phrase.
  if (tag === 'determiner' && last === 'noun' && atStartBefore(state)) cost += 1;
  // Have and be before their object or complement are full verbs.
  const awaits = state.expect === 'participle' || state.expect === 'predicate';
  if (awaits && !state.fronted && groupOfNoun.has(tag)) change.expect = 'nothing';
  if (state.expect === 'base' && !state.fronted && last !== 'and') cost += 1.6;
  // I'd a hat, he's a coat: a shortened have is hardly ever the full verb.
  if (state.expect === 'participle' && anchorOf(state)?.full !== undefined && last === 'have')
    cost += 2.5;
  const contact =
    (tag === 'name' || tag === 'determiner' || tag === 'pronoun') &&
    last !== undefined &&
    nominalEnd.has(last) &&
    state.subject &&
    !state.fronted;
  return { cost, next: change, contact };
}
