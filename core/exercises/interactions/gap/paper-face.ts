/** The gap on paper: numbered items with ruled gaps, a bank to choose from, and the key. */
import { gapLetters, gapsOf, type GapItem, type GapPaper, type GapTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import { textBlock } from '../../../paper/text-block';
import { crossingKey, crossingPaper } from './crossing-face';
import {
  NUMBER_ROOM,
  numberAt,
  textAt,
  type Face,
  type Answers,
  isAnswered,
  itemArea,
} from '../../../paper/face';
import { sentencePaper } from './sentence-face';
import { boxFrame, wordBox } from '../../../paper/word-box';
import { readAs, spokenGaps } from '../../../paper/reading';

/** A bank of long entries (rules) is lettered, and each item has a small square for its letter. */
const LETTERED_FROM = 8;
const SQUARE = 7;
/** A written word needs no more than this, in millimetres. */
const WIDEST_GAP = 75;

/** A task with the room its gaps need. */
/** Pictures stand beside the items where most of them have one. */
const MOST_PICTURED = 0.6;

function shownPictures({ items }: GapTask, { pictures = {} }: GapPaper) {
  const have = items.filter(({ word }) => pictures[word] !== undefined).length;
  return have >= 3 && have >= items.length * MOST_PICTURED ? pictures : {};
}

/** Room for the picture of an item; the same for all, so that they stand in line. */
const pictureRoom = ({ pictures }: SizedTask, style: SheetStyle) =>
  Object.keys(pictures).length === 0 ? 0 : style.picture + 4;

interface SizedTask extends GapTask {
  /** The picture beside each item, by its word; nothing where too few have one. */
  readonly pictures: Readonly<Record<string, string>>;
  readonly letters: number;
}

export function isLettered(task: GapTask): boolean {
  return task.sentences !== true && task.bank.some((entry) => entry.length >= LETTERED_FROM);
}

/** The letter of a bank entry: A for the first. */
export function bankLetter(task: GapTask, entry: string | undefined): string {
  const index = entry === undefined ? -1 : task.bank.indexOf(entry);
  return index < 0 ? '' : String.fromCharCode(65 + index);
}

/**
 * Every gap of a task is of one width, so that it gives nothing away, and holds
 * three letters where graphemes are asked for. An item of several gaps, the two
 * halves of a split digraph, has room for one letter in each.
 */
function gapWidth(item: GapItem, task: SizedTask, style: SheetStyle): number {
  if (task.boxes) return 2.1 * style.letterRoom;
  if (gapsOf(item).length > 1) return 1.4 * style.letterRoom;
  const letters = task.letters <= 4 ? Math.min(Math.max(task.letters, 2), 3) : task.letters;
  return Math.min(letters * style.letterRoom, WIDEST_GAP);
}

const pieceWidth = (text: string, style: SheetStyle) =>
  textWidth(text, style.font, 400, style.body);

/**
 * Where every item is a text and then one gap (`rain + ing = ____`), the gaps
 * begin under each other, after the widest text; else undefined.
 */
function gapColumn(task: GapTask, style: SheetStyle): number | undefined {
  const leads = task.items.map(({ pieces }) =>
    pieces.length === 2 && pieces[0]?.kind === 'text' && pieces[0].text.endsWith(' ')
      ? pieceWidth(pieces[0].text, style)
      : undefined,
  );
  return leads.every((lead) => lead !== undefined) ? Math.max(0, ...leads) : undefined;
}

function itemWidth(item: GapItem, task: SizedTask, style: SheetStyle): number {
  const column = gapColumn(task, style);
  const pieces = item.pieces.map((piece) =>
    piece.kind === 'text'
      ? Math.max(pieceWidth(piece.text, style), column ?? 0)
      : gapWidth(item, task, style),
  );
  const square = isLettered(task) ? SQUARE + 4 : 0;
  return (
    NUMBER_ROOM + pictureRoom(task, style) + pieces.reduce((sum, width) => sum + width, 0) + square
  );
}

/** An item as it is said: its word whole but for its gaps. */
function spoken(item: GapItem, task: GapTask, worked: boolean): string {
  const said = item.pieces.map((piece) =>
    piece.kind === 'text' ? piece.text : worked ? piece.answer : ' gap ',
  );
  const rule = !isLettered(task)
    ? ''
    : worked
      ? `, rule ${bankLetter(task, item.rule)}`
      : ', rule: gap';
  const boxes = item.pieces.filter(({ kind }) => kind === 'gap').length;
  if (task.boxes && !worked && boxes === item.pieces.length) {
    return boxes === 1 ? '1 box' : `${boxes} boxes`;
  }
  return `${spokenGaps(said.join(''))}${rule}`;
}

/** Of a row of items. */
const rowHeight = (task: SizedTask, style: SheetStyle) =>
  Math.max(style.lineRoom + (task.boxes ? 3 : 0), Math.max(0, pictureRoom(task, style) - 2));

/** One item from `left`, with its answer written in where it is worked. */
function itemMarks(
  item: GapItem,
  number: number,
  left: number,
  task: SizedTask,
  style: SheetStyle,
  worked: boolean,
): PageMark[] {
  const height = rowHeight(task, style);
  const baseline = (height - style.lineRoom) / 2 + style.lineRoom * 0.68;
  const text = (x: number, content: string, extra: object = {}): PageMark => ({
    kind: 'text',
    x,
    y: baseline,
    text: content,
    size: style.body,
    weight: 400,
    align: 'start',
    role: 'text',
    ...extra,
  });
  const marks: PageMark[] = [...numberAt(baseline, number, style, left)];
  const picture = task.pictures[item.word];
  if (picture !== undefined) {
    marks.push({
      kind: 'picture',
      x: left + NUMBER_ROOM,
      y: (height - style.picture) / 2,
      width: style.picture,
      height: style.picture,
      picture,
      name: '',
    });
  }
  let x = left + NUMBER_ROOM + pictureRoom(task, style);
  const start = x;
  const column = gapColumn(task, style);
  for (const piece of item.pieces) {
    if (piece.kind === 'text') {
      // The silent e of a split digraph stands clear of the last box.
      if (task.boxes) x += 1.5;
      marks.push(text(x, piece.text));
      x += Math.max(pieceWidth(piece.text, style), column ?? 0);
      continue;
    }
    const width = gapWidth(item, task, style);
    if (task.boxes) {
      const height = style.lineRoom * 0.78;
      const y = baseline - height + style.body * 0.45;
      marks.push({ kind: 'box', x, y, width, height, stroke: 0.4 });
      if (worked) marks.push(text(x + width / 2, piece.answer, { align: 'middle', grey: true }));
      x += width;
      continue;
    }
    marks.push({
      kind: 'line',
      x1: x + 0.8,
      y1: baseline + 1,
      x2: x + width - 0.8,
      y2: baseline + 1,
      width: 0.35,
    });
    if (worked) {
      marks.push(text(x + width / 2, piece.answer, { align: 'middle', grey: true }));
    }
    x += width;
  }
  if (isLettered(task)) {
    const y = baseline - SQUARE + 1.5;
    marks.push({ kind: 'box', x: x + 3, y, width: SQUARE, height: SQUARE, stroke: 0.3 });
    if (worked) {
      marks.push(
        text(x + 3 + SQUARE / 2, bankLetter(task, item.rule), {
          align: 'middle',
          grey: true,
          size: style.body * 0.75,
        }),
      );
    }
  }
  // Where the word is printed whole, its mark stands under it; else under what is left of it and its gaps.
  const [lead] = item.pieces;
  const whole = lead?.kind === 'text' && lead.text.startsWith(item.word);
  marks.push({
    kind: 'word',
    x: start,
    y: baseline - style.body,
    width: whole ? pieceWidth(item.word, style) : x - start,
    height: style.body * 1.35,
    word: item.word,
  });
  return [
    itemArea(item, x - left + 2, height, left),
    ...readAs(marks, number, `${number}. ${spoken(item, task, worked)}`),
  ];
}

/** The bank in a box: short entries side by side, long ones lettered, one a line. */
function bankBlocks(task: GapTask, style: SheetStyle): Block[] {
  if (!isLettered(task)) {
    return wordBox(
      task.bank.map((text) => ({ text })),
      style,
    );
  }
  const pad = 3;
  const size = style.body * 0.8;
  const height = task.bank.length * size * style.leading + 2 * pad;
  const marks: PageMark[] = [
    ...boxFrame(style, height),
    ...task.bank.map((entry, index) =>
      textAt(
        pad + 2,
        pad + size * (1 + index * style.leading),
        `${String.fromCharCode(65 + index)}  ${entry}`,
        style,
        { size },
      ),
    ),
  ];
  return [{ height: height + 5, marks, name: 'The box to choose from', keepWithNext: true }];
}

/** The learner's sheet: the bank, then the items in as many columns (two at most) as their width allows. */
/** On small paper a gap has less room, as far as a hand can still write in it. */
const NARROWER = [1, 0.85, 0.72, 0.6];

export function gapPaper(
  given: GapTask,
  wished: SheetStyle,
  answers: Answers,
  needs: GapPaper,
): Face {
  if (given.crossing) return crossingPaper(given, given.crossing, wished, answers);
  const plain: SizedTask = { ...given, letters: gapLetters(given, needs), pictures: {} };
  const pictured: SizedTask = { ...plain, pictures: shownPictures(given, needs) };
  const fits = (task: SizedTask, style: SheetStyle) =>
    task.items.every((item) => itemWidth(item, task, style) <= style.width);
  const task = fits(pictured, wished) ? pictured : plain;
  const narrower = NARROWER.map((share) => ({ ...wished, letterRoom: wished.letterRoom * share }));
  const style = narrower.find((each) => fits(task, each)) ?? wished;
  if (task.sentences) return sentencePaper(task, style, answers, task.letters);
  const widest = Math.max(0, ...task.items.map((item) => itemWidth(item, task, style)));
  const columns = widest <= style.width / 2 - 4 ? 2 : 1;
  const problems =
    widest > style.width
      ? ['An item is wider than the page. Use a shorter word or larger paper.']
      : [];
  const rows = Math.ceil(task.items.length / columns);
  const blocks: Block[] = [...bankBlocks(task, style)];
  for (let row = 0; row < rows; row += 1) {
    const marks: PageMark[] = [];
    for (let column = 0; column < columns; column += 1) {
      // Numbers run down a column, as the eye does.
      const index = column * rows + row;
      const item = task.items[index];
      if (item === undefined) continue;
      const left = column * (style.width / 2 + 4);
      marks.push(...itemMarks(item, index + 1, left, task, style, isAnswered(answers, index)));
    }
    blocks.push({
      height: rowHeight(task, style),
      marks,
      name: 'A row of items',
      loose: true,
    });
  }
  return { blocks, problems };
}

/** The key: each answer with its spelling, or with the letter of its rule and why. */
export function gapKey(task: GapTask, style: SheetStyle): Block[] {
  if (task.crossing) return crossingKey(task, task.crossing, style);
  const size = style.small * 1.2;
  const rules = isLettered(task) ? bankBlocks(task, style) : [];
  const answers = task.items.map((item, index) => {
    const rule = item.rule === undefined ? '' : ` (${item.rule})`;
    const letter = bankLetter(task, item.rule);
    const text = isLettered(task)
      ? `${index + 1}. ${item.key} · ${letter}. ${item.reason}`
      : `${index + 1}. ${item.key}${rule}`;
    return textBlock(text, style, { size, role: 'text', after: 1.5 });
  });
  return [...rules, ...answers];
}
