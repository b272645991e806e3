import type { ExerciseParameters } from './exercise';
import type { Handwriting } from '../interactions/write/task';
import { handParameters } from './common-parameters';
import { read } from './parameters';

/** Lines ruled for a school hand, where the teacher asks for them. */
export function handwritingOf(parameters: ExerciseParameters): { handwriting?: Handwriting } {
  const { hand, ruling } = read(handParameters, parameters);
  return ruling === undefined ? {} : { handwriting: { hand, ruling } };
}
