/**
 * The speak interaction: something is said or read aloud, and a listener ticks
 * what was right. QTI 3 counterpart: uploadInteraction.
 */
import type { DocumentNode } from '../../../paper/document';
import type { Interaction } from '../kit/interaction';
import { rowsOf } from '../kit/nodes';
import { judge } from '../kit/verdict';
import { speakKey, speakPaper } from './paper-face';
import { GRID_COLUMNS, type SpeakPaper, type SpeakResponse, type SpeakTask } from './task';

export const speak: Interaction<SpeakTask, SpeakResponse, SpeakPaper> = {
  validate: ({ items }) =>
    items.filter((item) => item.word === '').map(() => 'There is nothing to read in one cell.'),
  mark: ({ items }, response) =>
    judge(items, (item) => ({
      asked: item.word,
      given: response[item.id] === true ? item.word : '',
      expected: item.word,
      right: response[item.id] === true,
    })),
  wordsOf: ({ items, real }) => (real ? [...new Set(items.map((item) => item.word))] : []),
  keyOf: ({ items }) => Object.fromEntries(items.map((item) => [item.id, true])),
  keyedItems: ({ items }) =>
    items.map((item) => ({
      id: item.id,
      question: item.word,
      answer: item.says,
      accepted: [],
      reason: '',
      word: item.word,
    })),
  learnerCopy: (task) => ({
    ...task,
    items: task.items.map((item) => ({ ...item, says: '', reason: '' })),
  }),

  editable: () => [],
  edit: (task) => task,

  size: ({ items }) => items.length,
  // A grid stays whole rows.
  first: (task, count, { columns = GRID_COLUMNS, boards, cutOut }) => {
    // Every word of the boards is called, and what is cut out has all of its words.
    if (boards || cutOut) return task;
    const rows = Math.max(1, Math.ceil(count / columns));
    return { ...task, items: task.items.slice(0, rows * columns) };
  },
  canShowWorked: () => false,
  hasBank: () => false,

  nodes: ({ items }, { columns = GRID_COLUMNS, dice = false, boards, side = 3, cutOut }) => {
    if (boards) {
      return boards.flatMap((words, index): DocumentNode[] => [
        { kind: 'heading', text: `Board ${index + 1}` },
        { kind: 'table', head: false, rows: rowsOf(words, side) },
      ]);
    }
    if (cutOut) {
      return cutOut.groups.map((words): DocumentNode => ({
        kind: 'table',
        head: false,
        rows: rowsOf([...words], cutOut.form === 'bookmark' ? 1 : 2),
      }));
    }
    return [
      {
        kind: 'table',
        head: false,
        rows: rowsOf(
          items.map((item) => item.word),
          columns,
        ).map((row, index) => (dice ? [String(index + 1), ...row] : row)),
      },
    ];
  },
  namesQuestions: true,
  paper: (task, style, { needs }) => speakPaper(task, style, needs),
  key: speakKey,
};
