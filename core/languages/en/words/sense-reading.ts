/**
 * Which reading of a homograph a sense has: to wind a rope, the wind. The word
 * class says it, but where two senses of one class are read apart (a row of tents,
 * a row between neighbours) or the word bank's other reading is of another time
 * (I read it now, I read it then), the sense is named here. Common practice, from
 * memory.
 */
import type { LexiconEntry, Reading } from '../lexicon/lexicon';
import type { WordSense } from './meanings';

/** Senses of the first reading, as word, class and how the definition begins. */
const first: ReadonlySet<string> = new Set([
  'read v', // the present; the past is a form
  'lead n a long strap',
  'row n a line of',
  'bass n a guitar or voice',
]);

const isFirst = (word: string, { wordClass, definition }: WordSense) =>
  first.has(`${word} ${wordClass}`) ||
  [...first].some((named) => `${word} ${wordClass} ${definition}`.startsWith(`${named} `));

/** The reading that a sense of the word has. */
export function readingOfSense(entry: LexiconEntry, sense: WordSense): Reading {
  const [main, ...others] = entry.readings;
  if (others.length === 0 || isFirst(entry.word, sense)) return main;
  return others.find(({ wordClass }) => wordClass === sense.wordClass) ?? main;
}
