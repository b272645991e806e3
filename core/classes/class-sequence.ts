/** The sequence a class follows: its own, or the default of its accent. */
import { britishSequence } from '../sounds/british-sequence';
import type { Accent } from '../sounds/accent';
import { defaultSequence } from '../sounds/default-sequence';
import { SequenceIndex, type Sequence } from '../sounds/sequence';
import type { ClassProfile } from './class-profile';

export const defaultSequences: Readonly<Record<Accent, Sequence>> = {
  american: defaultSequence,
  british: britishSequence,
};

export function sequenceOf(profile: Pick<ClassProfile, 'accent' | 'sequence'>): Sequence {
  return profile.sequence ?? defaultSequences[profile.accent];
}

const indexes = new WeakMap<Sequence, SequenceIndex>();

/** The sequence of a class, prepared for look-up; made once for each sequence. */
export function sequenceIndexOf(profile: Pick<ClassProfile, 'accent' | 'sequence'>): SequenceIndex {
  const sequence = sequenceOf(profile);
  let index = indexes.get(sequence);
  if (index === undefined) {
    index = new SequenceIndex(sequence);
    indexes.set(sequence, index);
  }
  return index;
}
