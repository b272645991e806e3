/** What the key of an exercise says, for tests that hold it against what is known from elsewhere. */
import { keyedItems, type Task } from '../exercises/interactions';
import type { ExerciseParameters } from '../exercises/making/exercise';
import { makeExercise } from '../exercises/make-exercise';
import { testLexicon, testMeanings } from './test-lexicon';

/** The exercise that a maker gives of these words, with the data of the tests and the same seed. */
export const exerciseOf = (
  maker: string,
  words: readonly string[],
  parameters: ExerciseParameters = {},
  seed = 11,
) => makeExercise({ maker, words, parameters, seed }, testLexicon(), testMeanings());

/** Each word with one thing that the key says of it. A word that is asked twice keeps its last. */
const saidOf =
  (what: 'answer' | 'reason') =>
  (
    maker: string,
    words: readonly string[],
    parameters: ExerciseParameters = {},
  ): Readonly<Record<string, string>> =>
    Object.fromEntries(
      keyedItems(exerciseOf(maker, words, parameters).task).map((item) => [item.word, item[what]]),
    );

/** Each word with its answer. */
export const keyOf = saidOf('answer');

/** Each word with the reason that the key gives. */
export const reasonsOf = saidOf('reason');

/** The task, known to be of one interaction. */
export function taskOf<Name extends Task['interaction']>(
  interaction: Name,
  ...recipe: Parameters<typeof exerciseOf>
): Extract<Task, { interaction: Name }> {
  const { task } = exerciseOf(...recipe);
  if (task.interaction !== interaction) throw new Error(`${recipe[0]} makes a ${task.interaction}`);
  return task as Extract<Task, { interaction: Name }>;
}
