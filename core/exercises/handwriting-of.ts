import type { ExerciseParameters } from './exercise';
import type { Handwriting } from './interactions/write';

/** Lines ruled for a school hand, where the teacher asks for them. */
export function handwritingOf({ hand = 'print', ruling }: ExerciseParameters): {
  handwriting?: Handwriting;
} {
  return ruling === undefined ? {} : { handwriting: { hand, ruling } };
}
