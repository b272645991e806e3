import type { ClassProfile } from '~core/classes/class-profile';
import { besideWords } from '~core/lists/beside-words';
import { partsOf, type Lesson } from '~core/records/lesson';
import { readSlip, type Slip } from '~core/practice/slip';
import { resultsOf } from '~core/results/results-of';
import { materialOf } from '~core/texts/reading/text-material';
import { listsOfClass, textsOfClass } from '~/storage/repository';
import { engine } from '~/workers/engine.client';
import type { PartContext } from '~/workers/part-builder';
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

/** The exercises of a lesson that can be made, as they are now. */
export async function madeExercises(lesson: Lesson, context: PartContext): Promise<MadeExercise[]> {
  const made = await Promise.all(
    partsOf(lesson)
      .filter(({ kind }) => kind === 'exercise')
      .map(async (part): Promise<MadeExercise | undefined> => {
        const built = await engine().build(part, context);
        if ('broken' in built || built.exercise.short !== undefined) return undefined;
        const { title, task } = built.exercise;
        return { id: part.id, title, task, part };
      }),
  );
  return made.flatMap((each) => each ?? []);
}

export const slipsOf = ({ slips = [] }: Lesson): Slip[] =>
  slips.flatMap((code) => {
    const slip = readSlip(code);
    return 'error' in slip ? [] : [slip];
  });

/** A lesson with its exercises and what came back of it. */
export async function withResults(lesson: Lesson, context: PartContext) {
  const exercises = await madeExercises(lesson, context);
  const slips = slipsOf(lesson);
  return {
    lesson,
    exercises,
    at: Math.max(0, ...slips.map(({ at = 0 }) => at)),
    results: resultsOf(slips, { id: lesson.id, title: lesson.title, exercises }),
  };
}
