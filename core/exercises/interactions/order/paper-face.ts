/** The order on paper: loose pieces in boxes, and a line to write the whole on. */
import { writtenOut, type OrderItem, type OrderTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { breakLines, textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import {
  keyLine,
  NUMBER_ROOM,
  numberAt,
  textAt,
  type Face,
  type Answers,
  isAnswered,
  itemArea,
} from '../../../paper/face';
import { readAs } from '../../../paper/reading';

/** A line shorter than this, in millimetres, is none to write a word on. */
const LEAST_LINE = 30;

/** The pieces of an item named one by one, and what is to be done with them. */
function said(marks: readonly PageMark[], item: OrderItem, index: number, solved?: string) {
  const parts = [
    `${index + 1}. ${item.picture === undefined ? '' : 'picture; '}pieces: ${item.pieces.join(', ')}`,
    solved === undefined ? 'line to write on' : `written: ${solved}`,
  ];
  return readAs(marks, undefined, parts.join('; '));
}

/** @param pictured whether any item has a picture: all pieces begin after its column then */
function itemBlock(
  item: OrderItem,
  index: number,
  style: SheetStyle,
  pictured: boolean,
  solved?: string,
): Block {
  const cell = Math.max(style.body * 1.5, 9);
  const marks: PageMark[] = [];
  let x = NUMBER_ROOM;
  if (item.picture !== undefined) {
    marks.push({
      kind: 'picture',
      x,
      y: 0,
      width: style.picture * 0.8,
      height: style.picture * 0.8,
      picture: item.picture,
      name: '',
    });
  }
  if (pictured) x += style.picture * 0.8 + 5;
  const tall = item.picture === undefined ? 0 : style.picture * 0.8;
  const middle = Math.max(cell, tall) / 2;
  marks.push(...numberAt(middle + style.body * 0.25, index + 1, style));
  const begin = x;
  // Pieces that have no room beside each other go on below.
  let row = 0;
  const step = cell + 1.5;
  for (const piece of item.pieces) {
    const width = Math.max(cell, textWidth(piece, style.font, 400, style.body) + 4);
    if (x + width > style.width && x > begin) {
      x = begin;
      row += 1;
    }
    const y = middle + row * step;
    marks.push(
      { kind: 'box', x, y: y - cell / 2, width, height: cell, stroke: 0.3, radius: 1 },
      textAt(x + width / 2, y + style.body * 0.33, piece, style, { align: 'middle' }),
    );
    x += width + 1.5;
  }
  // The line stands beside the pieces, or under them where it would be too short to write on.
  const beside = Math.max(x + 5, style.width * 0.58);
  const below = row > 0 || style.width - beside < LEAST_LINE;
  const from = below ? NUMBER_ROOM : beside;
  const baseline =
    middle + row * step + (below ? cell / 2 + style.lineRoom * 0.9 : style.body * 0.4);
  marks.push({ kind: 'line', x1: from, y1: baseline, x2: style.width, y2: baseline, width: 0.35 });
  if (solved !== undefined) {
    const wide = Math.max(1, textWidth(solved, style.font, 400, style.body));
    const size = Math.min(style.body, (style.body * (style.width - from - 3)) / wide);
    marks.push(textAt(from + 2, baseline - 1, solved, style, { size, grey: true }));
  }
  const height = Math.max(cell + 3, tall, below ? baseline : 0) + 3;
  return {
    height,
    marks: [itemArea(item, style.width, height - 2), ...said(marks, item, index, solved)],
    name: `The pieces of ${item.word}`,
    loose: true,
  };
}

/** The words of a sentence in boxes, over a line to write it on. */
function sentenceBlock(item: OrderItem, index: number, style: SheetStyle, solved?: string): Block {
  const cell = Math.max(style.body * 1.5, 8);
  const marks: PageMark[] = [...numberAt(cell / 2 + style.body * 0.25, index + 1, style)];
  let x = NUMBER_ROOM;
  let y = 0;
  for (const piece of item.pieces) {
    const width = textWidth(piece, style.font, 400, style.body) + 4;
    if (x + width > style.width && x > NUMBER_ROOM) {
      x = NUMBER_ROOM;
      y += cell + 1.5;
    }
    marks.push(
      { kind: 'box', x, y, width, height: cell, stroke: 0.3, radius: 1 },
      textAt(x + width / 2, y + cell / 2 + style.body * 0.33, piece, style, { align: 'middle' }),
    );
    x += width + 1.5;
  }
  const line = y + cell + style.lineRoom;
  marks.push({ kind: 'line', x1: NUMBER_ROOM, y1: line, x2: style.width, y2: line, width: 0.35 });
  if (solved !== undefined) {
    const wide = Math.max(1, textWidth(solved, style.font, 400, style.body));
    const size = Math.min(style.body, (style.body * (style.width - NUMBER_ROOM - 2)) / wide);
    marks.push(textAt(NUMBER_ROOM + 1, line - 1, solved, style, { size, grey: true }));
  }
  return {
    height: line + 4,
    marks: [itemArea(item, style.width, line + 1), ...said(marks, item, index, solved)],
    name: `The words of “${item.word}”`,
    loose: true,
  };
}

/** Sentences one under another, each with a box for its number. */
function listBlocks(item: OrderItem, style: SheetStyle, worked: boolean): Block[] {
  const box = Math.max(8, style.body * 1.35);
  const left = box + 4;
  const leading = style.body * style.leading;
  return item.pieces.map((piece) => {
    const lines = breakLines(piece, style.font, 400, style.body, style.width - left);
    const marks: PageMark[] = [
      { kind: 'box', x: 0.3, y: 0.5, width: box, height: box, stroke: 0.35, radius: 1 },
      ...lines.map((line, row) => textAt(left, style.body * 1.15 + row * leading, line, style)),
    ];
    if (worked) {
      const place = String(item.key.indexOf(piece) + 1);
      marks.push(
        textAt(0.3 + box / 2, 0.5 + box / 2 + style.body * 0.33, place, style, {
          align: 'middle',
          grey: true,
        }),
      );
    }
    return {
      height: Math.max(box + 1, lines.length * leading) + 4,
      marks: readAs(
        marks,
        undefined,
        `${worked ? `box with ${item.key.indexOf(piece) + 1}` : 'box'}: ${piece}`,
      ),
      name: 'A sentence to number',
      loose: true,
    };
  });
}

export function orderPaper(task: OrderTask, style: SheetStyle, answers: Answers): Face {
  const solved = (item: OrderItem, index: number) =>
    isAnswered(answers, index) ? writtenOut(item.key, task) : undefined;
  if (task.list) {
    return {
      blocks: task.items.flatMap((item, index) =>
        listBlocks(item, style, isAnswered(answers, index)),
      ),
      problems: [],
    };
  }
  if (task.sentence) {
    return {
      blocks: task.items.map((item, index) =>
        sentenceBlock(item, index, style, solved(item, index)),
      ),
      problems: [],
    };
  }
  const pictured = task.items.some(({ picture }) => picture !== undefined);
  const tooLong = task.items.some((item) => item.pieces.length > 14);
  return {
    blocks: task.items.map((item, index) =>
      itemBlock(item, index, style, pictured, solved(item, index)),
    ),
    problems: tooLong
      ? ['A word has too many letters for one row of boxes. Use a shorter word.']
      : [],
  };
}

export function orderKey(task: OrderTask, style: SheetStyle): Block[] {
  if (task.list) {
    return task.items.flatMap((item) =>
      item.key.map((piece, index) => keyLine(index, piece, index === 0 ? item.reason : '', style)),
    );
  }
  return task.items.map((item, index) =>
    keyLine(index, writtenOut(item.key, task), item.reason, style),
  );
}
