/** Whether a word is a verb that a class adds endings to. */
import { ingUse } from '../forms/ing-use';
import type { Lexicon, LexiconEntry } from '../lexicon/lexicon';
import { metAsVerb } from './met-as-verb';
import type { Meanings } from './meanings';

/** Why not, to be said after the word; undefined where it is one. */
export function whyNoVerb(
  entry: LexiconEntry,
  lexicon: Lexicon,
  meanings?: Meanings,
): string | undefined {
  const lemma = lexicon.lemmaOf(entry).word;
  // Caressing is in use, and is of caress, not of cares.
  if (lemma !== entry.word && /(?:s|ed|ing)$/.test(entry.word)) {
    return `is a form of ${lemma}: take ${lemma}`;
  }
  const use = ingUse(entry, lexicon);
  const met = metAsVerb(entry.word, lexicon, meanings);
  // Clouding, stoning: the form is known to a large dictionary, and to hardly any class.
  const inUse = use === 'common' ? met !== 'never' : use === 'some' && /first|also/.test(met);
  if (inUse) return undefined;
  return use === 'none'
    ? 'is not met with -ing in use'
    : 'is met as a noun, and hardly ever as a verb';
}
