import type { LessonPart } from '~core/lessons/lesson';
import type { BuiltExercise, BuiltSheet } from '~/workers/part-builder';

export type ExercisePart = BuiltExercise & { readonly part: LessonPart };
export type SheetPart = BuiltSheet & { readonly part: LessonPart };
/** An exercise or a sheet of the lesson, made and laid out. */
export type BuiltPart = ExercisePart | SheetPart;

export type Send = (body: object) => void;

export const isExercise = (built: BuiltPart): built is ExercisePart => 'exercise' in built;

/** What the part is called in the plan. */
export const titleOf = (built: BuiltPart) =>
  isExercise(built) ? built.exercise.title : built.part.text || 'Sheet';
