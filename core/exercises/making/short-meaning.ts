/** The meaning of a word that a sheet can carry. */
import { inSpelling } from '../../languages/en/lexicon/in-spelling';
import { define, type WordSense } from '../../languages/en/words/meanings';
import { offeredAge } from '../../reach/fitness';
import type { MakerInput } from './maker';

/** A meaning longer than this is no line to join. */
const LONGEST = 75;

/** The first meaning that is short, fit for the class, and does not hold the word itself; in the class's spelling. */
export function shortMeaning(
  word: string,
  { meanings, lexicon, profile }: Pick<MakerInput, 'meanings' | 'lexicon' | 'profile'>,
): WordSense | undefined {
  if (meanings === undefined) return undefined;
  const stem = word.toLowerCase().slice(0, Math.max(4, word.length - 2));
  const most = profile ? offeredAge(profile) : Infinity;
  const { senses, derived } = define(word, meanings, lexicon);
  // The meaning of happy is not that of unhappily.
  const found = derived
    ? undefined
    : senses.find(
        ({ definition, from = 0 }) =>
          from <= most && definition.length <= LONGEST && !definition.toLowerCase().includes(stem),
      );
  if (found === undefined || profile === undefined) return found;
  return { ...found, definition: inSpelling(found.definition, profile.spelling, lexicon).text };
}
