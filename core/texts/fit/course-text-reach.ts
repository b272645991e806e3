/** The reach of a text of another language, for a class that follows a course of it. */
import type { ClassProfile } from '../../classes/class-profile';
import { packOf } from '../../languages/registry/registry';
import type { WordReach } from '../../reach/check-word';
import { checkInCourse, hasCourseForms, type CourseIndex } from '../../reach/course-reach';
import type { ReachSpan, TextReach } from './text-reach';

/** True where a text of the language can be checked for the class: it learns it, and its forms are known. */
export const readsByCourse = (language: string, profile: ClassProfile): boolean =>
  language === profile.language && hasCourseForms(language);

const NAME = 'A name: read it with the class once.';

/** Letters, with what is written together: l’eau, grand-père, dov’è. */
const WORD = /[\p{L}\p{M}]+(?:[’'-][\p{L}\p{M}]+)*/gu;

/** True for a capital inside a sentence: a name, in the languages that have courses with forms. */
const isName = (word: string, opensSentence: boolean) => !opensSentence && /^\p{Lu}/u.test(word);

/**
 * Checks each word of a text in the form it stands in.
 *
 * @param settled words that the teacher has settled for this text
 */
export function courseTextReach(
  text: string,
  profile: ClassProfile,
  index: CourseIndex,
  settled: readonly string[] = [],
): TextReach {
  const { tokens } = packOf(profile.language);
  const done = new Set(settled.map((word) => word.toLowerCase()));
  const starts = new Set(
    tokens.sentences(text).map(({ start, end }) => {
      const first = text.slice(start, end).search(/\p{L}/u);
      return start + Math.max(0, first);
    }),
  );
  const known = new Map<string, WordReach>();
  const spans: ReachSpan[] = [];
  let total = 0;
  let secure = 0;
  // Figures are read in any language.
  for (const { 0: word, index: start } of text.matchAll(WORD)) {
    const end = start + word.length;
    total += 1;
    const key = word.toLowerCase();
    const reach =
      known.get(key) ??
      (isName(word, starts.has(start)) && index.find(key) === undefined && !index.isSmall(key)
        ? {
            word,
            reach: 'secure' as const,
            level: undefined,
            reasons: [{ kind: 'known' as const, text: NAME }],
          }
        : checkInCourse(word, index, profile));
    known.set(key, reach);
    if (reach.reach === 'secure' || done.has(key)) {
      secure += 1;
      continue;
    }
    spans.push({
      kind: 'word',
      start,
      end,
      text: word,
      reach: reach.reach,
      reasons: reach.reasons,
      swaps: [],
    });
  }
  return { spans, words: [...known.values()], total, secure };
}
