/** What helps with an item before it is answered: its rule without its answer, and where in the text to look. */
import { keyedItems, type Task } from '../exercises/interactions';
import type { Span } from '../kernel/span';
import { givesAway, isJudged } from './hint';
import { placeInText } from './place-in-text';

export interface Clue {
  /** A rule or reason that does not hold the answer. */
  readonly text?: string;
  /** A place in what is read. */
  readonly place?: Span;
}

/** The clues of a task's items by their ids; an item for which nothing helps has none. */
export function cluesFor(task: Task, body: string | undefined): ReadonlyMap<string, Clue> {
  const found = new Map<string, Clue>();
  for (const { id, question, answer, accepted, reason, word } of keyedItems(task)) {
    if (answer === '') continue;
    const safe =
      reason !== '' &&
      !isJudged(task) &&
      ![answer, ...accepted, word].some((each) => givesAway(reason, each)) &&
      reason.length < 300;
    const place = body
      ? placeInText(body, { asked: question, expected: answer, reason })
      : undefined;
    if (safe || place) {
      found.set(id, { ...(safe ? { text: reason } : {}), ...(place ? { place } : {}) });
    }
  }
  return found;
}
