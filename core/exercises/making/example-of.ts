import { sentencesOf } from '../../reach/sentences-of';
import type { MakerInput } from './maker';
import { read, sentences } from './parameters';

/** A pattern for a whole word in a sentence, whatever its case. */
export const wholeWord = (word: string) =>
  new RegExp(`(?<![\\p{L}'’-])${word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}'’-])`, 'iu');

type ExampleInput = Pick<MakerInput, 'parameters' | 'meanings' | 'lexicon' | 'profile'>;

/** Sentences with this very form of a word: the teacher's own first, then the wordbook's, those of the class's age and reach in front. */
export function examplesOf(
  word: string,
  { parameters, meanings, lexicon, profile }: ExampleInput,
): string[] {
  const pattern = wholeWord(word);
  const own = read({ sentences: sentences() }, parameters).sentences ?? [];
  const known = meanings ? sentencesOf(word, meanings, lexicon, profile) : [];
  const [sense] = known;
  // The sense that is met first, so that a meaning beside the sentence is the meaning in it.
  const first = known.filter(({ definition }) => definition === sense?.definition);
  const within = first.filter(({ beyond }) => beyond.every((each) => pattern.test(each)));
  return [...new Set([...own, ...[...within, ...first].map(({ text }) => text)])].filter((text) =>
    pattern.test(text),
  );
}

/** A sentence with the word in it. */
export function exampleOf(word: string, input: ExampleInput): string | undefined {
  return examplesOf(word, input)[0];
}
