/** The sound a set of words is about, and how each word spells it. */
import { unitSays } from './find-words';
import type { AlignedUnit } from '../languages/en/sounds/align';
import { isVowelPhoneme } from '../languages/en/sounds/phonemes';
import type { MaterialWord } from './material-word';

/** The units of a word's first reading whose vowel is not weak: the a of message is nothing to be taught. */
export function clearUnits({ entry }: Pick<MaterialWord, 'entry'>): AlignedUnit[] {
  const reading = entry?.readings[0];
  if (reading === undefined) return [];
  let vowel = 0;
  return reading.units.filter(({ phonemes }) => {
    const stresses = phonemes.filter(isVowelPhoneme).map(() => reading.stresses[vowel++] ?? 0);
    const weak = phonemes.some((each) => each === 'AH' || each === 'IH');
    return !(weak && stresses.length > 0 && stresses.every((stress) => stress === 0));
  });
}

/**
 * The vowel sound with the most different spellings among the words, as far as
 * most of them have it; a consonant only where all words have it
 * and no vowel is shared by half. Weak vowels do not count, nor in longer words
 * a consonant that is spelled with its one letter in all: the n of mission.
 */
export function findTargetSound(words: readonly MaterialWord[]): string | undefined {
  const known = words.filter((word) => word.entry !== undefined);
  const counts = new Map<string, { words: Set<string>; spellings: Set<string> }>();
  for (const each of known) {
    const { word } = each;
    for (const unit of clearUnits(each)) {
      if (unit.phonemes.length === 0) continue;
      const sound = unit.phonemes.join(' ');
      const count = counts.get(sound) ?? { words: new Set(), spellings: new Set() };
      count.words.add(word);
      count.spellings.add(unit.grapheme);
      counts.set(sound, count);
    }
  }
  const isVowel = (sound: string) => sound.split(' ').some(isVowelPhoneme);
  const long =
    known.filter(({ entry }) => (entry?.readings[0].stresses.length ?? 1) > 1).length * 2 >
    known.length;
  const plain = (spellings: ReadonlySet<string>) =>
    long && spellings.size === 1 && [...spellings].every((each) => each.length === 1);
  const ranked = [...counts]
    .filter(([sound, { words: having, spellings }]) =>
      isVowel(sound)
        ? having.size > 1 && having.size * 2 >= known.length
        : having.size > 1 && having.size === known.length && !plain(spellings),
    )
    .sort(
      ([leftSound, left], [rightSound, right]) =>
        Number(isVowel(rightSound)) - Number(isVowel(leftSound)) ||
        right.words.size * Math.min(right.spellings.size, 4) -
          left.words.size * Math.min(left.spellings.size, 4),
    );
  return ranked[0]?.[0];
}

/** The spellings of the sound among the words, the most used first. */
export function usedSpellings(words: readonly MaterialWord[], sound: string): string[] {
  const counts = new Map<string, number>();
  for (const word of words) {
    const spelling = spellingsOf(word, sound)[0]?.grapheme;
    if (spelling !== undefined) counts.set(spelling, (counts.get(spelling) ?? 0) + 1);
  }
  return [...counts].sort(([, left], [, right]) => right - left).map(([spelling]) => spelling);
}

/** The graphemes of a word that say the sound. */
export function spellingsOf(word: MaterialWord, sound: string): readonly AlignedUnit[] {
  return word.entry?.readings[0].units.filter((unit) => unitSays(unit, sound)) ?? [];
}
