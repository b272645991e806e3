/** A lesson as it goes into a room: its exercises for the class without their keys, and whole for the teacher. */
import type { ClassProfile } from '~core/classes/class-profile';
import { learnerCopy } from '~core/exercises/interactions';
import { forLearner } from '~core/practice/for-learner';
import { printOf } from '~core/practice/slip';
import { partsOf, type Lesson } from '~core/records/lesson';
import { partTitle } from '~core/records/part-title';
import type { GivenExercise } from '~core/results/results-of';
import type { RoomContent } from '~core/room/show';
import { engine } from '~/workers/engine.client';
import { contextOf } from '~/workspaces/results/made-exercises';
import { screenTextOf } from '~/workspaces/lesson/screen-text';

export interface RoomLesson {
  readonly lesson: Lesson;
  readonly profile: ClassProfile;
  readonly content: RoomContent;
  /** With their keys; they stay in this browser. */
  readonly exercises: readonly GivenExercise[];
  /** The words of its exercises. */
  readonly words: readonly string[];
  /** Exercises that could not be made, by name. */
  readonly left: readonly string[];
}

export async function roomLesson(lesson: Lesson, profile: ClassProfile): Promise<RoomLesson> {
  const context = await contextOf(profile);
  const left: string[] = [];
  const made = await Promise.all(
    partsOf(lesson)
      .filter(({ kind }) => kind === 'exercise')
      .map(async (part) => {
        const built = await engine().build(part, context);
        if ('broken' in built || built.exercise.short !== undefined) {
          left.push(partTitle(part));
          return [];
        }
        const { exercise } = built;
        const open = { ...built, part };
        return [
          {
            id: part.id,
            title: exercise.title,
            task: exercise.task,
            learner: forLearner(exercise, false, screenTextOf(open, context)),
          },
        ];
      }),
  );
  const exercises = made.flat();
  const names = profile.roster.map(({ name }) => name);
  return {
    lesson,
    profile,
    left,
    words: [...new Set(partsOf(lesson).flatMap(({ words }) => words))],
    exercises: exercises.map(({ id, title, task }) => ({ id, title, task })),
    content: {
      title: lesson.title,
      className: profile.name,
      exercises: exercises.map(({ id, task, learner }) => ({
        id,
        print: printOf(learnerCopy(task)),
        exercise: learner,
      })),
      ...(names.length > 0 ? { names } : {}),
    },
  };
}
