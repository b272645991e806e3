/** A lesson as it goes into a room: its exercises for the class without their keys, and whole for the teacher. */
import type { ClassProfile } from '~core/classes/class-profile';
import { learnerCopy, type Task } from '~core/exercises/interactions';
import type { Exercise } from '~core/exercises/making/exercise';
import type { OtherVersion } from '~core/kernel/version';
import { forLearner, type LearnerExercise } from '~core/practice/for-learner';
import { printOf } from '~core/practice/slip';
import { partsOf, type Lesson, type LessonPart } from '~core/records/lesson';
import { partTitle } from '~core/records/part-title';
import type { GivenExercise } from '~core/results/results-of';
import type { RoomContent, RoomExercise } from '~core/room/show';
import { engine } from '~/workers/engine.client';
import type { PartContext } from '~/workers/part-maker';
import { contextOf } from '~/workspaces/results/made-exercises';
import { screenTextOf } from '~/workspaces/lesson/screen-text';
import { t } from '~/phrases/t';

export interface RoomLesson {
  readonly lesson: Lesson;
  readonly profile: ClassProfile;
  readonly content: RoomContent;
  /** With their keys; they stay in this browser. */
  readonly exercises: readonly GivenExercise[];
  /** The words of its exercises. */
  readonly words: readonly string[];
  /** By exercise, the words it was made from; absent where it was made from none. */
  readonly wordsOf: Readonly<Record<string, readonly string[]>>;
  /** Exercises that could not be made, by name. */
  readonly left: readonly string[];
  /** Pictures on which something can be found: the teacher's own first, then those of words. */
  readonly pictures: readonly RoomPicture[];
  /** Makes the exercises for some learners: with support, or with more to do. */
  readonly versions: () => Promise<RoomVersions>;
}

export interface RoomPicture {
  readonly name: string;
  /** Name of a shipped picture, or a data URL. */
  readonly picture: string;
}

/** By version, the exercises that can be made so, without and with their keys. */
export interface RoomVersions {
  readonly content: Readonly<Record<OtherVersion, readonly RoomExercise[]>>;
  /** By exercise. */
  readonly tasks: Readonly<Record<string, readonly Task[]>>;
}

interface Made {
  readonly id: string;
  readonly title: string;
  readonly task: Task;
  readonly learner: LearnerExercise;
  readonly pictures: readonly RoomPicture[];
}

/** The teacher's own picture that something is found on, and the pictures of the words. */
function picturesOf({ task, pictures = {} }: Exercise): RoomPicture[] {
  const backdrop = task.interaction === 'point' ? task.scene.backdrop : undefined;
  return [
    ...(backdrop
      ? [{ name: backdrop.shows || t('room.yourPicture'), picture: backdrop.picture }]
      : []),
    ...Object.entries(pictures).map(([name, picture]) => ({ name, picture })),
  ];
}

async function made(part: LessonPart, context: PartContext): Promise<Made | undefined> {
  const built = await engine().build(part, context);
  if ('broken' in built || built.exercise.short !== undefined) return undefined;
  const { exercise } = built;
  return {
    id: part.id,
    title: exercise.title,
    task: exercise.task,
    learner: forLearner(exercise, false, screenTextOf({ ...built, part }, context)),
    pictures: picturesOf(exercise),
  };
}

const inRoom = ({ id, task, learner }: Made): RoomExercise => ({
  id,
  print: printOf(learnerCopy(task)),
  exercise: learner,
});

async function versionsFor(
  parts: readonly LessonPart[],
  context: PartContext,
): Promise<RoomVersions> {
  const of = async (version: OtherVersion) => {
    const all = await Promise.all(
      parts.map((part) => made({ ...part, parameters: { ...part.parameters, version } }, context)),
    );
    return all.flatMap((each) => each ?? []);
  };
  const [support, stretch] = await Promise.all([of('support'), of('stretch')]);
  const tasks: Record<string, Task[]> = {};
  for (const { id, task } of [...support, ...stretch]) (tasks[id] ??= []).push(task);
  return { content: { support: support.map(inRoom), stretch: stretch.map(inRoom) }, tasks };
}

export async function roomLesson(lesson: Lesson, profile: ClassProfile): Promise<RoomLesson> {
  const context = await contextOf(profile);
  const parts = partsOf(lesson).filter(({ kind }) => kind === 'exercise');
  const all = await Promise.all(parts.map((part) => made(part, context)));
  const left = parts.filter((_, at) => all[at] === undefined).map(partTitle);
  const exercises = all.flatMap((each) => each ?? []);
  const names = profile.roster.map(({ name }) => name);
  return {
    lesson,
    profile,
    left,
    pictures: [
      ...new Map(
        exercises.flatMap(({ pictures }) => pictures).map((each) => [each.picture, each] as const),
      ).values(),
    ],
    versions: () => versionsFor(parts, context),
    words: [...new Set(partsOf(lesson).flatMap(({ words }) => words))],
    wordsOf: Object.fromEntries(
      parts.flatMap(({ id, words }) => (words.length > 0 ? [[id, words]] : [])),
    ),
    exercises: exercises.map(({ id, title, task }) => ({ id, title, task })),
    content: {
      title: lesson.title,
      className: profile.name,
      exercises: exercises.map(inRoom),
      ...(names.length > 0 ? { names } : {}),
    },
  };
}
