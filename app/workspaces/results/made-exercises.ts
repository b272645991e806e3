import type { ClassProfile } from '~core/classes/class-profile';
import { besideWords } from '~core/lists/beside-words';
import { learnerCopy, type Task } from '~core/exercises/interactions';
import { otherVersions } from '~core/kernel/version';
import { partsOf, type Lesson, type LessonPart } from '~core/records/lesson';
import { slipsOf } from '~core/lessons/due';
import { printOf } from '~core/practice/slip';
import { resultsOf } from '~core/results/results-of';
import { materialOf } from '~core/texts/reading/text-material';
import { listsOfClass, textsOfClass } from '~/storage/repository';
import { engine } from '~/workers/engine.client';
import type { PartContext } from '~/workers/part-maker';
import type { MadeExercise } from './ResultsWorkspace';

/** What the exercises of a class are made with. */
export async function contextOf(profile: ClassProfile): Promise<PartContext> {
  const [lists, texts] = await Promise.all([listsOfClass(profile.id), textsOfClass(profile.id)]);
  return {
    profile,
    footer: '',
    beside: besideWords(lists),
    texts: Object.fromEntries(texts.map((text) => [text.id, materialOf(text)])),
  };
}

/** The exercise as it is made for those who need less, or more; none where it cannot be. */
export async function versionsOf(part: LessonPart, context: PartContext): Promise<Task[]> {
  const made = await Promise.all(
    otherVersions.map(async (version) => {
      const parameters = { ...part.parameters, version };
      const built = await engine().build({ ...part, parameters }, context);
      return 'broken' in built || built.exercise.short !== undefined ? [] : [built.exercise.task];
    }),
  );
  return made.flat();
}

/**
 * The exercises of a lesson that can be made, as they are now.
 *
 * @param prints the makings that were answered: one that is not the usual is looked for among the versions
 */
export async function madeExercises(
  lesson: Lesson,
  context: PartContext,
  prints: ReadonlySet<string> = new Set(),
): Promise<MadeExercise[]> {
  const unknown = new Set(prints);
  const made = await Promise.all(
    partsOf(lesson)
      .filter(({ kind }) => kind === 'exercise')
      .map(async (part): Promise<MadeExercise | undefined> => {
        const built = await engine().build(part, context);
        if ('broken' in built || built.exercise.short !== undefined) return undefined;
        const { title, task } = built.exercise;
        unknown.delete(printOf(learnerCopy(task)));
        return { id: part.id, title, task, part };
      }),
  );
  const exercises = made.flatMap((each) => each ?? []);
  if (unknown.size === 0) return exercises;
  return Promise.all(
    exercises.map(async (each) => ({ ...each, versions: await versionsOf(each.part, context) })),
  );
}

/** A lesson with its exercises and what came back of it. */
export async function withResults(lesson: Lesson, context: PartContext) {
  const slips = slipsOf(lesson);
  const prints = slips.flatMap(({ answers }) => answers.flatMap(({ print }) => print ?? []));
  const exercises = await madeExercises(lesson, context, new Set(prints));
  return {
    lesson,
    exercises,
    at: Math.max(0, ...slips.map(({ at = 0 }) => at)),
    results: resultsOf(slips, { id: lesson.id, title: lesson.title, exercises }),
  };
}
