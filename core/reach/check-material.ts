/** The reach of a word of a list or an exercise, whatever language the class learns. */
import type { ClassProfile } from '../classes/class-profile';
import { speaks } from '../languages/registry/registry';
import type { LexiconEntry } from '../languages/en/lexicon/lexicon';
import { checkWord, type WordReach } from './check-word';
import { checkInCourse, courseIndexOf } from './course-reach';

/** True where the words that a class reads can be checked: English, or a language with a course. */
export const hasReach = (language: string): boolean =>
  speaks(language, 'words') || speaks(language, 'course');

/**
 * A word as its class reads it: English by the word bank, another language by its course.
 *
 * @param entry of the word bank, for English alone
 */
export function checkMaterial(
  word: string,
  entry: LexiconEntry | undefined,
  profile: ClassProfile,
): WordReach {
  if (speaks(profile.language, 'words')) return checkWord(word, entry, profile);
  const index = courseIndexOf(profile);
  if (index) return checkInCourse(word, index, profile);
  const text = 'What a class reads in this language is not known here.';
  return { word, reach: 'beyond', level: undefined, reasons: [{ kind: 'unknown', text }] };
}
