/**
 * Is a word's meaning one the class would know, or one to explain? For a school
 * class by the age at which children understand it when heard, for a class on a
 * CEFR level by the level at which learners meet it.
 */
import type { ClassProfile } from '../classes/class-profile';
import { scaleOf } from '../classes/class-level';
import { cefrLevels, type CefrLevel, type Level } from '../kernel/level';
import type { Reach } from '../kernel/reach';
import type { LexiconEntry } from '../languages/en/lexicon/lexicon';

/** Years, or CEFR levels, above the class's up to which a word is secure, and up to which it is a stretch. */
export const MEANING_MARGINS = {
  /** A class that reads freely. */
  free: { years: { secure: 0, stretch: 3 }, cefr: { secure: 0, stretch: 1 } },
  /** A class on a sequence can sound a word out; what it means is explained in a sentence. */
  sequence: { years: { secure: 3, stretch: Infinity }, cefr: { secure: 1, stretch: Infinity } },
} as const;

/** Half a year, so that the edges of a year do not decide. */
const HALF = 0.5;

/** How far a word's meaning lies above a class: years of school, or CEFR levels. */
export function meaningAhead(
  entry: Pick<LexiconEntry, 'level' | 'cefr'>,
  { level }: Pick<ClassProfile, 'level'>,
): number {
  if (level.system !== 'cefr') return entry.level - scaleOf(level).middle;
  const own = cefrLevels.indexOf(level.value as CefrLevel);
  return cefrLevels.indexOf(entry.cefr) - Math.max(0, own);
}

/** Where a word's meaning lies on the internal scale, by the class's own system. */
export function meaningLevel(
  entry: Pick<LexiconEntry, 'level' | 'cefr'>,
  { level }: Pick<ClassProfile, 'level'>,
): Level {
  return level.system === 'cefr'
    ? scaleOf({ system: 'cefr', value: entry.cefr }).middle
    : entry.level;
}

/** A function that says the reach of a word's meaning for a class, whatever its spelling. */
export function meaningTest({
  level,
  step,
}: Pick<ClassProfile, 'level' | 'step'>): (entry: Pick<LexiconEntry, 'level' | 'cefr'>) => Reach {
  const margins = MEANING_MARGINS[step === null ? 'free' : 'sequence'];
  const { secure, stretch } = level.system === 'cefr' ? margins.cefr : margins.years;
  return (entry) => {
    const ahead = meaningAhead(entry, { level });
    if (ahead < secure + HALF) return 'secure';
    return ahead < stretch + HALF ? 'stretch' : 'beyond';
  };
}
