import { handOf } from '../../classes/school-hand';
import type { MakerInput } from './maker';
import type { Handwriting } from '../interactions/write/task';
import { handParameters } from './common-parameters';
import { read } from './parameters';

/** Lines ruled for a school hand, where the teacher asks for them. */
export function handwritingOf({
  parameters,
  profile,
}: Pick<MakerInput, 'parameters' | 'profile'>): {
  handwriting?: Handwriting;
} {
  const { hand = handOf(profile), ruling } = read(handParameters, parameters);
  return ruling === undefined ? {} : { handwriting: { hand, ruling } };
}
