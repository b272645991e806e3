/** What a query asks of the graphemes of a word: its sounds, its spellings, and where they stand. */
import { showGrapheme } from '../reach/check-word';
import type { AlignedUnit } from '../languages/en/sounds/align';
import { correspondences } from '../languages/en/sounds/correspondences';
import { isVowelPhoneme, showSound, type Phoneme } from '../languages/en/sounds/phonemes';
import type { Condition } from './condition';
import type { Reading } from '../languages/en/lexicon/lexicon';
import type { Match, Place, WordQuery } from './word-query';

/** A split digraph as the engine writes it: `a_e`. */
export function readSpelling(spelling: string): string {
  return spelling.trim().toLowerCase().replace(/[-–—]/, '_');
}

/**
 * Whether a grapheme says the sound. A consonant may be one of several that a
 * grapheme says (the K of x); a vowel must be all of it, so that the EH of
 * r-coloured air is not taken for the EH of bread.
 */
export function unitSays(unit: Pick<AlignedUnit, 'phonemes'>, sound: string): boolean {
  return saysSound(unit.phonemes, sound);
}

export function saysSound(phonemes: readonly Phoneme[], sound: string): boolean {
  const said = phonemes.join(' ');
  if (said === sound) return true;
  if (sound.includes(' ') || isVowelPhoneme(sound)) return false;
  if (said.startsWith('Y ')) return false;
  return phonemes.includes(sound);
}

function standsAt(index: number, count: number, place: Place): boolean {
  switch (place) {
    case 'any':
      return true;
    case 'start':
      return index === 0;
    case 'end':
      return index === count - 1;
    case 'middle':
      return index > 0 && index < count - 1;
  }
}

export const idsOf = (
  test: (each: (typeof correspondences)[number]) => boolean,
): ReadonlySet<number> => new Set(correspondences.filter(test).map((each) => each.id));

/** What the query asks of the graphemes, together: the sound and the spelling must meet in one. */
export interface GraphemeWish {
  readonly wanted: ReadonlySet<number> | undefined;
  /** Whether a grapheme with one of these must be there; else none may. */
  readonly place: Place;
}

/** The two vowels that ARPAbet writes AH, told apart by their stress. */
const strengths: Readonly<Record<string, 'strong' | 'weak'>> = { AH1: 'strong', AH0: 'weak' };

const askedSounds = (query: WordQuery) => [
  ...(query.sound === undefined || query.sound === '' ? [] : [query.sound]),
  ...(query.sounds ?? []),
];
const soundsOf = (query: WordQuery) =>
  askedSounds(query).map((sound) => (strengths[sound] ? 'AH' : sound));

/** Whether AH is asked for as the vowel of sun or as schwa; undefined for either. */
export function strengthOf(query: WordQuery): 'strong' | 'weak' | undefined {
  const asked = new Set(askedSounds(query).flatMap((sound) => strengths[sound] ?? []));
  return asked.size === 1 ? [...asked][0] : undefined;
}

/** True where the AH of a grapheme is as strong as asked. */
function isAsStrong(reading: Reading, index: number, strength: 'strong' | 'weak'): boolean {
  const unit = reading.units[index];
  if (unit?.phonemes[0] !== 'AH') return true;
  let vowels = 0;
  for (const before of reading.units.slice(0, index)) {
    vowels += before.phonemes.filter(isVowelPhoneme).length;
  }
  return (reading.stresses[vowels] ?? 0) > 0 === (strength === 'strong');
}
const spellingsOf = (query: WordQuery) =>
  [
    ...(query.spelling === undefined || query.spelling === '' ? [] : [query.spelling]),
    ...(query.spellings ?? []),
  ].map(readSpelling);

/** The correspondences a query lights: any of its sounds in any of its spellings. */
export function wantedCorrespondences(query: WordQuery): ReadonlySet<number> | undefined {
  const sounds = query.soundMatch === 'none' ? [] : soundsOf(query);
  const spellings = query.spellingMatch === 'none' ? [] : spellingsOf(query);
  if (sounds.length === 0 && spellings.length === 0) return undefined;
  return idsOf(
    (each) =>
      (sounds.length === 0 || sounds.some((sound) => saysSound(each.phonemes, sound))) &&
      (spellings.length === 0 || spellings.includes(each.grapheme)),
  );
}

