/** The school hand that a class learns to write. */
import type { HandName } from '../kernel/hand-names';
import { scaleOf } from './class-level';
import type { ClassProfile } from './class-profile';

/** Hands taught where a language is at home (common practice; names as in `hand-names.ts`). */
const handsOfLanguages: Readonly<Record<string, HandName>> = {
  fr: 'fr-cursive',
  de: 'de-grund',
  es: 'es-cursive',
  it: 'it-modern',
  pt: 'pt-cursive',
};

/** Schools of the United States begin a joined hand in Grade 2 or 3 (common practice). */
const JOINED_FROM = scaleOf({ system: 'us', value: 'G3' }).from;

/** Schools in England begin to join some letters in Year 2 (National Curriculum for England, from memory). */
const SOME_JOINED_FROM = scaleOf({ system: 'uk', value: 'Y2' }).from;

/**
 * The hand that is usual for a class: of its language; in the school years of England upright
 * letters, from Year 2 some of them joined; in American spelling the joined hand from Grade 3 on;
 * else letters with exit strokes.
 */
export function usualHand({
  language,
  spelling,
  level,
}: Pick<ClassProfile, 'language' | 'spelling' | 'level'>): HandName {
  if (language !== 'en') return handsOfLanguages[language] ?? 'print';
  if (level.system === 'uk') return scaleOf(level).from >= SOME_JOINED_FROM ? 'gb-semi' : 'andika';
  return spelling === 'us' && level.system === 'us' && scaleOf(level).from >= JOINED_FROM
    ? 'us-cursive'
    : 'print';
}

/** The hand of a class: as its teacher says, else what is usual; of no class, upright letters. */
export function handOf(
  profile: Pick<ClassProfile, 'hand' | 'language' | 'spelling' | 'level'> | undefined,
): HandName {
  return profile === undefined ? 'print' : (profile.hand ?? usualHand(profile));
}
