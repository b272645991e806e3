/** Every interaction by its name. A new one is a folder beside these and a line here. */
import { build } from './build';
import { choice } from './choice';
import { gap } from './gap';
import type { AnyTask, Interaction, KeyedItem } from './kit/interaction';
import { markOf, type Mark } from './kit/verdict';
import { match } from './match';
import { order } from './order';
import { point } from './point';
import { sort } from './sort';
import { speak } from './speak';
import { spot } from './spot';
import { write } from './write';

export const interactions = { choice, gap, match, order, sort, spot, write, speak, point, build };

export type InteractionName = keyof typeof interactions;

type TaskOf<Kind> = Kind extends { validate: (task: infer Task) => string[] } ? Task : never;

/** The body of an exercise: one member for each interaction. */
export type Task = {
  [Name in InteractionName]: TaskOf<(typeof interactions)[Name]>;
}[InteractionName];

/** The interaction of a task; its own types are hidden, because a task, its response and its paper come together. */
export function interactionOf(task: AnyTask): Interaction<Task, unknown> {
  return interactions[task.interaction as InteractionName] as unknown as Interaction<Task, unknown>;
}

/** Marks a whole task: a verdict an item, and the totals. */
export function markTask(task: Task, response: unknown): Mark {
  return markOf(interactionOf(task).mark(task, response));
}

/** Every item with its answer and why. */
export function keyedItems(task: Task): KeyedItem[] {
  return interactionOf(task).keyedItems(task);
}

/** The task for a learner who answers on a screen: its items without their answers, to be marked against the whole. */
export function learnerCopy(task: Task): Task {
  return interactionOf(task).learnerCopy(task);
}
