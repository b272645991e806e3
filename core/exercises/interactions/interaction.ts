/** What every interaction can do, whatever its items are. */
import type { Mark } from '../exercise';

export interface Interaction<Task, Response> {
  /** What is wrong with a task, in plain sentences; an empty list where nothing is. */
  readonly validate: (task: Task) => string[];
  /** One mark for each item that is right. */
  readonly mark: (task: Task, response: Response) => Mark;
  /** The words the task uses, in its order: what the reach check looks at. */
  readonly wordsOf: (task: Task) => string[];
  /** The response that has every mark: the key. */
  readonly keyOf: (task: Task) => Response;
}

/** A mark from the items that are wrong. */
export function markOf<Item extends { readonly reason: string }>(
  items: readonly Item[],
  isRight: (item: Item) => boolean,
  tell: (item: Item) => string = (item) => item.reason,
): Mark {
  const wrong = items.filter((item) => !isRight(item));
  return { score: items.length - wrong.length, outOf: items.length, feedback: wrong.map(tell) };
}
