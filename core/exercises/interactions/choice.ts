/** The choice interaction: one answer is picked of several. QTI 3 counterpart: choiceInteraction. */
import { markOf, type Interaction } from './interaction';

export interface ChoiceOption {
  readonly id: string;
  readonly text: string;
  readonly right: boolean;
  /** What to say to a learner who picks it although it is wrong. */
  readonly feedback?: string;
}

export interface ChoiceItem {
  readonly id: string;
  /** The word the item is about. */
  readonly word: string;
  /** What is asked; empty where a picture asks. */
  readonly prompt: string;
  /** What is read before the item, where the item stands between paragraphs. */
  readonly passage?: string;
  /** Name of a shipped picture. */
  readonly picture?: string;
  readonly options: readonly ChoiceOption[];
  /** Why the key is right, in the learner's words. */
  readonly reason: string;
}

export interface ChoiceTask {
  readonly interaction: 'choice';
  readonly items: readonly ChoiceItem[];
}

/** Item id to the id of the option that was picked. */
export type ChoiceResponse = Readonly<Record<string, string>>;

const rightOption = (item: ChoiceItem) => item.options.find((option) => option.right);

export const choice: Interaction<ChoiceTask, ChoiceResponse> = {
  validate: ({ items }) =>
    items.flatMap((item) => {
      const problems: string[] = [];
      const right = item.options.filter((option) => option.right).length;
      const texts = new Set(item.options.map((option) => option.text.toLowerCase()));
      if (right !== 1) problems.push(`${item.word} has ${right} right answers; it needs one.`);
      if (item.options.length < 2) problems.push(`${item.word} has nothing to choose from.`);
      if (texts.size < item.options.length) problems.push(`${item.word} offers one answer twice.`);
      return problems;
    }),
  mark: ({ items }, response) =>
    markOf(
      items,
      (item) => response[item.id] === rightOption(item)?.id,
      (item) => {
        const picked = item.options.find((option) => option.id === response[item.id]);
        return picked?.feedback ? `${picked.feedback} ${item.reason}` : item.reason;
      },
    ),
  wordsOf: ({ items }) => items.map((item) => item.word),
  keyOf: ({ items }) =>
    Object.fromEntries(items.map((item) => [item.id, rightOption(item)?.id ?? ''])),
};
