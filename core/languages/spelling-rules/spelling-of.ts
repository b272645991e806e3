/** A language's tables made into what its pack knows of a word. */
import type { LetterSound, TaughtSound, WordSpelling } from '../word-spelling';
import { letterReader, type SpellingRule } from './letter-sounds';
import { writtenSyllables, type CutRules } from './written-syllables';

export interface SpellingTables {
  readonly rules: readonly SpellingRule[];
  /** Words that no rule reads, one a line, taken apart: "f e=a mm=m e=". */
  readonly exceptions: string;
  readonly cuts: CutRules;
  /** At the beginning of a text: articles, which belong to no word of a list. */
  readonly articles: RegExp;
  readonly taught: readonly TaughtSound[];
}

/** Reads each word of a phrase; what is no letter stands between. */
function phraseReader(read: (word: string) => readonly LetterSound[] | undefined) {
  return (text: string): LetterSound[] | undefined => {
    const found: LetterSound[] = [];
    for (const { 0: word, index } of text.normalize('NFC').matchAll(/\p{L}+/gu)) {
      const letters = read(word);
      if (!letters) return undefined;
      found.push(
        ...letters.map((each) => ({ ...each, start: each.start + index, end: each.end + index })),
      );
    }
    return found.length > 0 ? found : undefined;
  };
}

export function spellingOf(tables: SpellingTables): WordSpelling {
  const { rules, exceptions, cuts, articles, taught } = tables;
  const read = letterReader(rules, exceptions);
  return {
    letters: phraseReader(read),
    syllables: (word) => {
      const units = /^\p{L}+$/u.test(word) ? read(word) : undefined;
      return units && writtenSyllables(word.normalize('NFC'), units, cuts);
    },
    taught,
    bare: (text) => text.trim().replace(articles, '') || text.trim(),
  };
}
