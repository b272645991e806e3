/**
 * One exercise in three versions, by rule: support has fewer items, the choices
 * given and the first item worked; stretch has no choices, nothing worked, and
 * something more to do. Each is keyed like the core version.
 */
import type { ExerciseParameters, Task } from './exercise';
import type { MakerOutput } from './maker';

export const versions = ['core', 'support', 'stretch'] as const;
export type Version = (typeof versions)[number];

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

/** The first items of a task, and only what belongs to them. */
function firstItems(task: Task, count: number): Task {
  switch (task.interaction) {
    case 'sort': {
      const cards = task.cards.slice(0, count);
      const homes = new Set(cards.map((card) => card.home));
      return { ...task, cards, headings: task.headings.filter(({ id }) => homes.has(id)) };
    }
    case 'match': {
      const pairs = task.pairs.slice(0, count);
      const partners = new Set(pairs.map((pair) => pair.partner));
      return { ...task, pairs, rights: task.rights.filter(({ id }) => partners.has(id)) };
    }
    case 'gap': {
      const items = task.items.slice(0, count);
      const ids = new Set(items.map((item) => item.id));
      const { crossing } = task;
      return {
        ...task,
        items,
        ...(crossing
          ? {
              crossing: {
                ...crossing,
                entries: crossing.entries.filter((entry) => ids.has(entry.item)),
              },
            }
          : {}),
      };
    }
    case 'build': {
      const pieces = task.pieces.slice(0, count);
      const places = new Set(pieces.map((piece) => piece.place));
      return { ...task, pieces, places: task.places.filter(({ id }) => places.has(id)) };
    }
    case 'choice':
      return { ...task, items: task.items.slice(0, count) };
    case 'point': {
      const items = task.items.slice(0, count);
      const words = new Set(items.map((item) => item.word));
      return { ...task, items, bank: task.bank.filter((word) => words.has(word)) };
    }
    case 'spot':
      // What stands in running text is all of it; of a grid fewer words can be asked for.
      return task.layout === 'grid' ? { ...task, items: task.items.slice(0, count) } : task;
    case 'order':
      return { ...task, items: task.items.slice(0, count) };
    case 'write':
      return { ...task, items: task.items.slice(0, count) };
    case 'speak': {
      // A grid stays whole rows.
      const rows = Math.max(1, Math.ceil(count / task.columns));
      return { ...task, items: task.items.slice(0, rows * task.columns) };
    }
  }
}

function sizeOf(task: Task): number {
  switch (task.interaction) {
    case 'sort':
      return task.cards.length;
    case 'match':
      return task.pairs.length;
    case 'build':
      return task.pieces.length;
    default:
      return task.items.length;
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
    const size = sizeOf(made.task);
    const kept = Math.min(size, Math.max(fewest, Math.ceil(size * SUPPORT_SHARE)));
    return { ...made, task: firstItems(made.task, kept) };
  }
  if (version === 'stretch') return { ...made, instruction: `${made.instruction} ${EXTENSION}` };
  return made;
}
