/** The gap interaction: missing letters or words are written in. QTI 3 counterpart: textEntryInteraction. */
import { withoutWordSpaces } from '../../../kernel/word-spaces';
import { GAP, type DocumentNode } from '../../../paper/document';
import { placeFor, replaced } from '../kit/hand-edit';
import type { Interaction } from '../kit/interaction';
import { wordBoxNodes } from '../kit/nodes';
import { judge } from '../kit/verdict';
import { crossingNodes } from './crossing-nodes';
import { gapKey, gapPaper } from './paper-face';
import {
  crossingLetters,
  gapsOf,
  type Crossing,
  type GapItem,
  type GapPaper,
  type GapResponse,
  type GapTask,
} from './task';

const tidy = (answer: string) =>
  withoutWordSpaces(answer).trim().toLowerCase().replaceAll('’', "'");

function crossingProblems(task: GapTask, crossing: Crossing): string[] {
  const clashes = [...crossingLetters(task, crossing)].filter(
    ([, letters]) => new Set(letters).size > 1,
  );
  const placed = new Set(crossing.entries.map((entry) => entry.item));
  return [
    ...clashes.map(([, letters]) => `A square would need ${letters.join(' and ')} at once.`),
    ...task.items
      .filter((item) => !placed.has(item.id))
      .map((item) => `${item.word} is not in the grid.`),
  ];
}

const questionOf = (item: GapItem) =>
  item.pieces.map((piece) => (piece.kind === 'text' ? piece.text : GAP)).join('');

/** Upper and lower case and outer spaces do not count. */
const isRight = (item: GapItem, written: readonly string[]) =>
  gapsOf(item).every((gap, index) => {
    const answer = tidy(written[index] ?? '');
    return [gap.answer, ...gap.accepted].some((right) => tidy(right) === answer);
  });

function editItem(item: GapItem, word: string, from: string, to: string): GapItem {
  return item.word === word ? replaced(item, from, to) : item;
}

export const gap: Interaction<GapTask, GapResponse, GapPaper> = {
  validate: (task) => {
    const problems: string[] = [];
    for (const item of task.items) {
      const gaps = gapsOf(item);
      if (gaps.length === 0) problems.push(`The item for ${item.word} has nothing to fill in.`);
      if (gaps.some(({ answer }) => answer === ''))
        problems.push(`A gap for ${item.word} has no answer.`);
    }
    return task.crossing ? [...problems, ...crossingProblems(task, task.crossing)] : problems;
  },
  mark: ({ items }, response) =>
    judge(items, (item) => {
      const written = response[item.id] ?? [];
      return {
        asked: questionOf(item),
        given: written.join(' '),
        expected: item.key,
        right: isRight(item, written),
        reason: `${item.key}: ${item.reason}`,
      };
    }),
  wordsOf: ({ items }) => items.map((item) => item.word),
  keyOf: ({ items }) =>
    Object.fromEntries(items.map((item) => [item.id, gapsOf(item).map(({ answer }) => answer)])),
  keyedItems: ({ items }) =>
    items.map((item) => ({
      id: item.id,
      question: questionOf(item),
      answer: item.key,
      accepted: gapsOf(item).flatMap(({ accepted }) => accepted),
      reason: item.rule === undefined ? item.reason : `${item.rule}: ${item.reason}`,
      word: item.word,
    })),
  learnerCopy: (task) => ({
    ...task,
    items: task.items.map(({ rule, ...item }) => ({
      ...item,
      word: '',
      key: '',
      reason: '',
      pieces: item.pieces.map((piece) =>
        piece.kind === 'gap' ? { kind: 'gap', answer: '', accepted: [] } : piece,
      ),
    })),
    ...(task.crossing
      ? {
          crossing: {
            ...task.crossing,
            // The squares are shown, their letters are not.
            entries: task.crossing.entries.map((entry) => ({
              ...entry,
              length: [...(task.items.find(({ id }) => id === entry.item)?.key ?? '')].length,
            })),
          },
        }
      : {}),
  }),

  editable: ({ items }) =>
    items.map((item) => ({
      word: item.word,
      places: [
        ...item.pieces.flatMap((piece) =>
          piece.kind === 'text' ? placeFor('Text', piece.text) : placeFor('Answer', piece.answer),
        ),
        // A key that only repeats the answer changes with it.
        ...(gapsOf(item).some(({ answer }) => answer === item.key)
          ? []
          : placeFor('Key', item.key)),
        ...placeFor('Reason', item.reason),
      ],
    })),
  edit: (task, { word, from, to }) => {
    const answers = new Set(task.items.flatMap((item) => gapsOf(item).map(({ answer }) => answer)));
    return {
      ...task,
      items: task.items.map((item) => editItem(item, word, from, to)),
      // An answer that was in the box stands there as it is now.
      bank: answers.has(from) ? task.bank.map((entry) => (entry === from ? to : entry)) : task.bank,
    };
  },
  accepted: ({ items, crossing }) =>
    new Map(
      crossing
        ? []
        : items.flatMap((item): [string, readonly string[]][] => {
            const [only, ...others] = gapsOf(item);
            return only && others.length === 0 ? [[item.word, only.accepted]] : [];
          }),
    ),
  withAccepted: (task, own) => ({
    ...task,
    items: task.items.map((item) => {
      const list = own[item.word];
      if (list === undefined || gapsOf(item).length !== 1) return item;
      const pieces = item.pieces.map((piece) =>
        piece.kind === 'gap' ? { ...piece, accepted: list } : piece,
      );
      return { ...item, pieces };
    }),
  }),

  size: ({ items }) => items.length,
  first: (task, count) => {
    const items = task.items.slice(0, count);
    const ids = new Set(items.map((item) => item.id));
    const { crossing } = task;
    if (crossing === undefined) return { ...task, items };
    const entries = crossing.entries.filter((entry) => ids.has(entry.item));
    return { ...task, items, crossing: { ...crossing, entries } };
  },
  canShowWorked: () => true,
  hasBank: ({ boxes }) => boxes !== true,

  nodes: (task): DocumentNode[] => {
    if (task.crossing) return [...wordBoxNodes(task.bank), ...crossingNodes(task, false)];
    const blank = (answer: string) =>
      task.boxes ? ' [    ]' : task.sentences || answer.length > 4 ? GAP : '____';
    return [
      ...wordBoxNodes(task.bank),
      ...task.items.map((item, index): DocumentNode => ({
        kind: 'item',
        number: index + 1,
        text: item.pieces
          .map((piece) => (piece.kind === 'text' ? piece.text : blank(piece.answer)))
          .join('')
          .trim(),
      })),
    ];
  },
  keyHead: (task) => (task.crossing ? crossingNodes(task, true) : []),
  namesQuestions: false,
  paper: (task, style, { answers, needs }) => gapPaper(task, style, answers, needs),
  key: gapKey,
};
