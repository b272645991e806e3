/** Lessons of the demo: their exercises and sheets, and the parts of their stages. */
import { stageIds, type Lesson, type LessonPart, type StageId } from '../records/lesson';

export const exercisePart = (
  id: string,
  maker: string,
  seed: number,
  parameters: LessonPart['parameters'] = {},
  words: string[] = [],
): LessonPart => ({ id, kind: 'exercise', text: '', maker, words, parameters, seed });

export const sheetPart = (
  id: string,
  title: string,
  blocks: NonNullable<LessonPart['blocks']>,
): LessonPart => ({
  id,
  kind: 'sheet',
  text: title,
  maker: '',
  words: [],
  parameters: {},
  seed: 1,
  blocks,
});

/** A lesson from the parts of its stages. */

export function lessonOf(
  id: string,
  classId: string,
  title: string,
  objective: string,
  parts: Partial<Record<StageId, LessonPart[]>>,
): Lesson {
  const minutes = { 'get-ready': 5, show: 10, together: 15, alone: 15, 'look-back': 5 };
  const stages = stageIds.map((stage) => ({
    id: stage,
    minutes: minutes[stage],
    parts: parts[stage] ?? [],
  }));
  return { id, classId, title, objective, stages };
}
