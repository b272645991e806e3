/** What is read out for the items of a dictation and for cards, by the ids of the items. */
import type { Task } from '../exercises/interactions';

/** A line of a script with the number of its item: “3. rain. Here comes the rain! rain.” */
const NUMBERED = /^(\d+)\.\s+(.+)$/;

export interface SpokenText {
  readonly text: string;
  /** Its tag, where it is not in the language of the exercise. */
  readonly language?: string;
}

/**
 * Texts by the ids of items. Of cards the word by the id of its pair, and the back by its own id
 * where it is in a language of its own: then it is worth hearing too.
 */
export function spokenOf(task: Task): Readonly<Record<string, SpokenText>> {
  if (task.interaction === 'match' && task.cards === 'backs') {
    const words = task.pairs.map(({ id, word: text, left: { language } }) => [
      id,
      language === undefined ? { text } : { text, language },
    ]);
    const backs = task.rights.flatMap(({ id, text, language }) =>
      language === undefined ? [] : [[id, { text, language }]],
    );
    return Object.fromEntries([...words, ...backs]) as Record<string, SpokenText>;
  }
  if (task.interaction !== 'write') return {};
  return Object.fromEntries(
    task.script.flatMap((line) => {
      const [, number, text] = NUMBERED.exec(line) ?? [];
      const item = number === undefined ? undefined : task.items[Number(number) - 1];
      return item && text !== undefined ? [[item.id, { text }] as const] : [];
    }),
  );
}
