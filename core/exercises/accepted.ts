/** Answers that are right beside the key: those the maker found, or the teacher's own list for an item. */
import { interactionOf, type Task } from './interactions';

/** The list of each item whose answer is written, by the word the item is about. */
export function acceptedOf(task: Task): ReadonlyMap<string, readonly string[]> {
  return interactionOf(task).accepted?.(task) ?? new Map();
}

/** The task with the teacher's lists in place of those of the maker. */
export function withAccepted(
  task: Task,
  own: Readonly<Record<string, readonly string[]>> | undefined,
): Task {
  if (own === undefined || Object.keys(own).length === 0) return task;
  return interactionOf(task).withAccepted?.(task, own) ?? task;
}
