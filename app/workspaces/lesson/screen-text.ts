import { sectionOf, type TextMaterial } from '~core/texts/reading/text-material';
import type { PartContext } from '~/workers/part-maker';
import type { ExercisePart } from './built-part';

/** The text that an exercise is made from: on a screen it stands above the questions. */
export function screenTextOf(
  { part, exercise }: ExercisePart,
  { texts }: PartContext,
): TextMaterial | undefined {
  const text = texts?.[part.parameters.textId ?? ''];
  // A text to pick from, or with items between its lines, is there already.
  const within =
    exercise.task.interaction === 'spot' || JSON.stringify(exercise.task).includes('"passage"');
  return text && !within ? sectionOf(text, part.parameters.section) : undefined;
}
