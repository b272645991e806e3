/** A task as the nodes of a document: what the learner gets, and the key. */
import { interactionOf, keyedItems, type Task } from '../exercises/interactions';
import type { Exercise } from '../exercises/making/exercise';
import type { DocumentNode } from '../paper/document';

/** What the learner gets. */
export function taskNodes({ task, paper = {} }: Pick<Exercise, 'task' | 'paper'>): DocumentNode[] {
  return interactionOf(task).nodes(task, paper);
}

/** What the key says. */
export function keyNodes(task: Task): DocumentNode[] {
  const { keyHead, namesQuestions } = interactionOf(task);
  return [
    ...(keyHead?.(task) ?? []),
    ...keyedItems(task).map(({ question, answer, reason }, index): DocumentNode => ({
      kind: 'item',
      number: index + 1,
      text: `${namesQuestions ? `${question}: ` : ''}${answer}${reason === '' ? '' : ` (${reason})`}`,
    })),
  ];
}
