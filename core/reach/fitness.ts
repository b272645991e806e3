/**
 * What may be put before a class unasked. Some words, right in the right lesson,
 * should not be drawn by chance for the young: each has an age from which it is
 * offered. A class sees what fits its age, more or less where its teacher says
 * so, and a single word again where she has shown it again. What a class's own
 * lists and texts say stands all the same.
 */
import type { ClassProfile } from '../classes/class-profile';
import { scaleOf } from '../classes/class-level';
import { ageOfLevel } from '../kernel/level';
import type { Lexicon, LexiconEntry } from '../languages/en/lexicon/lexicon';

/** Learners of a CEFR level may be of any age; they are taken for adults unless the class says otherwise. */
export const ADULT = 18;

/** The age whose words a class is offered, in years. */
export function offeredAge({ level, offerAge }: Pick<ClassProfile, 'level' | 'offerAge'>): number {
  if (typeof offerAge === 'number') return offerAge;
  return level.system === 'cefr' ? ADULT : Math.round(ageOfLevel(scaleOf(level).middle));
}

/** A test whether a word may be offered to a class: fit for its age, in its spelling, not hidden from it. */
export function offerTest(
  lexicon: Lexicon,
  profile: ClassProfile,
): (entry: LexiconEntry) => boolean {
  const age = offeredAge(profile);
  const hidden = new Set(profile.hiddenWords.map((word) => word.toLowerCase()));
  const shown = new Set(profile.shownWords?.map((word) => word.toLowerCase()));
  return (entry) => {
    const word = entry.word.toLowerCase();
    if (hidden.has(word) || !lexicon.suits(entry.word, profile.spelling)) return false;
    return entry.from <= age || shown.has(word);
  };
}
