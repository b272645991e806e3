import type { ClassProfile } from '~core/classes/class-profile';
import type { Task } from '~core/exercises/interactions';
import { materialSays, materialsOf } from '~core/plan/materials';
import type { PlannedLesson } from '~core/plan/plan-document';
import { stageNames, type Lesson, type LessonPart } from '~core/records/lesson';
import { standardId, type Standard } from '~core/standards/standard';

/** A part of the lesson as far as its plan asks. */
export interface PlannedPart {
  readonly part: LessonPart;
  /** What a note says, what an exercise or a sheet is called. */
  readonly title: string;
  readonly pages?: number;
  readonly hasKey?: boolean;
  readonly task?: Task;
  readonly text?: string | undefined;
}

export const materialsFor = (made: readonly PlannedPart[], { roster }: ClassProfile) =>
  materialsOf(
    made
      .filter(({ part }) => part.kind !== 'note')
      .map(({ title, pages = 0, hasKey = false, task, text }) => ({
        title,
        pages,
        hasKey,
        ...(task ? { task } : {}),
        ...(text === undefined ? {} : { text }),
      })),
    roster.length,
  ).map(materialSays);

/** The lesson as its plan is written from it. */
export function plannedLesson(
  lesson: Lesson,
  profile: ClassProfile,
  made: readonly PlannedPart[],
  standards: readonly Standard[],
): PlannedLesson {
  const { title, objective, plan = {}, stages } = lesson;
  return {
    title,
    className: profile.name,
    objective,
    plan,
    standards: standards
      .filter((each) => plan.standards?.includes(standardId(each)))
      .map(({ code, wording }) => `${code} ${wording}`),
    materials: materialsFor(made, profile),
    stages: stages.map(({ id, minutes, parts, ...stage }) => ({
      ...stage,
      name: stageNames[id],
      minutes,
      parts: parts
        .map((part) => made.find((each) => each.part.id === part.id)?.title ?? '')
        .filter((each) => each.trim() !== ''),
    })),
  };
}
