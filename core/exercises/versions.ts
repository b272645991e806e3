/**
 * One exercise in three versions, by rule: support has fewer items, the choices
 * given and the first item worked; stretch has no choices, nothing worked, and
 * something more to do. Each is keyed like the core version.
 */
import type { Version } from '../kernel/version';
import { interactionOf, type Task } from './interactions';
import type { ExerciseParameters } from './making/exercise';
import type { Maker, MakerOutput } from './making/maker';
import type { MakerGroup } from './making/maker-group';

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

/** What a stretch exercise has more to do: more of the same skill, by what is done in it. */
const more: Readonly<Record<Task['interaction'], string>> = {
  gap: 'When you are done, cover the words and write three of them from memory.',
  match: 'When you are done, cover one side and say what belongs to the other.',
  sort: 'When you are done, write one more word of your own under each heading.',
  choice: 'When you are done, say why each of the other answers is wrong.',
  order: 'When you are done, mix up a new one for a partner.',
  build: 'When you are done, say the rule to a partner and make one more.',
  spot: 'When you are done, find one more in a book that you are reading.',
  point: 'When you are done, cover the words and name the places again.',
  speak: 'When you are done, say it once more: smoothly, and with expression.',
  write: 'When you are done, read your answers again and make one of them better.',
};

/** Of a group of exercises where it can be said more exactly. */
const moreOf: Partial<Record<`${MakerGroup} ${Task['interaction']}`, string>> = {
  'Sounds and spelling gap': 'When you are done, write two more words with the same spelling.',
  'Sounds and spelling write': 'When you are done, write two more words of the same kind.',
  'Sounds and spelling spot': 'When you are done, write two more words of the same kind.',
  'Vocabulary gap': 'When you are done, make a clue of your own for one of the words.',
  'Vocabulary write':
    'When you are done, use two of the words in a sentence of your own: “… because …”.',
  'Grammar gap':
    'When you are done, write one more sentence of the same kind, with a gap for a partner.',
  'Grammar write':
    'When you are done, write one more sentence of the same kind about your own day.',
  'Grammar choice': 'When you are done, write one more sentence of the same kind for a partner.',
  'Reading choice': 'When you are done, find the words in the text that prove two of your answers.',
  'Reading write': 'When you are done, add a second reason from the text to one of your answers.',
  'Reading match': 'When you are done, use two of the words to tell what the text says.',
};

/** One answer of three or more that is not there for every item goes: two are left to choose from. */
function easier(task: Task): Task {
  if (task.interaction !== 'choice') return task;
  const sets = new Set(
    task.items.map(({ options }) =>
      options
        .map(({ text }) => text)
        .sort()
        .join('|'),
    ),
  );
  // True, false or not said: the answers are the same everywhere, and all belong there.
  if (sets.size === 1 && task.items.length > 1) return task;
  return {
    ...task,
    items: task.items.map((item) => {
      const wrong = item.options.filter(({ right }) => !right);
      if (wrong.length < 2) return item;
      const dropped = new Set(wrong.slice(1));
      return { ...item, options: item.options.filter((option) => !dropped.has(option)) };
    }),
  };
}

/** What was made, as the version wants it. */
export function versionOf(
  made: MakerOutput,
  version: Version | undefined,
  { group, fewestWords }: Pick<Maker, 'group' | 'fewestWords'>,
): MakerOutput {
  if (version === 'support') {
    const task = easier(made.task);
    const interaction = interactionOf(task);
    const size = interaction.size(task);
    const kept = Math.min(size, Math.max(fewestWords, Math.ceil(size * SUPPORT_SHARE)));
    return { ...made, task: interaction.first(task, kept, made.paper ?? {}) };
  }
  if (version === 'stretch') {
    const { interaction } = made.task;
    const extension = moreOf[`${group} ${interaction}`] ?? more[interaction];
    return { ...made, instruction: `${made.instruction} ${extension}` };
  }
  return made;
}
