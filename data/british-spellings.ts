/** The British spellings of American words: proposed by rule, kept where a British dictionary has them and an American one has not. */
import american from 'dictionary-en';
import british from 'dictionary-en-gb';
import nspell from 'nspell';
import { britishCandidates, listedBritish } from '../core/languages/en/lexicon/spelling-variety';

const [americanSpeller, britishSpeller] = [nspell(american), nspell(british)];

/** The British spelling of a word that is spelled otherwise in America, or undefined. */
export function britishSpellingOf(word: string): string | undefined {
  const listed = listedBritish(word);
  if (listed !== undefined) return listed;
  return britishCandidates(word).find(
    (form) => britishSpeller.correct(form) && !americanSpeller.correct(form),
  );
}
