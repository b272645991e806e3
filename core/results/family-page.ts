/** What a family is told of a learner's work: what went well, and what can be practised at home. No rank, no grade. */
import { keyedItems } from '../exercises/interactions';
import type { GivenExercise, LearnerResult } from './results-of';

export interface FamilyPage {
  readonly learner: string;
  readonly score: number;
  readonly outOf: number;
  /** Words that were right, and words to practise; a word that was wrong once is to be practised. */
  readonly right: readonly string[];
  readonly practise: readonly string[];
  /** The errors with their rules, as the lesson’s language says them. */
  readonly errors: LearnerResult['errors'];
}

/** A rule that says something by itself: not the signs of sounds, and not of one word alone. */
const isForFamilies = (rule: string) => rule !== '' && !/\/.+\/|^Here the /.test(rule);

/** Words that a page names: more are not read. */
const MOST_WORDS = 12;
const MOST_ERRORS = 3;

export function familyPage(
  { learner, score, outOf, items, errors }: LearnerResult,
  exercises: readonly GivenExercise[],
): FamilyPage {
  const wordOf = (exercise: string, item: string) => {
    const task = exercises.find(({ id }) => id === exercise)?.task;
    return task ? (keyedItems(task).find(({ id }) => id === item)?.word ?? '') : '';
  };
  const words = (right: boolean) => [
    ...new Set(
      items
        .filter((item) => item.right === right && item.outOf > 0)
        .map(({ exercise, item }) => wordOf(exercise, item))
        .filter((word) => word !== '' && word.length <= 30),
    ),
  ];
  const practise = words(false);
  return {
    learner,
    score,
    outOf,
    right: words(true)
      .filter((word) => !practise.includes(word))
      .slice(0, MOST_WORDS),
    practise: practise.slice(0, MOST_WORDS),
    errors: errors.filter(({ rule }) => isForFamilies(rule)).slice(0, MOST_ERRORS),
  };
}
