/** The words that a lesson is about: those that were given, not those that one exercise added for its mixture. */
import { partsOf, type Lesson } from '../records/lesson';

/**
 * A word is the lesson's own where it stands in a list of the class, in more than one exercise, or
 * in an exercise of which nothing stands elsewhere. What only one of several exercises of the same
 * words has was added there.
 */
export function ownWords(lesson: Lesson, listed: ReadonlySet<string>): string[] {
  const groups = partsOf(lesson)
    .map(({ words }) => [...new Set(words)])
    .filter((words) => words.length > 0);
  const counts = new Map<string, number>();
  for (const word of groups.flat()) counts.set(word, (counts.get(word) ?? 0) + 1);
  const shared = (word: string) => (counts.get(word) ?? 0) > 1;
  const own = groups.flatMap((words) => {
    const alone = !words.some((word) => shared(word) || listed.has(word));
    return alone ? words : words.filter((word) => shared(word) || listed.has(word));
  });
  // A lesson with one exercise has what that has.
  return [...new Set(groups.length === 1 ? groups[0] : own)];
}
