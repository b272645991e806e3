/** The write interaction: words and sentences are written on lines. QTI 3 counterpart: extendedTextInteraction. */
import { withoutWordSpaces } from '../../../kernel/word-spaces';
import { heardFor } from '../../../kernel/align-words';
import { isFilled } from '../../../kernel/sentence-frame';
import { checkSentence } from '../../../languages/shared/sentence-check';
import type { DocumentNode } from '../../../paper/document';
import { editItems, placeFor, type HandEdit } from '../kit/hand-edit';
import type { Interaction } from '../kit/interaction';
import { passageNodes, wordBoxNodes } from '../kit/nodes';
import { judge } from '../kit/verdict';
import { writeKey, writePaper } from './paper-face';
import {
  linesOf,
  OPEN_ANSWER,
  type WriteItem,
  type WritePaper,
  type WriteResponse,
  type WriteTask,
} from './task';

/** What a screen puts between the cells of a row. */
export const CELL_BREAK = ' · ';

/**
 * As it is compared: capitals and the shape of an apostrophe do not count, nor how many blanks there
 * are, nor a blank before a mark (French) or between words of Japanese.
 */
const tidy = (text: string) =>
  withoutWordSpaces(text)
    .replaceAll(CELL_BREAK, ' ')
    .trim()
    .replace(/\s+/g, ' ')
    .replace(/ (?=[?!:;])/g, '')
    .toLowerCase()
    .replaceAll('’', "'");

const isRight = (item: WriteItem, written: string) =>
  item.frame
    ? isFilled(item.frame, written)
    : item.open && !item.checks
      ? written.trim() !== ''
      : item.checks
        ? checkSentence(written, item.checks).length === 0
        : [item.answer, ...item.accepted].some((right) => tidy(right) === tidy(written));

const reasonFor = (item: WriteItem, written: string) =>
  item.checks
    ? checkSentence(written, item.checks).join(' ') || item.reason
    : item.open
      ? 'Write an answer: any is read by the teacher.'
      : item.reason;

/** A sentence that is dictated is compared word by word. */
const isDictated = ({ script }: WriteTask, { answer, open, checks }: WriteItem) =>
  script.length > 0 && !open && !checks && answer.split(' ').length > 2;

const questionOf = (item: WriteItem) =>
  item.prompt || (item.picture === undefined ? item.word : `picture: ${item.picture}`);

const answerOf = (item: WriteItem) =>
  item.keyCells
    ? item.keyCells.filter((cell) => cell !== '').join(' · ')
    : item.answer || (item.open ? OPEN_ANSWER : '');

/** An open question with a model answer; of a table it stands in the first empty cell of the key. */
function withModelAnswer(item: WriteItem, answer: string): WriteItem {
  const empty = item.keyCells?.indexOf('') ?? -1;
  return {
    ...item,
    answer,
    ...(item.keyCells && empty >= 0
      ? { keyCells: item.keyCells.map((cell, index) => (index === empty ? answer : cell)) }
      : {}),
  };
}

/** A model answer has nothing to replace. */
const isModelAnswer = (item: WriteItem, { word, from }: HandEdit) =>
  from === '' && item.word === word;

function nodes(task: WriteTask, needs: WritePaper): DocumentNode[] {
  if (task.columns) {
    const head = task.columns.map(({ title }) => title);
    const rows = task.items.map((item) => [...(item.cells ?? [])]);
    return [{ kind: 'table', head: true, rows: [head, ...rows] }];
  }
  const { scene } = task;
  return [
    ...(scene
      ? [
          {
            kind: 'picture' as const,
            picture: scene.picture,
            name: scene.shows ?? 'The picture to write about',
          },
        ]
      : []),
    ...wordBoxNodes((task.bank ?? []).map(({ word }) => word)),
    ...task.items.flatMap((item, index): DocumentNode[] => [
      ...passageNodes(item.passage),
      {
        kind: 'item',
        number: index + 1,
        text: item.trace ? item.answer : item.prompt,
        lines: linesOf(item, needs),
        ...(item.picture === undefined ? {} : { picture: item.picture }),
      },
    ]),
    ...(task.checklist ?? []).map((text): DocumentNode => ({ kind: 'text', text: `☐ ${text}` })),
  ];
}

export const write: Interaction<WriteTask, WriteResponse, WritePaper> = {
  validate: ({ items }) =>
    items.flatMap((item) => {
      if (item.open) return [];
      if (item.answer === '') return [`${item.word} has no answer.`];
      return isRight(item, item.answer)
        ? []
        : [`The model answer for ${item.word} does not meet its own checks.`];
    }),
  mark: (task, response) =>
    judge(task.items, (item) => {
      const given = response[item.id] ?? '';
      const right = isRight(item, given);
      const heard =
        !right && given.trim() !== '' && isDictated(task, item) ? heardFor(item.answer, given) : '';
      return {
        asked: questionOf(item),
        given,
        expected: answerOf(item),
        right,
        reason: heard || reasonFor(item, given),
      };
    }),
  wordsOf: ({ items, bank = [] }) => [...new Set([...items, ...bank].map(({ word }) => word))],
  keyOf: ({ items }) =>
    Object.fromEntries(
      items.map((item) => [item.id, item.open && item.answer === '' ? OPEN_ANSWER : item.answer]),
    ),
  keyedItems: ({ items }) =>
    items.map((item) => ({
      id: item.id,
      question: questionOf(item),
      answer: answerOf(item),
      accepted: item.accepted,
      reason: item.reason,
      word: item.word,
    })),
  // A word that is traced is shown; everything else that is written is the answer.
  learnerCopy: (task) => ({
    ...task,
    script: [],
    items: task.items.map(({ lit, keyCells, ...item }) => ({
      ...item,
      word: '',
      answer: item.trace ? item.answer : '',
      accepted: [],
      reason: '',
    })),
  }),

  editable: ({ items }) =>
    items.map((item) => ({
      word: item.word,
      places: [
        ...placeFor('Prompt', item.prompt),
        // An open question has room for the teacher's model answer.
        ...(item.open
          ? [{ label: 'Model answer', text: item.answer }]
          : placeFor('Answer', item.answer)),
        ...placeFor('Reason', item.reason),
      ],
    })),
  edit: (task, edit) => ({
    ...task,
    items: task.items.flatMap((item) =>
      isModelAnswer(item, edit) ? [withModelAnswer(item, edit.to)] : editItems([item], edit),
    ),
  }),
  accepted: ({ items }) =>
    new Map(items.filter(({ open }) => !open).map(({ word, accepted }) => [word, accepted])),
  withAccepted: (task, own) => ({
    ...task,
    items: task.items.map((item) => {
      const list = own[item.word];
      return list === undefined || item.open ? item : { ...item, accepted: list };
    }),
  }),

  size: ({ items }) => items.length,
  first: (task, count) => ({ ...task, items: task.items.slice(0, count) }),
  canShowWorked: ({ handwriting, items }) =>
    handwriting === undefined && !items.some(({ strokes }) => strokes),
  hasBank: () => false,

  nodes,
  keyHead: ({ script }) => script.map((text): DocumentNode => ({ kind: 'text', text })),
  namesQuestions: false,
  paper: (task, style, { answers, needs }) => writePaper(task, style, answers, needs),
  key: writeKey,
};
