/**
 * A Southern British pronunciation from an American one and its spelling, by
 * the regular differences: r only before a vowel, a rounded o in hot, the
 * schwa for an unstressed er. Used for homographs and where no better source
 * is at hand. Lexical sets of Wells, Accents of English (1982), from memory.
 */
import type { AlignedUnit } from './align';
import { isVowelPhoneme, type Phoneme } from './phonemes';
import type { Pronunciation } from './pronunciation';

const colouredVowels: Readonly<Record<Phoneme, Phoneme>> = {
  AA: 'AA',
  AO: 'AO',
  EH: 'EA',
  IH: 'IA',
  IY: 'IA',
  UH: 'UA',
};

/** Letters that spell the rounded o of hot, where American English has a plain a sound. */
const rounded = /^(o|ow|ou|ho)$/;

function britishUnit(unit: AlignedUnit, stress: number, beforeVowel: boolean): Phoneme[] {
  const { phonemes, grapheme } = unit;
  const [vowel, after] = phonemes;
  if (vowel === undefined) return [];
  if (after === 'R' && colouredVowels[vowel] !== undefined) {
    const coloured = colouredVowels[vowel];
    return beforeVowel ? [coloured, 'R'] : [coloured];
  }
  if (phonemes.join(' ') === 'Y UH R') return beforeVowel ? ['Y', 'UA', 'R'] : ['Y', 'UA'];
  return phonemes.flatMap((phoneme): Phoneme[] => {
    if (phoneme === 'ER') {
      const said = stress > 0 && phonemes.length === 1 ? 'ER' : 'AH';
      return beforeVowel ? [said, 'R'] : [said];
    }
    if ((phoneme === 'AA' || phoneme === 'AO') && rounded.test(grapheme)) return ['OH'];
    if (phoneme === 'AA' && grapheme === 'a') return ['OH'];
    return [phoneme];
  });
}

/** The pronunciation by rule; stresses stay with their vowels. */
export function toBritish(
  units: readonly AlignedUnit[],
  stresses: readonly number[],
): Pronunciation {
  const phonemes: Phoneme[] = [];
  const newStresses: number[] = [];
  let vowelsHeard = 0;
  units.forEach((unit, index) => {
    const stress = stresses[vowelsHeard] ?? 0;
    vowelsHeard += unit.phonemes.filter(isVowelPhoneme).length;
    const next = units.slice(index + 1).find((each) => each.phonemes.length > 0);
    const said = britishUnit(unit, stress, isVowelPhoneme(next?.phonemes[0] ?? ''));
    let first = true;
    for (const phoneme of said) {
      phonemes.push(phoneme);
      if (!isVowelPhoneme(phoneme)) continue;
      newStresses.push(first ? stress : 0);
      first = false;
    }
  });
  return { phonemes, stresses: newStresses };
}
