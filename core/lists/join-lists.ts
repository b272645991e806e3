/** Two lists put together, or one taken from the other. */
import { detailOf, sameWord, withDetail, withWord, type WordList } from './word-list';

/** The first list with the words of the second that it lacks, and what stands beside them. */
export function merged(list: WordList, other: WordList): WordList {
  return other.words.reduce((result, word) => {
    if (result.words.some((each) => sameWord(each, word))) return result;
    return withDetail(withWord(result, word), word, detailOf(other, word));
  }, list);
}

/** The first list without the words of the second. */
export function subtracted(list: WordList, other: Pick<WordList, 'words'>): WordList {
  const gone = (word: string) => other.words.some((each) => sameWord(each, word));
  return {
    ...list,
    words: list.words.filter((word) => !gone(word)),
    details: list.details.filter((detail) => !gone(detail.word)),
  };
}
