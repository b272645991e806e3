/** The face of an exercise on paper, and of its key. */
import { interactionOf } from '../exercises/interactions';
import type { Exercise } from '../exercises/making/exercise';
import type { Answers, Face } from '../paper/face';
import type { Block } from '../paper/paginate';
import type { SheetStyle } from '../paper/style';

type FacedExercise = Pick<Exercise, 'task' | 'worked' | 'paper' | 'pictures'>;

/** The learner's sheet of an exercise; with all its answers it is its key. */
export function paperFace(
  { task, worked, paper = {}, pictures }: FacedExercise,
  style: SheetStyle,
  answers: Answers = worked ? 'first' : 'none',
): Face {
  return interactionOf(task).paper(task, style, {
    answers,
    // The young see what a word means beside it.
    needs: style.look === 'young' && pictures ? { ...paper, pictures } : paper,
  });
}

/** The key of an exercise. */
export function keyFace(
  { task, paper = {} }: Pick<Exercise, 'task' | 'paper'>,
  style: SheetStyle,
): Block[] {
  return interactionOf(task).key(task, style, paper);
}
