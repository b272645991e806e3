/** The meaning of a word that a sheet can carry. */
import { inSpelling } from '../../languages/en/lexicon/in-spelling';
import { define, type WordSense } from '../../languages/en/words/meanings';
import { offeredAge } from '../../reach/fitness';
import type { MakerInput } from './maker';

/** A meaning longer than this is no line to join. */
const LONGEST = 75;

/** Shorter words stand in many others: a cat catches mice. */
const SHORT_WORD = 4;

/** True where a meaning holds the word itself or a form of it. */
function givesAway(meaning: string, word: string): boolean {
  const plain = word.toLowerCase().replace(/[^\p{L}]/gu, '.');
  if (word.length > SHORT_WORD) {
    return meaning.includes(word.toLowerCase().slice(0, Math.max(SHORT_WORD, word.length - 2)));
  }
  const last = plain.slice(-1);
  return new RegExp(`(?<!\\p{L})${plain}(?:e?s|'s|${last}?(?:ed|ing|er|y))?(?!\\p{L})`, 'u').test(
    meaning,
  );
}

/** The first meaning that is short, fit for the class, and does not hold the word itself; in the class's spelling. */
export function shortMeaning(
  word: string,
  { meanings, lexicon, profile }: Pick<MakerInput, 'meanings' | 'lexicon' | 'profile'>,
): WordSense | undefined {
  if (meanings === undefined) return undefined;
  const most = profile ? offeredAge(profile) : Infinity;
  const { senses, derived } = define(word, meanings, lexicon);
  // The meaning of happy is not that of unhappily.
  const found = derived
    ? undefined
    : senses.find(
        ({ definition, from = 0 }) =>
          from <= most &&
          definition.length <= LONGEST &&
          !givesAway(definition.toLowerCase(), word),
      );
  if (found === undefined || profile === undefined) return found;
  return { ...found, definition: inSpelling(found.definition, profile.spelling, lexicon).text };
}
