/** Exercises of a package that was read in: a new lesson of the class that is worked with. */
import type { ReadQti } from '~core/records/exchange/read-qti';
import { usualMinutes } from '~core/lessons/start-lesson';
import { Lesson, stageIds } from '~core/records/lesson';
import { ChangeError, newId } from '~/operations/operation';
import { focusClass } from './repository';
import { createLesson } from './whole-records';
import { t } from '~/phrases/t';

/** What is left out is said one by one up to here. */
const MOST_SAID = 8;

/** Makes the lesson; gives what came of it in sentences. */
export async function keepExercises({ title, parts, left }: ReadQti): Promise<string[]> {
  const profile = await focusClass();
  if (profile === undefined) {
    throw new ChangeError(t('storage.makeAClassFirstThe'));
  }
  const lesson = Object.assign(new Lesson(), {
    id: newId(),
    classId: profile.id,
    title,
    objective: '',
    stages: stageIds.map((id) => ({
      id,
      minutes: usualMinutes[id],
      parts: id === 'alone' ? parts.slice(0, 40).map((part) => ({ ...part, id: newId() })) : [],
    })),
  });
  await createLesson(lesson);
  const more = left.length - MOST_SAID;
  return [
    t('storage.readInAsTheLesson', { count: parts.length, title, name: profile.name }),
    ...left.slice(0, MOST_SAID),
    ...(more > 0 ? [t('storage.moreWereLeftOut', { more })] : []),
  ];
}
