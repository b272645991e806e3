/** Results of several lessons in the order in which they came back: what gets better, and what stays. */
import { NO_ANSWER, OTHER_ANSWER } from '../practice/diagnose';
import type { Results } from './results-of';

export interface LessonResults {
  readonly lesson: string;
  readonly title: string;
  /** When the last slip was written, in minutes since 1970; 0 where no slip says so. */
  readonly at: number;
  readonly results: Results;
}

export interface Step {
  readonly lesson: string;
  readonly title: string;
  readonly at: number;
  /** Share of the marks, 0 to 1. */
  readonly share: number;
}

export interface LearnerOverTime {
  readonly learner: string;
  readonly steps: readonly Step[];
  /** Errors that were made in more than one lesson, the commonest first. */
  readonly lasting: readonly {
    readonly error: string;
    readonly lessons: number;
    readonly count: number;
  }[];
}

export interface OverTime {
  /** Of the whole class, by lesson. */
  readonly steps: readonly (Step & { readonly learners: number })[];
  readonly learners: readonly LearnerOverTime[];
}

const shareOf = (parts: readonly { readonly score: number; readonly outOf: number }[]) => {
  const outOf = parts.reduce((sum, part) => sum + part.outOf, 0);
  return outOf === 0 ? 0 : parts.reduce((sum, part) => sum + part.score, 0) / outOf;
};

/** Lessons from which nothing came back are left out. */
export function overTime(lessons: readonly LessonResults[]): OverTime {
  const came = lessons
    .filter(({ results }) => results.learners.length > 0)
    .sort((one, other) => one.at - other.at);
  const stepOf = ({ lesson, title, at }: LessonResults, share: number): Step => ({
    lesson,
    title,
    at,
    share,
  });
  const names = [
    ...new Set(came.flatMap(({ results }) => results.learners.map(({ learner }) => learner))),
  ].sort((one, other) => one.localeCompare(other));
  return {
    steps: came.map((each) => ({
      ...stepOf(each, shareOf(each.results.learners)),
      learners: each.results.learners.length,
    })),
    learners: names.map((learner) => {
      const errors = new Map<string, { lessons: number; count: number }>();
      const steps = came.flatMap((each) => {
        const own = each.results.learners.find((one) => one.learner === learner);
        for (const { error, count } of own?.errors ?? []) {
          if (error === NO_ANSWER || error === OTHER_ANSWER) continue;
          const before = errors.get(error) ?? { lessons: 0, count: 0 };
          errors.set(error, { lessons: before.lessons + 1, count: before.count + count });
        }
        return own ? [stepOf(each, shareOf([own]))] : [];
      });
      return {
        learner,
        steps,
        lasting: [...errors]
          .filter(([, { lessons: often }]) => often > 1)
          .map(([error, each]) => ({ error, ...each }))
          .sort((one, other) => other.lessons - one.lessons || other.count - one.count),
      };
    }),
  };
}
