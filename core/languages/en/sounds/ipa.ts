/** A pronunciation in the IPA of the speech rules (Southern British) read into phonemes and stresses. */
import { isVowelPhoneme, type Phoneme } from './phonemes';
import type { Pronunciation } from './pronunciation';

/** IPA against phonemes, the longer signs first. */
const signs: readonly (readonly [ipa: string, phonemes: string])[] = [
  ['aɪə', 'AY AH'],
  ['aɪɐ', 'AY AH'],
  ['aʊə', 'AW AH'],
  ['aʊɐ', 'AW AH'],
  ['ɔɪ', 'OY'],
  ['eɪ', 'EY'],
  ['aɪ', 'AY'],
  ['aʊ', 'AW'],
  ['əʊ', 'OW'],
  ['oʊ', 'OW'],
  ['iə', 'IA'],
  ['ɪə', 'IA'],
  ['eə', 'EA'],
  ['ɛə', 'EA'],
  ['ʊə', 'UA'],
  ['ɑː', 'AA'],
  ['ɔː', 'AO'],
  ['ɜː', 'ER'],
  ['iː', 'IY'],
  ['uː', 'UW'],
  ['tʃ', 'CH'],
  ['dʒ', 'JH'],
  ['ɒ', 'OH'],
  ['ʌ', 'AH'],
  ['ə', 'AH'],
  ['ɐ', 'AH'],
  ['æ', 'AE'],
  ['a', 'AE'],
  ['ɛ', 'EH'],
  ['e', 'EH'],
  ['ɪ', 'IH'],
  ['ɨ', 'IH'],
  ['i', 'IY'],
  ['ʊ', 'UH'],
  ['u', 'UW'],
  ['ɔ', 'AO'],
  ['ɑ', 'AA'],
  ['o', 'AO'],
  ['ɜ', 'ER'],
  ['b', 'B'],
  ['d', 'D'],
  ['ð', 'DH'],
  ['f', 'F'],
  ['ɡ', 'G'],
  ['g', 'G'],
  ['h', 'HH'],
  ['j', 'Y'],
  ['k', 'K'],
  ['l', 'L'],
  ['ɬ', 'L'],
  ['m', 'M'],
  ['n', 'N'],
  ['ŋ', 'NG'],
  ['p', 'P'],
  ['ɹ', 'R'],
  ['r', 'R'],
  ['s', 'S'],
  ['ʃ', 'SH'],
  ['t', 'T'],
  ['ɾ', 'T'],
  ['θ', 'TH'],
  ['v', 'V'],
  ['w', 'W'],
  ['x', 'K'],
  ['z', 'Z'],
  ['ʒ', 'ZH'],
  ['ʔ', 'T'],
];

/** Signs that say how, not what: length, syllabic marks, joins. */
const marks = /[\u0303\u0329\u0361ː‿\s-]/;

/**
 * Reads IPA with stress signs before the vowel, for example `tɹˈeɪn`.
 *
 * @returns undefined where a sign is not known
 */
export function readIpa(ipa: string): Pronunciation | undefined {
  const phonemes: Phoneme[] = [];
  const stresses: number[] = [];
  let stress = 0;
  let at = 0;
  while (at < ipa.length) {
    const character = ipa[at] as string;
    if (character === 'ˈ' || character === 'ˌ') {
      stress = character === 'ˈ' ? 1 : 2;
      at += 1;
      continue;
    }
    const sign = signs.find(([text]) => ipa.startsWith(text, at));
    if (sign === undefined) {
      if (!marks.test(character)) return undefined;
      at += 1;
      continue;
    }
    for (const phoneme of sign[1].split(' ')) {
      phonemes.push(phoneme);
      if (isVowelPhoneme(phoneme)) {
        stresses.push(stress);
        stress = 0;
      }
    }
    at += sign[0].length;
  }
  return { phonemes, stresses };
}
