/** Marking a task, or a single card or gap of it: the same on a screen, at home and from a slip. */
import { markTask, type Task } from './interactions';
import type { GapItem } from './interactions/gap/task';
import type { Mark } from './interactions/kit/verdict';
import type { SortCard } from './interactions/sort/task';

/** A task of one item, as a return slip carries it, or a single card or item of a sort or gap. */
export type MarkableItem =
  | Task
  | { readonly interaction: 'sort'; readonly card: SortCard }
  | { readonly interaction: 'gap'; readonly item: GapItem };

/** The whole task that a single card or item makes. */
export function taskOf(item: MarkableItem): Task {
  if ('card' in item) {
    const { home } = item.card;
    return { interaction: 'sort', headings: [{ id: home, label: home }], cards: [item.card] };
  }
  if ('item' in item) return { interaction: 'gap', items: [item.item], bank: [] };
  return item;
}

const isText = (value: unknown) => typeof value === 'string';
const listOf = (check: (value: unknown) => boolean) => (value: unknown) =>
  Array.isArray(value) && value.every(check);
const isWhole = (value: unknown) => Number.isInteger(value);
const isPoint = (value: unknown) =>
  Array.isArray(value) && value.length === 2 && value.every(Number.isFinite);

/** What the answer to one item is, by interaction. */
const isAnswer: Readonly<Record<Task['interaction'], (value: unknown) => boolean>> = {
  choice: isText,
  match: isText,
  sort: isText,
  build: isText,
  write: isText,
  gap: listOf(isText),
  order: listOf(isText),
  spot: listOf(isWhole),
  speak: (value) => typeof value === 'boolean',
  point: isPoint,
};

/**
 * A response of which only what is an answer is left: one that comes from a slip or a script may be
 * anything, and what is no answer counts as none.
 */
export function safeResponse(task: Task, response: unknown): Readonly<Record<string, unknown>> {
  if (typeof response !== 'object' || response === null) return {};
  return Object.fromEntries(
    Object.entries(response).filter(([, value]) => isAnswer[task.interaction](value)),
  );
}

/**
 * Marks a task, or one card or item of it.
 *
 * @param response by item id; for a single card the heading's id, for a single gap what was written
 */
export function markItem(item: MarkableItem, response: unknown): Mark {
  const task = taskOf(item);
  const id = 'card' in item ? item.card.id : 'item' in item ? item.item.id : undefined;
  if (id === undefined) return markTask(task, safeResponse(task, response));
  const written = 'item' in item && typeof response === 'string' ? [response] : response;
  const home = 'card' in item && Array.isArray(response) ? (response[0] as unknown) : written;
  return markTask(task, safeResponse(task, { [id]: home }));
}
