/** Functions for scripts about answers: what a learner gets, slips, errors by their names, results. */
import type { Exercise } from '../exercises/making/exercise';
import { makeExercise, type ExerciseRecipe } from '../exercises/make-exercise';
import type { MarkableItem } from '../exercises/mark-item';
import { diagnose as diagnoseItem } from '../practice/diagnose';
import { forLearner as copyFor } from '../practice/for-learner';
import { simulate as simulateTask, type SimulatedLearner } from '../practice/simulated-learner';
import { readSlip as read, writeSlip as write, type Slip } from '../practice/slip';
import { nextPractice as next } from '../results/next-practice';
import { resultsOf as results, type GivenExercise, type Results } from '../results/results-of';
import type { Task } from '../exercises/interactions';
import { loadedLexicon, loadedMeanings } from './loaded';

/** The exercise as a learner gets it; with `answers` true it can mark itself. */
export function forLearner({
  exercise,
  answers = false,
}: {
  exercise: Exercise;
  answers?: boolean;
}) {
  return copyFor(exercise, answers);
}

/** A slip as a string in groups of four with check signs. */
export function writeSlip(slip: Slip) {
  return { slip: write(slip) };
}

/** What a slip holds, or `{error}`. */
export function readSlip({ slip }: { slip: string }) {
  return read(slip);
}

/** The errors that a response shows, by their names, with rule and next practice. */
export function diagnose({ item, response }: { item: MarkableItem; response: unknown }) {
  return { errors: diagnoseItem(item, response) };
}

/** What a simulated learner answers: the same for the same seed. */
export function simulate({
  task,
  learner,
  seed = 1,
}: {
  task: Task;
  learner: SimulatedLearner;
  seed?: number;
}) {
  return { response: simulateTask(task, learner, seed) };
}

type StoredPart = ExerciseRecipe & { readonly id: string; readonly kind: string };

/** A lesson as it is stored, or with its exercises as they were made. */
interface LessonGiven {
  readonly id: string;
  readonly title?: string;
  readonly stages?: readonly { readonly parts: readonly StoredPart[] }[];
  readonly exercises?: readonly {
    readonly id: string;
    readonly title?: string;
    readonly task?: Task;
    readonly exercise?: Exercise;
  }[];
  readonly learners?: readonly string[];
}

function exercisesOf({ stages = [], exercises = [] }: LessonGiven): GivenExercise[] {
  const stored = stages
    .flatMap(({ parts }) => parts)
    .filter(({ kind }) => kind === 'exercise')
    .map((part) => {
      const { title, task } = makeExercise(part, loadedLexicon(), loadedMeanings());
      return { id: part.id, title, task };
    });
  const made = exercises.flatMap(({ id, title, task, exercise }): GivenExercise[] => {
    const its = task ?? exercise?.task;
    return its ? [{ id, title: title ?? exercise?.title ?? id, task: its }] : [];
  });
  return [...stored, ...made];
}

/** The results of a lesson from slips, as strings or as read; what cannot be read is said. */
export function resultsOf({
  slips,
  lesson,
}: {
  slips: readonly (string | Slip | { readonly slip: string })[];
  lesson: LessonGiven;
}) {
  const unread: string[] = [];
  const known = slips.flatMap((each, index): Slip[] => {
    const text = typeof each === 'string' ? each : 'slip' in each ? each.slip : undefined;
    const slip = text === undefined ? (each as Slip) : read(text);
    if (!('error' in slip)) return [slip];
    unread.push(`Slip ${index + 1}: ${slip.error}`);
    return [];
  });
  const { id, title = id, learners } = lesson;
  const found = results(known, {
    id,
    title,
    exercises: exercisesOf(lesson),
    ...(learners ? { learners } : {}),
  });
  return { ...found, problems: [...unread, ...found.problems] };
}

/** What a learner should practise next. */
export function nextPractice({ results: given, learner }: { results: Results; learner: string }) {
  return next(given, learner);
}
