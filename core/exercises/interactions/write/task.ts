/** The write interaction: words and sentences are written on lines. QTI 3 counterpart: extendedTextInteraction. */
import type { HandName, Ink } from '../../../kernel/hand-names';
import type { Ruling } from '../../../paper/ruling';
import type { SignStrokes } from '../../../kernel/sign-strokes';
import type { SentenceFrame } from '../../../kernel/sentence-frame';
import type { WordKind } from '../../../kernel/sentence-parts';
import type { SentenceCheck } from '../../../languages/shared/sentence-check';

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
  /** Nothing is computed: the answer is a model, or is left to the teacher where it is empty. */
  readonly open?: boolean;
  /** What is read before the item, where the item stands between paragraphs. */
  readonly passage?: string;
  /** Of a table: what is printed in each column, empty where the learner writes; and what could stand there. */
  readonly cells?: readonly string[];
  readonly keyCells?: readonly string[];
  /** The sentence has slots; any filling of them by what they offer is right. */
  readonly frame?: SentenceFrame;
  /** The answer to write over, in these inks one after another; then the line is the learner's. */
  readonly trace?: readonly Ink[];
  /** The answer is a sign that is written in these strokes, in a square of its own. */
  readonly strokes?: SignStrokes;
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

/** Words of one kind to choose from. */
export interface ChoiceRow {
  readonly kind: WordKind;
  readonly words: readonly { readonly word: string; readonly picture?: string }[];
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
  /** Rows of words from which whole sentences can be chosen on a screen; not printed. */
  readonly choices?: readonly ChoiceRow[];
  /** The items are the rows of a table with these columns, each a share of the width. */
  readonly columns?: readonly { readonly title: string; readonly share: number }[];
  /** What a longer piece of writing should have, to tick off; none where it is absent. */
  readonly checklist?: readonly string[];
  /** Lines are ruled for a school hand; plain lines where it is absent. */
  readonly handwriting?: Handwriting;
}

/** What only paper needs to know. */
export interface WritePaper {
  /** Item id to the lines to write on; one where it is not given. */
  readonly lines?: Readonly<Record<string, number>>;
  /** Its table of two columns stands along a line of time. */
  readonly axis?: boolean;
}

export const linesOf = ({ id }: Pick<WriteItem, 'id'>, { lines }: WritePaper) => lines?.[id] ?? 1;

/** Item id to what was written. */
export type WriteResponse = Readonly<Record<string, string>>;

/** What the key says of a question that no one can answer but the learner. */
export const OPEN_ANSWER = 'own answer';
