/**
 * One exercise in three versions, by rule: support has fewer items, the choices
 * given and the first item worked; stretch has no choices, nothing worked, and
 * something more to do. Each is keyed like the core version.
 */
import type { Version } from '../kernel/version';
import { interactionOf } from './interactions';
import type { ExerciseParameters } from './making/exercise';
import type { MakerOutput } from './making/maker';

/** Share of the items that the support version keeps. */
const SUPPORT_SHARE = 0.6;

/** What a version settles before the exercise is made; the core version leaves everything as it is. */
export function versionParameters(parameters: ExerciseParameters): ExerciseParameters {
  switch (parameters.version) {
    case 'support':
      return { ...parameters, bank: true, worked: true };
    case 'stretch':
      return { ...parameters, bank: false, worked: false };
    default:
      return parameters;
  }
}

/** A stretch exercise has something more to do. */
const EXTENSION = 'When you are done, write a sentence with two of the words.';

/** What was made, as the version wants it. */
export function versionOf(
  made: MakerOutput,
  version: Version | undefined,
  fewest: number,
): MakerOutput {
  if (version === 'support') {
    const { task } = made;
    const interaction = interactionOf(task);
    const size = interaction.size(task);
    const kept = Math.min(size, Math.max(fewest, Math.ceil(size * SUPPORT_SHARE)));
    return { ...made, task: interaction.first(task, kept, made.paper ?? {}) };
  }
  if (version === 'stretch') return { ...made, instruction: `${made.instruction} ${EXTENSION}` };
  return made;
}
