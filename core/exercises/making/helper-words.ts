/**
 * Words that a sentence needs beside its topic's, for whoever writes by choosing.
 * The commonest of each kind (from memory; each is within the first 200 of English
 * by frequency, which a test checks).
 */
import { wordKinds, type WordKind } from '../../kernel/sentence-parts';
import type { ChoiceRow } from '../interactions/write/task';

export const helperWords: Readonly<Partial<Record<WordKind, readonly string[]>>> = {
  people: ['I', 'we', 'you', 'he', 'she', 'they', 'it'],
  doing: ['is', 'are', 'was', 'were', 'have', 'has', 'can', 'see', 'like', 'go', 'went'],
  how: ['big', 'good', 'little'],
  where: ['in', 'on', 'at', 'to', 'with', 'and', 'but', 'because'],
  small: ['the', 'a', 'my', 'your', 'this', 'not', 'very'],
};

const kindOfClass: Readonly<Record<string, WordKind>> = {
  n: 'things',
  v: 'doing',
  a: 'how',
  d: 'how',
};

/** The kind of a word of the bank, by the letter of the class that a school meets first. */
export const kindOfWord = (wordClass: string | undefined): WordKind =>
  kindOfClass[wordClass ?? ''] ?? 'things';

/** Rows to choose from: those of the bank first in each kind, then the helping words. */
export function choiceRows(
  bank: ChoiceRow['words'],
  kindOf: (word: string) => WordKind,
): ChoiceRow[] {
  const known = new Set(bank.map(({ word }) => word.toLowerCase()));
  return (Object.keys(wordKinds) as WordKind[])
    .map((kind) => ({
      kind,
      words: [
        ...bank.filter(({ word }) => kindOf(word) === kind),
        ...(helperWords[kind] ?? [])
          .filter((word) => !known.has(word.toLowerCase()))
          .map((word) => ({ word })),
      ],
    }))
    .filter(({ words }) => words.length > 0);
}
