/** A lesson of the demo from the parts of its stages. */
import { stageIds, type Lesson, type LessonPart, type StageId } from '../lessons/lesson';

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
