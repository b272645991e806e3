/** Every interaction by its name: one member here for each, and everything else asks this. */
import type { Mark, Task } from '../exercise';
import { build } from './build';
import { choice } from './choice';
import { gapsOf, markGap, validateGap, type GapTask } from './gap';
import type { Interaction } from './interaction';
import { match } from './match';
import { order } from './order';
import { point } from './point';
import { markSort, validateSort, type SortTask } from './sort';
import { speak } from './speak';
import { spot } from './spot';
import { write } from './write';

const sort: Interaction<SortTask, Readonly<Record<string, string>>> = {
  validate: validateSort,
  mark: markSort,
  wordsOf: ({ cards }) => cards.map((card) => card.text),
  keyOf: ({ cards }) => Object.fromEntries(cards.map((card) => [card.id, card.home])),
};

const gap: Interaction<GapTask, Readonly<Record<string, readonly string[]>>> = {
  validate: validateGap,
  mark: markGap,
  wordsOf: ({ items }) => items.map((item) => item.word),
  keyOf: ({ items }) =>
    Object.fromEntries(items.map((item) => [item.id, gapsOf(item).map((each) => each.answer)])),
};

const interactions = { sort, gap, choice, match, order, spot, write, speak, point, build };

/** The interaction of a task; its own types are hidden, because a task and its response come together. */
export function interactionOf(task: Task): Interaction<Task, unknown> {
  return interactions[task.interaction] as unknown as Interaction<Task, unknown>;
}

/** Marks a whole task. */
export function markTask(task: Task, response: unknown): Mark {
  return interactionOf(task).mark(task, response);
}
