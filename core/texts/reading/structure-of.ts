/**
 * How a stretch of informational or narrative text is built, by its signals: each
 * weighs as much as it says, and none counts where its words mean something else
 * (“the first problem” is no order of time).
 */
import type { TextStructure } from '../devices/signals';

export interface StructureFound {
  readonly structure: TextStructure;
  readonly weight: number;
  /** Its signals as they stand, each once. */
  readonly signals: readonly string[];
}

interface Signal {
  readonly structure: TextStructure;
  readonly pattern: RegExp;
  readonly weight: number;
}

const signal = (structure: TextStructure, weight: number, source: string): Signal => ({
  structure,
  weight,
  pattern: new RegExp(source, 'gimu'),
});

/** Where a clause begins: nothing, an end mark or a comma before it. */
const BEGINS = String.raw`(?<=^\s*|[.!?;:]["”’]?\s+|,\s+(?:and\s+|but\s+)?)`;
const TIMES =
  'at (?:dawn|dusk|noon|midnight|first|last|\\p{L}+ o’clock)|in (?:the (?:morning|afternoon|evening|end)|spring|summer|autumn|fall|winter|january|february|march|april|may|june|july|august|september|october|november|december|\\d{4})|on (?:the (?:next|following|first|second|third) day|\\p{L}+day)|(?:one|that|the next|the following) (?:day|morning|afternoon|evening|night|week|year)|(?:\\p{L}+ )?(?:minutes|hours|days|weeks|months|years) later|after (?:that|some|a few|many|two|three) (?:minutes|hours|days|weeks|months|years)?';

const signals: readonly Signal[] = [
  signal(
    'order of time',
    2,
    `${BEGINS}(?:first|firstly|second|secondly|third|next|then|finally|lastly|afterwards|eventually|meanwhile|later|soon|suddenly)(?=,|\\s+\\p{L})(?!\\s+of\\b)`,
  ),
  signal('order of time', 2, `\\b(?:after that|at last|in the end|to begin with|by then)\\b`),
  signal('order of time', 1, `${BEGINS}(?:${TIMES})\\b`),
  signal('order of time', 1, `\\b(?:and|they|he|she|it|we|i|you) then\\b`),
  signal(
    'cause and effect',
    2,
    `\\b(?:because|as a result|therefore|consequently|due to|thanks to|owing to|that is why|this is why|for this reason|lead(?:s)? to|led to|result(?:s|ed)? in|caused?(?: by)?|causes|so that|thus|hence)\\b`,
  ),
  signal(
    'cause and effect',
    1,
    `, so (?=\\p{L})|\bso \\p{L}+ that\\b|\bsince (?=it|they|he|she|there|the)\\b`,
  ),
  signal(
    'compare',
    2,
    `\\b(?:unlike|in contrast|on the other hand|whereas|similarly|likewise|in the same way|compared (?:with|to)|different from|similar to|just as|while (?:others?|some)|but others?)\\b`,
  ),
  signal(
    'compare',
    1,
    `\\b(?:both|than|however|although|instead|some .{3,60}[;,] others)\\b|${BEGINS}but\\b`,
  ),
  signal(
    'description',
    2,
    `\\b(?:for example|for instance|such as|is made of|are made of|consists? of|is called|are called|is known as|are known as|a (?:kind|type|sort) of|looks? like|is covered (?:with|in))\\b`,
  ),
  signal(
    'description',
    1,
    `\\b(?:there (?:is|are|was|were)|in the middle of|on top of|in front of|next to|at the (?:top|bottom|back|front)|has (?:a|an|two|three|four|many|long|short|big|small)|have (?:a|an|two|three|four|many|long|short|big|small))\\b`,
  ),
  // What it is like, one trait after the other.
  signal(
    'description',
    1,
    `${BEGINS}(?:its (?:\\p{L}+ )?\\p{L}+ (?:is|are)|it (?:has|lives|eats|weighs|grows|is (?:about )?as))\\b`,
  ),
];

/** Both halves have to be there: what is wrong, and what is done about it. */
const trouble =
  /\b(?:problems?|trouble|difficult(?:y|ies)|dangers?|threats?|shortage|too (?:many|much|few|little))\b/giu;
const remedy =
  /\b(?:solutions?|solve[sd]?|to fix|the answer|one way to|prevent(?:s|ed)?|to stop|to save|to protect|avoid(?:s|ed)?|instead of)\b/giu;
const TROUBLE_WEIGHT = 1.6;

/** A weight below this says nothing; and the next may have no more than this share of it. */
const LEAST = 2;
const CLEAR = 0.67;

const matches = (text: string, pattern: RegExp) =>
  [...text.matchAll(pattern)].map(([said]) => said.replace(/^[,\s]+/, '').trim());

/** All structures that are signalled, the most first. */
export function structuresOf(text: string): StructureFound[] {
  const found = new Map<TextStructure, { weight: number; said: string[]; strong: boolean }>();
  const add = (structure: TextStructure, weight: number, said: readonly string[]) => {
    if (said.length === 0) return;
    const known = found.get(structure) ?? { weight: 0, said: [], strong: false };
    known.weight += weight * said.length;
    known.strong ||= weight > 1 || structure === 'order of time';
    known.said.push(...said);
    found.set(structure, known);
  };
  for (const { structure, weight, pattern } of signals) {
    add(structure, weight, matches(text, pattern));
  }
  const [wrong, done] = [matches(text, trouble), matches(text, remedy)];
  if (wrong.length > 0 && done.length > 0) {
    add('problem and solution', TROUBLE_WEIGHT, [...wrong, ...done]);
  }
  return [...found]
    .map(([structure, { weight, said, strong }]) => ({
      structure,
      // “There is” and “but” stand in every text: alone they signal nothing.
      weight: strong ? weight : weight / 2,
      signals: [...new Set(said)],
    }))
    .sort((left, right) => right.weight - left.weight);
}

/** The structure that is clearly signalled the most; undefined where none is. */
export function structureOf(text: string): StructureFound | undefined {
  const [first, second] = structuresOf(text);
  if (first === undefined || first.weight < LEAST || first.signals.length < 2) return undefined;
  return second !== undefined && second.weight > first.weight * CLEAR ? undefined : first;
}
