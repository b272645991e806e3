/**
 * A word cut as at the end of a line, from what its letters say: the rule of the Romance languages.
 * One consonant begins a syllable; of two or more the last does, or the last two where the second
 * is r or l after a stop or f; double letters part.
 */
import type { LetterSound } from '../word-spelling';

export interface CutRules {
  /** Letters of one sound that part after the first: tt of Italian, sc of French; absent where none do. */
  readonly parted?: RegExp;
  /** True where a silent e makes a syllable in writing: pom-me. */
  readonly silentVowels?: boolean;
  /** True where s begins a syllable with the consonant after it: pa-sta. */
  readonly sOpens?: boolean;
}

const VOWEL_SOUND = /[aeiouyøœɛɔəɐɑ]/u;
/** True for a sound that ends in a consonant, whatever is nasal in it. */
const endsInConsonant = (sound: string) =>
  /[^aeiouyøœɛɔəɐɑ]$/u.test(sound.normalize('NFD').replaceAll('\u0303', ''));
const GLIDE = /^[jwɥ]$/u;
const OPENS = /^[bcdfgptv][rl]$/;

const isNucleus = ({ letters, sound }: LetterSound, { silentVowels }: CutRules, before: boolean) =>
  VOWEL_SOUND.test(sound.normalize('NFD')) ||
  (silentVowels === true && before && sound === '' && /^e/.test(letters));

/** Where the letters between two vowels part, counted from the first of them. */
function partBetween(units: readonly LetterSound[], rules: CutRules): number {
  const lengthTo = (count: number) =>
    units.slice(0, count).reduce((sum, { letters }) => sum + letters.length, 0);
  // A glide goes with the vowel after it: it is the last, before which consonants part.
  const glides = GLIDE.test(units.at(-1)?.sound ?? '') ? 1 : 0;
  const heard = units.slice(0, units.length - glides);
  // A glide of the vowel before stays with it, where something follows it.
  const [first] = heard;
  const off = first !== undefined && GLIDE.test(first.sound) ? 1 : 0;
  const consonants = heard.slice(off);
  if (consonants.length === 0) return lengthTo(off);
  const last = consonants.at(-1) as LetterSound;
  const second = consonants.at(-2);
  const opens =
    second !== undefined &&
    (OPENS.test(second.letters.slice(-1) + last.letters) ||
      second.letters.slice(-1) === 'h' ||
      (rules.sOpens === true && second.letters === 's'));
  const three = consonants.at(-3);
  const strong = opens && rules.sOpens === true && three?.letters === 's' ? 3 : opens ? 2 : 1;
  const at = heard.length - strong;
  return lengthTo(at) + (rules.parted?.test(heard[at]?.letters ?? '') ? 1 : 0);
}

/** The syllables of a word in writing. */
export function writtenSyllables(
  word: string,
  units: readonly LetterSound[],
  rules: CutRules,
): string[] {
  const nuclei = units.flatMap((unit, at) => {
    const before = units[at - 1];
    return isNucleus(unit, rules, before !== undefined && endsInConsonant(before.sound))
      ? [at]
      : [];
  });
  const cuts = nuclei.slice(1).map((nucleus, index) => {
    const from = nuclei[index] as number;
    const vowel = units[from] as LetterSound;
    const onset = units[nucleus] as LetterSound;
    // Letters that hold a vowel and what follows it, ill, or what comes before it, gua, part inside.
    const held = /(?:ll|y)$/.test(vowel.letters) && nucleus === from + 1;
    return held ? onset.start - 1 : vowel.end + partBetween(units.slice(from + 1, nucleus), rules);
  });
  return [0, ...cuts].map((start, index) => word.slice(start, cuts[index] ?? word.length));
}
