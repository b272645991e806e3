import type { LessonPart } from '~core/records/lesson';
import type { BrokenPart, BuiltExercise, BuiltSheet } from '~/workers/part-builder';
import { t } from '~/phrases/t';

export type ExercisePart = BuiltExercise & { readonly part: LessonPart };
export type SheetPart = BuiltSheet & { readonly part: LessonPart };
/** A part that could not be made. */
export type Broken = BrokenPart & { readonly part: LessonPart };
/** An exercise or a sheet of the lesson, made and laid out. */
export type BuiltPart = ExercisePart | SheetPart;

export const isBroken = (built: BuiltPart | Broken): built is Broken => 'broken' in built;

export type Send = (body: object) => void;

export const isExercise = (built: BuiltPart): built is ExercisePart => 'exercise' in built;

/** What the part is called in the plan. */
export const titleOf = (built: BuiltPart) =>
  isExercise(built) ? built.exercise.title : built.part.text || t('lesson.sheet');
