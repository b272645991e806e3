import type { Behaviour } from '~core/kernel/behaviour';
import { interactionOf, markTask, type Task } from '~core/exercises/interactions';
import type { Mark, Verdict } from '~core/exercises/interactions/kit/verdict';
import type { Spoken } from '~core/practice/recording';
import type { CardState } from '~core/practice/spaced';
import type { AnyResponse } from './Face';

/** What is kept of cards beside what was answered. */
export interface CardProgress {
  readonly states: Readonly<Record<string, CardState>>;
  /** Cards that the learner has marked as hard. */
  readonly hard: readonly string[];
  /** The best time of a race, in seconds. */
  readonly best?: number;
}

/** How far a learner is with one exercise. */
export interface Progress {
  readonly response: AnyResponse;
  /** How often it was checked. */
  readonly tried: number;
  /** The verdicts stand beside the items. */
  readonly checked: boolean;
  /** The answers were shown: nothing can be changed any more. */
  readonly shown: boolean;
  /** When the first answer was given and when it was done, in milliseconds since 1970. */
  readonly started?: number;
  readonly ended?: number;
  readonly cards?: CardProgress;
  /** What was said, by the ids of the items. */
  readonly recordings?: Readonly<Record<string, Spoken>>;
}

export const begun: Progress = { response: {}, tried: 0, checked: false, shown: false };

export interface Standing {
  readonly mark: Mark | undefined;
  /** Everything is right. */
  readonly done: boolean;
  /** Nothing can be changed any more. */
  readonly locked: boolean;
  /** What is said: of an item that is still empty nothing but that it is. */
  readonly said: readonly Verdict[];
  readonly empty: number;
}

/** The answers as far as they count as given: in an exercise that is marked at once, not what is being written. */
export function standingOf(
  task: Task,
  { response, checked, shown }: Progress,
  { feedback }: Behaviour,
  settled: AnyResponse,
): Standing {
  const once = feedback === 'once';
  const judged = checked || shown || (once && Object.keys(settled).length > 0);
  const mark = judged ? markTask(task, checked || shown ? response : settled) : undefined;
  const said = (mark?.verdicts ?? []).filter(
    ({ right, given }) =>
      shown || right || given.trim() !== '' || (task.interaction === 'spot' && !once),
  );
  const done = mark !== undefined && mark.outOf > 0 && mark.score === mark.outOf;
  return {
    mark,
    done,
    locked: shown || done || (feedback === 'end' && checked),
    said,
    empty: (mark?.verdicts.length ?? 0) - said.length,
  };
}

/** True where something of a task is computed. */
export const hasMarks = (task: Task) =>
  interactionOf(task).size(task) > 0 && markTask(task, {}).outOf > 0;
