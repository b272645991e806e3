/** The order interaction: pieces are put in order. QTI 3 counterpart: orderInteraction. */
import { GAP, type DocumentNode } from '../../../paper/document';
import { editItems, reasonPlaces } from '../kit/hand-edit';
import type { Interaction } from '../kit/interaction';
import { judge } from '../kit/verdict';
import { orderKey, orderPaper } from './paper-face';
import { writtenOut, type OrderResponse, type OrderTask } from './task';

const same = (left: readonly string[], right: readonly string[]) =>
  left.length === right.length && left.every((piece, index) => piece === right[index]);

/** In a report letters stand apart as well. */
const said = (pieces: readonly string[], { row }: OrderTask) =>
  writtenOut(pieces, row ? { row } : { sentence: true });

export const order: Interaction<OrderTask, OrderResponse> = {
  validate: ({ items }) =>
    items.flatMap((item) => {
      if (!same([...item.pieces].sort(), [...item.key].sort())) {
        return [`The pieces of ${item.word} do not make it.`];
      }
      return same(item.pieces, item.key) && new Set(item.key).size > 1
        ? [`The pieces of ${item.word} stand in order already.`]
        : [];
    }),
  mark: (task, response) =>
    judge(task.items, (item) => ({
      asked: said(item.pieces, task),
      given: said(response[item.id] ?? [], task),
      expected: said(item.key, task),
      right: same(response[item.id] ?? [], item.key),
    })),
  wordsOf: ({ items }) => items.map((item) => item.word),
  keyOf: ({ items }) => Object.fromEntries(items.map((item) => [item.id, item.key])),
  keyedItems: (task) =>
    task.items.map((item) => ({
      id: item.id,
      question: said(item.pieces, task),
      answer: said(item.key, task),
      accepted: [],
      reason: item.reason,
      word: item.word,
    })),
  learnerCopy: (task) => ({
    ...task,
    items: task.items.map((item) => ({ ...item, word: '', key: [], reason: '' })),
  }),

  editable: ({ items }) => reasonPlaces(items, ({ word }) => word),
  edit: (task, edit) => ({ ...task, items: editItems(task.items, edit) }),

  size: ({ items }) => items.length,
  first: (task, count) => ({ ...task, items: task.items.slice(0, count) }),
  canShowWorked: () => true,
  hasBank: () => false,

  nodes: ({ items, list }) =>
    list
      ? items.flatMap((item) =>
          item.pieces.map((piece): DocumentNode => ({ kind: 'text', text: `☐ ${piece}` })),
        )
      : items.map((item, index) => ({
          kind: 'item',
          number: index + 1,
          text: `${item.pieces.join('   ')}   ${GAP}`,
          ...(item.picture === undefined ? {} : { picture: item.picture }),
        })),
  namesQuestions: true,
  paper: (task, style, { answers }) => orderPaper(task, style, answers),
  key: orderKey,
};
