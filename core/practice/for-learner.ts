/** An exercise as a learner gets it who answers on a screen: no answer, key, reason or setting in it. */
import { learnerCopy, type Task } from '../exercises/interactions';
import { spokenOf, type SpokenText } from './spoken';
import type { TextMaterial } from '../texts/reading/text-material';
import type { AlsoSaid } from '../exercises/making/said-at-home';
import type { Exercise } from '../exercises/making/exercise';

/** What a screen needs of an exercise, and no more. */
export interface LearnerExercise {
  readonly title: string;
  readonly instruction: string;
  readonly also?: AlsoSaid;
  readonly language: string;
  readonly task: Task;
  /** What is read out for an item, by its id; only where it marks itself. */
  readonly spoken?: Readonly<Record<string, SpokenText>>;
  /** The same made with another seed: items for another round; only where it marks itself. */
  readonly spare?: Task;
  /** What is read before the items. */
  readonly reading?: { readonly title: string; readonly body: string };
}

/**
 * The exercise for a learner.
 *
 * @param text what it is made from, where it is not printed above it on paper
 * @param spare its task made with another seed, for another round of what was wrong
 * @param answers true where it marks itself on the learner's device: then the whole task is in it
 */
export function forLearner(
  exercise: Exercise,
  answers = false,
  text: Pick<TextMaterial, 'title' | 'body'> | undefined = exercise.reading,
  spare?: Task,
): LearnerExercise {
  const { title, screenInstruction, also, language, task } = exercise;
  return {
    title,
    instruction: screenInstruction,
    ...(also ? { also } : {}),
    language,
    task: answers ? task : learnerCopy(task),
    ...(answers && Object.keys(spokenOf(task)).length > 0 ? { spoken: spokenOf(task) } : {}),
    ...(answers && spare ? { spare } : {}),
    ...(text ? { reading: { title: text.title, body: text.body } } : {}),
  };
}
