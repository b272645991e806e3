/** The write interaction: words and sentences are written on lines. QTI 3 counterpart: extendedTextInteraction. */
import type { HandName, Ink } from '../../handwriting/hands';
import type { Ruling } from '../../handwriting/ruling';
import { checkSentence, type SentenceCheck } from './sentence-check';
import { markOf, type Interaction } from './interaction';

export interface WriteItem {
  readonly id: string;
  readonly word: string;
  /** What stands before the line for the learner; empty where it is dictated. */
  readonly prompt: string;
  readonly picture?: string;
  /** What should stand there, or could; and what may. */
  readonly answer: string;
  readonly accepted: readonly string[];
  /** Parts of the answer, in their order, that show the form that is practised. */
  readonly lit?: readonly string[];
  /** Where any text is right that meets these checks; the answer is then a model. */
  readonly checks?: SentenceCheck;
  readonly lines: number;
  /** Nothing is computed: the answer is a model, or is left to the teacher where it is empty. */
  readonly open?: boolean;
  /** What is read before the item, where the item stands between paragraphs. */
  readonly passage?: string;
  /** Of a table: what is printed in each column, empty where the learner writes; and what could stand there. */
  readonly cells?: readonly string[];
  readonly keyCells?: readonly string[];
  /** The answer to write over, in these inks one after another; then the line is the learner's. */
  readonly trace?: readonly Ink[];
  readonly reason: string;
}

/** A picture that all items are about. */
export interface Scene {
  /** A data URL of the teacher's own picture. */
  readonly picture: string;
  /** Its width over its height. */
  readonly ratio: number;
  /** What it shows, for whoever cannot see it. */
  readonly shows?: string;
}

/** The hand that is written, and the lines it stands on where they are not those of the class's age. */
export interface Handwriting {
  readonly hand: HandName;
  readonly ruling?: Ruling;
}

export interface WriteTask {
  readonly interaction: 'write';
  readonly items: readonly WriteItem[];
  /** What the teacher reads out, one part a line; empty where nothing is dictated. */
  readonly script: readonly string[];
  /** Stands over the items. */
  readonly scene?: Scene;
  /** Words and their pictures to write with, in a box at the head; none where it is absent. */
  readonly bank?: readonly { readonly word: string; readonly picture?: string }[];
  /** The items are the rows of a table with these columns, each a share of the width. */
  readonly columns?: readonly { readonly title: string; readonly share: number }[];
  /** What a longer piece of writing should have, to tick off; none where it is absent. */
  readonly checklist?: readonly string[];
  /** Lines are ruled for a school hand; plain lines where it is absent. */
  readonly handwriting?: Handwriting;
}

/** Item id to what was written. */
export type WriteResponse = Readonly<Record<string, string>>;

/** What the key says of a question that no one can answer but the learner. */
export const OPEN_ANSWER = 'own answer';

const tidy = (text: string) => text.trim().replace(/\s+/g, ' ').toLowerCase().replaceAll('’', "'");

const isRight = (item: WriteItem, written: string) =>
  item.open && !item.checks
    ? written.trim() !== ''
    : item.checks
      ? checkSentence(written, item.checks).length === 0
      : [item.answer, ...item.accepted].some((right) => tidy(right) === tidy(written));

export const write: Interaction<WriteTask, WriteResponse> = {
  validate: ({ items }) =>
    items.flatMap((item) => {
      if (item.open) return [];
      if (item.answer === '') return [`${item.word} has no answer.`];
      return isRight(item, item.answer)
        ? []
        : [`The model answer for ${item.word} does not meet its own checks.`];
    }),
  mark: ({ items }, response) =>
    markOf(
      items,
      (item) => isRight(item, response[item.id] ?? ''),
      (item) =>
        item.checks
          ? checkSentence(response[item.id] ?? '', item.checks).join(' ')
          : item.open
            ? 'Write an answer: any is read by the teacher.'
            : item.reason,
    ),
  wordsOf: ({ items, bank = [] }) => [...new Set([...items, ...bank].map(({ word }) => word))],
  keyOf: ({ items }) =>
    Object.fromEntries(
      items.map((item) => [item.id, item.open && item.answer === '' ? OPEN_ANSWER : item.answer]),
    ),
};
