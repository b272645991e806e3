/** Which question a phrase answers: where, when, how, why, to whom. */
import type { TaggedToken } from '../tagging/tag-sentence';
import type { PartName } from './part';

export const givers = new Set(
  'give send show tell lend hand pass bring offer teach write read sell buy make cook find promise pay ask throw leave order get'.split(
    ' ',
  ),
);
export const linking = new Set(
  'be seem become appear look feel sound smell taste stay remain turn grow get'.split(' '),
);

/** Becomes what its adjective says, and links nothing else: go sour, fall silent, run dry. */
export const becoming = new Set('go fall come run keep prove lie stand wear blow'.split(' '));

/** Of those, what can also have an object: grow beans, turn the key. */
export const alsoTransitive = new Set(['grow', 'get', 'turn', 'taste', 'smell', 'feel']);

const asks = /^(?:where|when|why|how|what|which|who|whom|whose)$/;

const finite = new Set(['modal', 'be', 'have', 'do', 'present', 'third', 'past', 'base']);

export const timeWords =
  /^(?:morning|afternoon|evening|night|noon|midnight|day|week|weekend|month|year|hour|minute|second|moment|time|today|tonight|yesterday|tomorrow|monday|tuesday|wednesday|thursday|friday|saturday|sunday|january|february|march|april|may|june|july|august|september|october|november|december|spring|summer|autumn|winter|dawn|dusk|sunrise|sunset|century|christmas|easter|breakfast|lunch|dinner|supper|o'clock|ages)s?$/;
export const timeAdverbs =
  /^(?:now|then|soon|later|today|tonight|yesterday|tomorrow|always|never|often|sometimes|usually|already|just|still|yet|again|early|late|once|twice|ago|recently|suddenly|immediately|finally|first|next|last|since|before|afterwards|daily|weekly)$/;
export const placeAdverbs =
  /^(?:here|there|everywhere|somewhere|nowhere|anywhere|inside|outside|upstairs|downstairs|home|away|indoors|outdoors|abroad|nearby|out|back|down|up|overhead)$/;
const timePrepositions = /^(?:during|until|till|since|after|before)$/;
/** Where things are sent, and nobody who gets them. */
const placeNouns =
  /^(?:school|hospital|station|museum|library|town|city|village|house|home|hut|office|shop|market|beach|sea|park|bank|church|farm|field|garden|hill|island|harbour|country|class|prison|court|end|side|top|wall|door|floor)s?$/;
/** What things stand by: by the river, by the gate. */
const besides =
  /^(?:river|road|path|gate|door|window|wall|fire|sea|lake|shore|stream|bridge|tree|fence|hedge|pond|bed|side|canal|well|tower|stove|entrance|harbour|pool)s?$/;
const people = /^(?:me|him|her|us|them|it|you|everyone|someone|everybody|somebody|nobody)$/;

/** True of a word of time: morning, Monday, o'clock. */
export const isOfTime = ({ lower }: TaggedToken): boolean => timeWords.test(lower);

/**
 * What stands in front of the subject: in the hut, every morning, where … ?; undefined where it is
 * a clause. `beAlone`: the verb is a form of be and no more.
 */
export function nameOfLead(
  lead: readonly TaggedToken[],
  base: string,
  beAlone: boolean,
): PartName | undefined {
  const [first] = lead;
  if (first === undefined || lead.some(({ tag }) => tag === 'subordinator' || finite.has(tag)))
    return undefined;
  if (first.tag === 'preposition') return nameOfPhrase(lead, base);
  if (/^(?:question|determiner)$/.test(first.tag) && asks.test(first.lower)) {
    if (/^(?:where|when|why)$/.test(first.lower)) return first.lower as PartName;
    if (first.lower === 'how' && !lead.some(({ tag }) => /^nouns?$/.test(tag)))
      return beAlone && lead.length > 1 ? 'complement' : 'how';
    if (lead.some(isOfTime)) return 'when';
    // What is the answer? Which path should we take?
    return beAlone ? 'complement' : 'object';
  }
  if (lead.some(({ lower }) => timeWords.test(lower) || timeAdverbs.test(lower))) return 'when';
  return placeAdverbs.test(first.lower) ? 'where' : first.tag === 'adverb' ? 'how' : undefined;
}

export function nameOfPhrase(list: readonly TaggedToken[], base: string): PartName {
  const first = list[0]?.lower ?? '';
  const head = list[list.length - 1];
  const words = list.map(({ lower }) => lower);
  if (
    saysWhen(list) ||
    timePrepositions.test(first) ||
    /^(?:in|at|by) (?:\d|19|20)/.test(`${first} ${words[1]}`)
  )
    return 'when';
  if (/^(?:because|due|owing|thanks)$/.test(first) || (first === 'for' && tokensAreReason(list)))
    return 'why';
  if (
    (first === 'to' || first === 'for') &&
    head &&
    (people.test(head.lower) ||
      head.tag === 'name' ||
      (first === 'to' && /^(?:noun|nouns)$/.test(head.tag) && !placeNouns.test(head.lower))) &&
    givers.has(base)
  )
    return 'to whom';
  // By the river: a place, and neither who did it nor what it was done with.
  if (first === 'by' && head && (besides.test(head.lower) || placeNouns.test(head.lower)))
    return 'where';
  if (/^(?:with|without|by|like|as)$/.test(first)) return 'how';
  return 'where';
}

/** On the night of the storm, on Monday morning; but in the dark winter sky is a place. */
function saysWhen(list: readonly TaggedToken[]): boolean {
  const head = list[list.length - 1];
  if (!list.some(isOfTime) || head === undefined) return false;
  return isOfTime(head) || !/^nouns?$/.test(head.tag) || list.some(({ lower }) => lower === 'of');
}

const tokensAreReason = (list: readonly TaggedToken[]) => list[1]?.tag === 'ing';
