/** What a search asks of every word, found once a lexicon and kept in flat arrays. */
import { patternBitsOf } from '../sounds/patterns';
import type { Lexicon } from '../lexicon/lexicon';
import { wordParts } from './word-parts';

export interface WordFacts {
  /** Phonics patterns of each word's first reading, by rank, as bits. */
  readonly patterns: Int32Array;
  /** Syllables of each word's first reading, by rank. */
  readonly syllables: Uint8Array;
}

const facts = new WeakMap<Lexicon, WordFacts>();
const compounds = new WeakMap<Lexicon, ReadonlySet<string>>();

/** The facts of a lexicon's words. */
export function wordFacts(lexicon: Lexicon): WordFacts {
  let found = facts.get(lexicon);
  if (found === undefined) {
    const patterns = new Int32Array(lexicon.size);
    const syllables = new Uint8Array(lexicon.size);
    lexicon.entries.forEach((entry, rank) => {
      const reading = entry.readings[0];
      patterns[rank] = patternBitsOf(reading);
      syllables[rank] = reading.syllables.length;
    });
    found = { patterns, syllables };
    facts.set(lexicon, found);
  }
  return found;
}

/** Every word of a lexicon that is made of two words. */
export function compoundWords(lexicon: Lexicon): ReadonlySet<string> {
  let found = compounds.get(lexicon);
  if (found === undefined) {
    found = new Set(
      lexicon.entries
        .filter((entry) => entry.word.length >= 6 && wordParts(entry, lexicon).kind === 'compound')
        .map((entry) => entry.word),
    );
    compounds.set(lexicon, found);
  }
  return found;
}
