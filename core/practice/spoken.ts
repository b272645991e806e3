/** What is read out for the items of a dictation and for cards, by the ids of the items. */
import type { Task } from '../exercises/interactions';

/** A line of a script with the number of its item: “3. rain. Here comes the rain! rain.” */
const NUMBERED = /^(\d+)\.\s+(.+)$/;

export function spokenOf(task: Task): Readonly<Record<string, string>> {
  if (task.interaction === 'match' && task.cards === 'backs') {
    return Object.fromEntries(task.pairs.map(({ id, word }) => [id, word]));
  }
  if (task.interaction !== 'write') return {};
  return Object.fromEntries(
    task.script.flatMap((line) => {
      const [, number, text] = NUMBERED.exec(line) ?? [];
      const item = number === undefined ? undefined : task.items[Number(number) - 1];
      return item && text !== undefined ? [[item.id, text] as const] : [];
    }),
  );
}
