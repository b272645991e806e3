/** What learners hand in comes and goes as one change: the slips of a lesson, and what was said with them. */
import { readRecordings } from '~core/practice/recording';
import { readSlip } from '~core/practice/slip';
import type { RecordingRecord } from '~core/records/recording-record';
import { codesIn, receiveSlips } from '~core/results/receive-slips';
import { newId } from '~/operations/operation';
import { change, type Writer } from './change';
import { database } from './database';
import { t } from '~/phrases/t';

/** The recordings of a lesson, oldest first. */
export const recordingsOf = (lessonId: string): Promise<RecordingRecord[]> =>
  database.recordings.where('lessonId').equals(lessonId).toArray();

const learnerOf = (code: string) => {
  const slip = readSlip(code);
  return 'error' in slip ? undefined : slip.learner;
};

/** Keeps what was said with one slip; what the same learner said before to the same item goes. */
async function keepRecordings(
  { put, remove, ofClass }: Writer,
  lesson: { readonly id: string; readonly classId: string },
  learner: string,
  text: string,
): Promise<number> {
  const { recordings } = readRecordings(text);
  if (recordings.length === 0) return 0;
  const before = (await ofClass('recordings', lesson.classId)).filter(
    (each) => each.lessonId === lesson.id && each.learner === learner,
  );
  for (const each of recordings) {
    for (const old of before) {
      if (old.exercise === each.exercise && old.item === each.item) {
        await remove('recordings', old.id);
      }
    }
    await put('recordings', {
      ...each,
      id: newId(),
      classId: lesson.classId,
      lessonId: lesson.id,
      learner,
    });
  }
  return recordings.length;
}

/** Takes slips in; says what came of it, in sentences. */
export async function handIn(id: string, texts: readonly string[]): Promise<string[]> {
  let label = '';
  const read = texts.map((text) => ({ text, ...readRecordings(text) }));
  return change(
    () => label,
    async (write) => {
      const lesson = await write.get('lessons', id);
      const { taken, refused } = receiveSlips(
        read.map(({ rest }) => rest),
        id,
        lesson.slips ?? [],
      );
      const came = t('storage.1SlipIsTakenIn', { count: taken.length });
      const notes = [
        taken.length === 0 ? t('storage.noSlipIsTakenIn') : came,
        ...refused,
        ...read.flatMap((each) => each.refused),
      ];
      if (taken.length === 0) return notes;
      label = t('storage.tookInASlip', { count: taken.length });
      let said = 0;
      for (const { text, rest } of read) {
        const code = codesIn(rest).find((each) => taken.includes(each));
        const learner = code === undefined ? undefined : learnerOf(code);
        if (learner !== undefined) said += await keepRecordings(write, lesson, learner, text);
      }
      await write.put('lessons', { ...lesson, slips: [...(lesson.slips ?? []), ...taken] });
      if (said > 0) notes.push(t('storage.1RecordingIsWithThem', { count: said }));
      return notes;
    },
  );
}

/** Takes out the slips of one learner, or all where no name is given, with what was said. */
export const takeOutSlips = (id: string, learner: string): Promise<void> =>
  change(
    learner === '' ? t('storage.tookOutAllSlips') : t('storage.tookOutTheSlipsOf', { learner }),
    async ({ get, put, remove, ofClass }) => {
      const { slips = [], ...lesson } = await get('lessons', id);
      const left = learner === '' ? [] : slips.filter((code) => learnerOf(code) !== learner);
      await put('lessons', left.length > 0 ? { ...lesson, slips: left } : lesson);
      for (const each of await ofClass('recordings', lesson.classId)) {
        if (each.lessonId === id && (learner === '' || each.learner === learner)) {
          await remove('recordings', each.id);
        }
      }
    },
  );
