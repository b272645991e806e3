/** An exercise as a learner gets it who answers on a screen: no answer, key, reason or setting in it. */
import { learnerCopy, type Task } from '../exercises/interactions';
import type { Exercise } from '../exercises/making/exercise';

/** What a screen needs of an exercise, and no more. */
export interface LearnerExercise {
  readonly title: string;
  readonly instruction: string;
  readonly language: string;
  readonly task: Task;
  /** What is read before the items. */
  readonly reading?: { readonly title: string; readonly body: string };
}

/**
 * The exercise for a learner.
 *
 * @param answers true where it marks itself on the learner's device: then the whole task is in it
 */
export function forLearner(exercise: Exercise, answers = false): LearnerExercise {
  const { title, screenInstruction, language, task, reading } = exercise;
  return {
    title,
    instruction: screenInstruction,
    language,
    task: answers ? task : learnerCopy(task),
    ...(reading ? { reading: { title: reading.title, body: reading.body } } : {}),
  };
}
