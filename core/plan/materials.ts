/** What a lesson needs, gathered from what is in it, counted for its class. */
import type { Task } from '../exercises/interactions';

/** A part of the lesson as far as materials ask. */
export interface UsedPart {
  readonly title: string;
  /** Learner’s pages of one copy; 0 where there is no sheet. */
  readonly pages: number;
  readonly hasKey: boolean;
  readonly task?: Task;
  readonly parameters?: Readonly<Record<string, unknown>>;
  /** The title of the text it is made from. */
  readonly text?: string;
}

export interface Material {
  readonly name: string;
  readonly count?: number;
  readonly what: 'sheet' | 'key' | 'cards' | 'thing' | 'text';
}

/** Whether a task is cut up: its pieces are counted for each set. */
function cutOf(task: Task | undefined): number {
  if (task?.interaction === 'sort') return task.cards.length;
  if (task?.interaction === 'match' && task.cards !== undefined) {
    return task.cards === 'pairs' ? task.pairs.length * 2 : task.pairs.length;
  }
  return 0;
}

/**
 * @param learners in the class; a set of cards is for two
 */
export function materialsOf(parts: readonly UsedPart[], learners: number): Material[] {
  const copies = Math.max(1, learners);
  const sheets = parts
    .filter(({ pages }) => pages > 0)
    .map(({ title, pages }): Material => ({
      what: 'sheet',
      name: pages === 1 ? title : `${title} (${pages} pages each)`,
      count: copies,
    }));
  const cards = parts.flatMap(({ title, task }): Material[] => {
    const pieces = cutOf(task);
    return pieces === 0
      ? []
      : [
          {
            what: 'cards',
            name: `sets of ${pieces} cards to cut: ${title}`,
            count: Math.ceil(copies / 2),
          },
        ];
  });
  const texts = [...new Set(parts.flatMap(({ text }) => text ?? []))].map((name): Material => ({
    what: 'text',
    name: `the text “${name}”`,
  }));
  const keys = parts.filter(({ hasKey }) => hasKey).length;
  const dice = parts.filter(
    ({ task }) => task?.interaction === 'speak' && task.real === false,
  ).length;
  const traced = parts.some(
    ({ task }) => task?.interaction === 'write' && task.handwriting !== undefined,
  );
  return [
    ...sheets,
    ...cards,
    ...(cards.length > 0 ? [{ what: 'thing', name: 'scissors' } as const] : []),
    ...(parts.some(({ task }) => task?.interaction === 'sort')
      ? [{ what: 'thing', name: 'glue' } as const]
      : []),
    ...(dice > 0 ? [{ what: 'thing', name: 'dice', count: Math.ceil(copies / 2) } as const] : []),
    ...(traced ? [{ what: 'thing', name: 'pencils' } as const] : []),
    ...texts,
    ...(keys > 0 ? [{ what: 'key', name: keys === 1 ? 'the key' : `${keys} keys` } as const] : []),
  ];
}

export const materialSays = ({ name, count }: Material) =>
  count === undefined ? name : `${count} × ${name}`;