/** Indexes of the graphemes that are in the set, in the place. */
export function litGraphemes(
  reading: Reading,
  wanted: ReadonlySet<number> | undefined,
  place: Place = 'any',
  strength?: 'strong' | 'weak',
): number[] {
  if (wanted === undefined) return [];
  const { units } = reading;
  const found: number[] = [];
  for (let index = 0; index < units.length; index += 1) {
    const unit = units[index] as AlignedUnit;
    if (!wanted.has(unit.correspondence.id) || !standsAt(index, units.length, place)) continue;
    if (strength === undefined || isAsStrong(reading, index, strength)) found.push(index);
  }
  return found;
}

const placeWords: Readonly<Record<Place, string>> = {
  any: '',
  start: ' at the start',
  middle: ' in the middle',
  end: ' at the end',
};
/** Sounds as a teacher reads them; the two vowels that ARPAbet writes AH each with its own sign. */
export const showSounds = (sounds: readonly string[], join: string) =>
  sounds
    .map((sound) => (sound === 'AH0' ? '/ə/' : showSound(sound.replace('AH1', 'AH').split(' '))))
    .join(join);
export const joinOf = (match: Match) => (match === 'all' ? ' and ' : ' or ');

/** One set of correspondences for each thing asked; how many must occur is the match. */
export function setCondition(
  sets: readonly ReadonlySet<number>[],
  match: Match,
  place: Place,
  asks: string,
  strength?: 'strong' | 'weak',
): Condition {
  const occurs = (set: ReadonlySet<number>, reading: Reading) =>
    litGraphemes(reading, set, place, strength).length > 0;
  return {
    asks,
    test: (_, reading) => {
      if (match === 'all') return sets.every((set) => occurs(set, reading));
      if (match === 'any') return sets.some((set) => occurs(set, reading));
      return !sets.some((set) => occurs(set, reading));
    },
  };
}

/** The conditions on sounds and spellings. */
export function soundConditions(query: WordQuery): Condition[] {
  const { place = 'any', soundMatch = 'any', spellingMatch = 'any' } = query;
  const sounds = soundsOf(query);
  const named = askedSounds(query);
  const strength = strengthOf(query);
  const spellings = spellingsOf(query);
  const conditions: Condition[] = [];
  const lit = wantedCorrespondences(query);
  const where = placeWords[place];
  const verb = (match: Match) => (match === 'none' ? 'does not have' : 'has');
  const spelled = spellings.map(showGrapheme);
  // One sound in one spelling must be one grapheme: ai says /ā/.
  if (
    lit &&
    soundMatch !== 'none' &&
    spellingMatch !== 'none' &&
    sounds.length > 0 &&
    spellings.length > 0
  ) {
    conditions.push({
      asks: `has ${showSounds(named, ' or ')} spelled ${spelled.join(' or ')}${where}`,
      implied: place === 'any' && strength === undefined,
      test: (_, reading) => litGraphemes(reading, lit, place, strength).length > 0,
    });
  }
  if (
    sounds.length > 0 &&
    (spellings.length === 0 || soundMatch !== 'any' || spellingMatch === 'none')
  ) {
    conditions.push({
      ...setCondition(
        sounds.map((sound) => idsOf((each) => saysSound(each.phonemes, sound))),
        soundMatch,
        place,
        `${verb(soundMatch)} ${showSounds(named, joinOf(soundMatch))}${where}`,
        strength,
      ),
      implied:
        spellings.length === 0 && soundMatch === 'any' && place === 'any' && strength === undefined,
    });
  }
  if (
    spellings.length > 0 &&
    (sounds.length === 0 || spellingMatch !== 'any' || soundMatch === 'none')
  ) {
    conditions.push({
      ...setCondition(
        spellings.map((spelling) => idsOf((each) => each.grapheme === spelling)),
        spellingMatch,
        place,
        `${verb(spellingMatch)} ${spelled.join(joinOf(spellingMatch))}${where}`,
      ),
      implied: sounds.length === 0 && spellingMatch === 'any' && place === 'any',
    });
  }
  return conditions;
}
