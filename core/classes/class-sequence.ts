/** The sequence a class follows: its own, or the default of its accent. */
import { britishSequence } from '../languages/en/sounds/british-sequence';
import type { Accent } from '../kernel/accent';
import { defaultSequence } from '../languages/en/sounds/default-sequence';
import { SequenceIndex, type Sequence } from '../languages/en/sounds/sequence';
import type { ClassProfile } from './class-profile';

export const defaultSequences: Readonly<Record<Accent, Sequence>> = {
  american: defaultSequence,
  british: britishSequence,
};

export function sequenceOf(profile: Pick<ClassProfile, 'accent' | 'sequence'>): Sequence {
  return profile.sequence ?? defaultSequences[profile.accent];
}

const indexes = new WeakMap<Sequence, SequenceIndex>();

/**
 * Indexes by what is in their sequence: a sequence that comes from another side of
 * a worker, or anew from the disk, is another object with the same steps. Few
 * classes are in use at once.
 */
const byContent = new Map<string, SequenceIndex>();
const KEPT = 12;

function indexByContent(sequence: Sequence): SequenceIndex {
  const key = JSON.stringify(sequence.steps);
  const known = byContent.get(key);
  const index = known ?? new SequenceIndex(sequence);
  // The one that was used last is given up last.
  byContent.delete(key);
  byContent.set(key, index);
  const [oldest] = byContent.keys();
  if (byContent.size > KEPT && oldest !== undefined) byContent.delete(oldest);
  return index;
}

/** The sequence of a class, prepared for look-up; made once for each sequence, by its content. */
export function sequenceIndexOf(profile: Pick<ClassProfile, 'accent' | 'sequence'>): SequenceIndex {
  const sequence = sequenceOf(profile);
  let index = indexes.get(sequence);
  if (index === undefined) {
    index = indexByContent(sequence);
    indexes.set(sequence, index);
  }
  return index;
}
