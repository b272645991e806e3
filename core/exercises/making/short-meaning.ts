/** The meaning of a word that a sheet can carry. */
import { define, type WordSense } from '../../languages/en/words/meanings';
import type { MakerInput } from './maker';

/** A meaning longer than this is no line to join. */
const LONGEST = 70;

/** The likeliest meaning that is short and does not hold the word itself. */
export function shortMeaning(
  word: string,
  { meanings, lexicon }: Pick<MakerInput, 'meanings' | 'lexicon'>,
): WordSense | undefined {
  if (meanings === undefined) return undefined;
  const stem = word.toLowerCase().slice(0, Math.max(4, word.length - 2));
  return define(word, meanings, lexicon).senses.find(
    ({ definition }) => definition.length <= LONGEST && !definition.toLowerCase().includes(stem),
  );
}
