/** The choice interaction: one answer is picked of several. QTI 3 counterpart: choiceInteraction. */
import type { DocumentNode } from '../../../paper/document';
import { editItems, placeFor } from '../kit/hand-edit';
import type { Interaction } from '../kit/interaction';
import { passageNodes } from '../kit/nodes';
import { judge } from '../kit/verdict';
import { choiceKey, choicePaper } from './paper-face';
import type { ChoiceItem, ChoiceResponse, ChoiceTask } from './task';

const rightOption = (item: ChoiceItem) => item.options.find((option) => option.right);
const asked = (item: ChoiceItem) => item.prompt || `picture: ${item.picture ?? ''}`;

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
    judge(items, (item) => {
      const picked = item.options.find((option) => option.id === response[item.id]);
      return {
        asked: asked(item),
        given: picked?.text ?? '',
        expected: rightOption(item)?.text ?? '',
        right: picked?.right === true,
        reason:
          picked?.feedback && picked.feedback !== item.reason
            ? `${picked.feedback} ${item.reason}`
            : item.reason,
        ...(picked && !picked.right
          ? {
              error:
                picked.error ?? `takes “${picked.text}” for “${rightOption(item)?.text ?? ''}”`,
            }
          : {}),
      };
    }),
  wordsOf: ({ items }) => items.map((item) => item.word),
  keyOf: ({ items }) =>
    Object.fromEntries(items.map((item) => [item.id, rightOption(item)?.id ?? ''])),
  keyedItems: ({ items }) =>
    items.map((item) => ({
      id: item.id,
      question: asked(item),
      answer: rightOption(item)?.text ?? '',
      accepted: [],
      reason: item.reason,
      word: item.word,
    })),
  learnerCopy: (task) => ({
    ...task,
    items: task.items.map((item) => ({
      ...item,
      word: '',
      reason: '',
      options: item.options.map(({ id, text }) => ({ id, text, right: false })),
    })),
  }),

  editable: ({ items }) =>
    items.map((item) => ({
      word: item.word,
      places: [
        ...placeFor('Question', item.prompt),
        ...item.options.flatMap((option) =>
          placeFor(option.right ? 'Right answer' : 'Wrong answer', option.text),
        ),
        ...placeFor('Reason', item.reason),
      ],
    })),
  edit: (task, edit) => ({ ...task, items: editItems(task.items, edit) }),

  size: ({ items }) => items.length,
  first: (task, count) => ({ ...task, items: task.items.slice(0, count) }),
  canShowWorked: () => true,
  hasBank: () => false,

  nodes: ({ items }) =>
    items.flatMap((item, index): DocumentNode[] => [
      ...passageNodes(item.passage),
      {
        kind: 'item',
        number: index + 1,
        text: item.prompt,
        options: item.options.map((option) => option.text),
        ...(item.picture === undefined ? {} : { picture: item.picture }),
      },
    ]),
  namesQuestions: true,
  paper: (task, style, { answers }) => choicePaper(task, style, answers),
  key: choiceKey,
};
