/** Names of the errors that wrong answers stand for: what a learner did who picked one. */
import type { LexiconEntry } from '../../languages/en/lexicon/lexicon';
import { phonemesOf } from '../../languages/en/sounds/phonemes';
import { phonemesIn } from '../../languages/en/words/sound-index';
import type { Accent } from '../../kernel/accent';

/** One answer taken for another. */
export const takesFor = (taken: string, right: string) => `takes “${taken}” for “${right}”`;

/** What was read where another word stands: a sound for a sound, or a word that looks alike. */
export function readsFor(taken: LexiconEntry, right: LexiconEntry, accent: Accent): string {
  const signs = new Map(phonemesOf(accent).map(({ phoneme, ipa }) => [phoneme, ipa]));
  const sign = (phoneme: string | undefined) => `/${signs.get(phoneme as never) ?? phoneme ?? ''}/`;
  const one = phonemesIn(taken.readings[0].units);
  const other = phonemesIn(right.readings[0].units);
  const apart = one.flatMap((phoneme, at) => (phoneme === other[at] ? [] : [at]));
  const [at] = apart;
  if (one.length === other.length && apart.length === 1 && at !== undefined) {
    return `reads ${sign(one[at])} for ${sign(other[at])}`;
  }
  if (one.length === other.length + 1) return 'reads a sound that is not there';
  if (one.length + 1 === other.length) return 'leaves out a sound';
  return takesFor(taken.word, right.word);
}
