/**
 * The reach of every word of a lexicon for a class, without the reasons: what a
 * search needs. The steps at which words become readable depend on the sequence
 * alone and are found once; a move along it costs one comparison a word.
 */
import type { ClassProfile } from '../classes/class-profile';
import { sequenceIndexOf } from '../classes/class-sequence';
import { shapesOf, type SequenceIndex } from '../languages/en/sounds/sequence';
import type { Lexicon, LexiconEntry } from '../languages/en/lexicon/lexicon';
import { STRETCH_STEPS, type Reach } from './check-word';
import { meaningTest } from './meaning-reach';

/** A step past every sequence: for a word that has a spelling the sequence never teaches. */
const NEVER = 255;

const stepTables = new WeakMap<Lexicon, WeakMap<SequenceIndex, Uint8Array>>();

/** The step from which a word can be decoded. */
export function decodableFrom(entry: LexiconEntry, index: SequenceIndex): number {
  const { units } = entry.readings[0];
  let last = 0;
  for (const unit of units) {
    const step = index.stepOf(unit) ?? NEVER;
    if (step > last) last = step;
  }
  for (const shape of shapesOf(units)) {
    last = Math.max(last, index.stepOfShape(shape) ?? 0);
  }
  return Math.min(last, NEVER);
}

/** For each word, by rank, the step from which it can be decoded; 255 where the sequence never gets there. */
export function decodingSteps(lexicon: Lexicon, index: SequenceIndex): Uint8Array {
  let tables = stepTables.get(lexicon);
  if (tables === undefined) {
    tables = new WeakMap();
    stepTables.set(lexicon, tables);
  }
  let steps = tables.get(index);
  if (steps === undefined) {
    steps = Uint8Array.from(lexicon.entries, (entry) => decodableFrom(entry, index));
    tables.set(index, steps);
  }
  return steps;
}

/** The ranks of words, whatever their capitals. */
function ranksOf(words: Iterable<string>, lexicon: Lexicon): Set<number> {
  const ranks = new Set<number>();
  for (const word of words) {
    const entry = lexicon.find(word);
    if (entry !== undefined) ranks.add(entry.rank);
  }
  return ranks;
}

/** A test of each word's reach for a class; agrees with `checkWord`. */
export function reachTest(lexicon: Lexicon, profile: ClassProfile): (entry: LexiconEntry) => Reach {
  const index = sequenceIndexOf(profile);
  const { step } = profile;
  const sight = step === null ? [] : index.sightWordsUpTo(step);
  const known = ranksOf([...profile.knownWords, ...sight], lexicon);
  const steps = step === null ? undefined : decodingSteps(lexicon, index);
  const meaning = meaningTest(profile);
  return (entry) => {
    if (known.has(entry.rank)) return 'secure';
    if (step === null || steps === undefined) return meaning(entry);
    const from = steps[entry.rank] ?? NEVER;
    if (from > step + STRETCH_STEPS) return 'beyond';
    return from > step ? 'stretch' : meaning(entry);
  };
}
