/** The items of an exercise as they stand on the board and are played with. */
import { keyedItems, type Task } from '../exercises/interactions';
import type { BoardItem } from './board-item';

/** A blank is seen from the last row where it is short, too. */
const asked = (question: string) => question.replace(/_{4,}/g, '____');

/** The other options of a choice: answers that are surely wrong. */
function wrongOf(task: Task, id: string): Pick<BoardItem, 'wrong'> {
  if (task.interaction !== 'choice') return {};
  const wrong = task.items
    .filter((item) => item.id === id)
    .flatMap(({ options }) => options.flatMap(({ text, right }) => (right ? [] : [text])));
  return wrong.length > 0 ? { wrong } : {};
}

export const boardItems = (task: Task): BoardItem[] =>
  keyedItems(task).map(({ id, question, answer, reason }) => ({
    id,
    question: asked(question),
    answer,
    reason,
    ...wrongOf(task, id),
  }));
