/** A lesson as far as loose pieces need it: its exercises made, its words and their pictures. */
import type { ClassProfile } from '~core/classes/class-profile';
import type { Task } from '~core/exercises/interactions';
import { partsOf, type Lesson } from '~core/records/lesson';
import { engine } from '~/workers/engine.client';
import { isBroken, isExercise } from '~/workspaces/lesson/built-part';
import { contextOf } from '~/workspaces/results/made-exercises';

export interface LaidExercise {
  readonly id: string;
  readonly title: string;
  readonly task: Task;
  readonly words: readonly string[];
  readonly seed: number;
}

export interface PieceLesson {
  readonly exercises: readonly LaidExercise[];
  readonly words: readonly string[];
  readonly pictures: Readonly<Record<string, string>>;
}

export async function pieceLesson(lesson: Lesson, profile: ClassProfile): Promise<PieceLesson> {
  const context = await contextOf(profile);
  const parts = partsOf(lesson).filter(({ kind }) => kind === 'exercise');
  const made = await Promise.all(
    parts.map(async (part) => ({ part, ...(await engine().build(part, context)) })),
  );
  const whole = made.flatMap((built) =>
    !isBroken(built) && isExercise(built) && built.exercise.short === undefined ? [built] : [],
  );
  return {
    exercises: whole.map(({ part, exercise }) => ({
      id: part.id,
      title: exercise.title,
      task: exercise.task,
      words: part.words,
      seed: part.seed,
    })),
    words: [...new Set(parts.flatMap(({ words }) => words))],
    pictures: Object.assign({}, ...whole.map(({ exercise }) => exercise.pictures ?? {})) as Record<
      string,
      string
    >,
  };
}
