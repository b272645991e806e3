/** Whether learners meet a word as a verb: by the senses of the wordbook, else by the word bank's word classes. */
import type { Lexicon } from '../lexicon/lexicon';
import { wordClassBits } from '../lexicon/word-class';
import type { Meanings } from './meanings';

/**
 * `first` where the wordbook's first sense is a verb, `also` where a later one is, `rarely` where
 * only a large dictionary has it as one (to puddle, to rook), `never` where none has.
 */
export type MetAsVerb = 'first' | 'also' | 'rarely' | 'never';

/** Tenths of its places in tagged texts where a word is a verb, from which it is met as one. */
const TAGGED_ENOUGH = 3;

export function metAsVerb(word: string, lexicon: Lexicon, meanings?: Meanings): MetAsVerb {
  const entry = lexicon.find(word);
  const classes = meanings?.sensesOf(word).map(({ wordClass }) => wordClass) ?? [];
  if (classes[0] === 'v') return 'first';
  if (classes.includes('v')) return 'also';
  const known = ((entry?.kinds ?? 0) & wordClassBits.verb) !== 0;
  const [nouns = 0, verbs = 0] = [...(entry?.shares ?? '')].map(Number);
  if (!known) return verbs >= TAGGED_ENOUGH ? 'rarely' : 'never';
  if (classes.length > 0) return 'rarely';
  // Without a line in the wordbook: how often it is tagged as a verb beside a noun.
  return verbs > 0 && verbs >= nouns ? 'first' : 'rarely';
}
