/** What every page of a lesson, a text or a class begins with: it is there, and its class is in focus. */
import { data, redirect } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import type { Lesson } from '~core/records/lesson';
import type { TextRecord } from '~core/records/text-record';
import { focusOn, record } from '~/storage/repository';
import { t } from '~/phrases/t';

/** @throws a redirect to the same page where another class was in focus until now */
async function inFocus(classId: string, { url }: Request): Promise<void> {
  const { pathname, search } = new URL(url);
  if (await focusOn(classId)) throw redirect(pathname + search);
}

/** @throws a response of 404 where the lesson is not here */
export async function openLesson(
  id: string,
  request: Request,
): Promise<{ lesson: Lesson; profile: ClassProfile }> {
  const lesson = await record('lessons', id);
  const profile = lesson ? await record('classes', lesson.classId) : undefined;
  if (!lesson || !profile) {
    throw data(t('page.thisLessonIsNotHere'), { status: 404 });
  }
  await inFocus(profile.id, request);
  return { lesson, profile };
}

/** @throws a response of 404 where the text is not here */
export async function openText(
  id: string,
  request: Request,
): Promise<{ text: TextRecord; profile: ClassProfile }> {
  const text = await record('texts', id);
  const profile = text ? await record('classes', text.classId) : undefined;
  if (!text || !profile) {
    throw data(t('page.thisTextIsNotHere'), { status: 404 });
  }
  await inFocus(profile.id, request);
  return { text, profile };
}

/** @throws a response of 404 where the class is not here */
export async function openClass(id: string, request: Request): Promise<ClassProfile> {
  const profile = await record('classes', id);
  if (!profile) throw data(t('page.thisClassIsNotHere'), { status: 404 });
  await inFocus(profile.id, request);
  return profile;
}
