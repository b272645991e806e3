/** Answers that are right beside the key: those the maker found, or the teacher's own list for an item. */
import type { Task } from './exercise';

/** The list of each item whose answer is written, by the word the item is about. */
export function acceptedOf(task: Task): ReadonlyMap<string, readonly string[]> {
  const lists = new Map<string, readonly string[]>();
  if (task.interaction === 'write') {
    for (const { word, accepted, open } of task.items) if (open !== true) lists.set(word, accepted);
  }
  if (task.interaction === 'gap' && !task.crossing) {
    for (const { word, pieces } of task.items) {
      const gaps = pieces.filter((piece) => piece.kind === 'gap');
      if (gaps.length === 1) lists.set(word, gaps[0]?.accepted ?? []);
    }
  }
  return lists;
}

/** The task with the teacher's lists in place of those of the maker. */
export function withAccepted(
  task: Task,
  own: Readonly<Record<string, readonly string[]>> | undefined,
): Task {
  if (own === undefined || Object.keys(own).length === 0) return task;
  if (task.interaction === 'write') {
    return {
      ...task,
      items: task.items.map((item) => {
        const list = own[item.word];
        return list === undefined || item.open ? item : { ...item, accepted: list };
      }),
    };
  }
  if (task.interaction === 'gap') {
    return {
      ...task,
      items: task.items.map((item) => {
        const list = own[item.word];
        if (list === undefined || item.pieces.filter(({ kind }) => kind === 'gap').length !== 1) {
          return item;
        }
        const pieces = item.pieces.map((piece) =>
          piece.kind === 'gap' ? { ...piece, accepted: list } : piece,
        );
        return { ...item, pieces };
      }),
    };
  }
  return task;
}
