/** A pronunciation as the dictionary writes it, read into phonemes and stresses. */
import { isVowelPhoneme, type Phoneme } from './phonemes';

export interface Pronunciation {
  readonly phonemes: readonly Phoneme[];
  /** One digit a vowel: 1 primary stress, 2 secondary, 0 none. */
  readonly stresses: readonly number[];
}

/**
 * Reads ARPAbet with stress digits, for example `R EY1 N`. An unstressed ER
 * between a consonant and a stressed vowel is read as AH R, because its r opens
 * the next syllable (correct, k-ə-r-e-k-t).
 */
export function readPronunciation(arpabet: string): Pronunciation {
  const symbols = arpabet.trim().split(/\s+/);
  const phonemes: Phoneme[] = [];
  const stresses: number[] = [];
  symbols.forEach((symbol, index) => {
    const phoneme = symbol.replace(/\d/, '');
    const previous = symbols[index - 1];
    const next = symbols[index + 1] ?? '';
    const opensStressed =
      symbol === 'ER0' && /[12]$/.test(next) && previous !== undefined && !/\d$/.test(previous);
    if (opensStressed) {
      phonemes.push('AH', 'R');
      stresses.push(0);
      return;
    }
    phonemes.push(phoneme);
    if (isVowelPhoneme(phoneme)) stresses.push(Number(symbol.slice(-1)) || 0);
  });
  return { phonemes, stresses };
}
