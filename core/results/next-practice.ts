/** What a learner should practise next, from the results of a lesson: the words that were wrong, by error. */
import { NO_ANSWER } from '../practice/diagnose';
import type { Results } from './results-of';

export interface NextPractice {
  readonly learner: string;
  /** Ids of the exercises that had errors, the one with most first. */
  readonly exercises: readonly {
    readonly exercise: string;
    /** The items to be made again with others of their kind. */
    readonly items: readonly string[];
    /** What was expected there: words to practise. */
    readonly words: readonly string[];
  }[];
  readonly errors: readonly {
    readonly error: string;
    readonly count: number;
    readonly rule: string;
  }[];
  /** In a sentence. */
  readonly says: string;
}

/** Nothing to practise is said too. */
export function nextPractice(results: Results, learner: string): NextPractice {
  const found = results.learners.find((each) => each.learner === learner);
  const wrong = found?.items.filter(({ right }) => !right) ?? [];
  const ids = [...new Set(wrong.map(({ exercise }) => exercise))];
  const exercises = ids
    .map((exercise) => {
      const own = wrong.filter((each) => each.exercise === exercise);
      return {
        exercise,
        items: own.map(({ item }) => item),
        words: [...new Set(own.map(({ expected }) => expected))],
      };
    })
    .sort((one, other) => other.items.length - one.items.length);
  const errors = found?.errors ?? [];
  const [most] = errors.filter(({ error }) => error !== NO_ANSWER);
  const empty = errors.find(({ error }) => error === NO_ANSWER)?.count ?? 0;
  return {
    learner,
    exercises,
    errors,
    says:
      found === undefined
        ? `Nothing has come back from ${learner} yet.`
        : most === undefined && empty > 0
          ? `${learner} left ${empty === 1 ? 'one item' : `${empty} items`} empty: ask ${empty === 1 ? 'it' : 'them'} again.`
          : most === undefined
            ? `${learner} has everything right: something harder can come next.`
            : `${learner} ${most.count > 1 ? `${most.count} times` : 'once'}: ${most.error}. ${most.rule}`.trim(),
  };
}
