import { define } from '../../languages/en/words/meanings';
import type { MakerInput } from './maker';
import { read, sentences } from './parameters';

/** A pattern for a whole word in a sentence, whatever its case. */
export const wholeWord = (word: string) =>
  new RegExp(`(?<![\\p{L}'’-])${word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}'’-])`, 'iu');

/** A sentence with the word in it: the teacher's own first, then one of our own examples. */
export function exampleOf(
  word: string,
  { parameters, meanings, lexicon }: Pick<MakerInput, 'parameters' | 'meanings' | 'lexicon'>,
): string | undefined {
  const senses = meanings ? define(word, meanings, lexicon).senses : [];
  const examples = senses.flatMap(({ example, source }) =>
    source === 'wordane' && example ? [example] : [],
  );
  const pattern = wholeWord(word);
  return [...(read({ sentences: sentences() }, parameters).sentences ?? []), ...examples].find(
    (text) => pattern.test(text),
  );
}
