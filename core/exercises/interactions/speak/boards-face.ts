/** Bingo boards on paper: four on a page, with lines to cut along; and the caller's list. */
import type { SpeakTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { textWidth } from '../../../paper/measure';
import { FOOT_HEIGHT, type Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import { textAt, type Face } from '../../../paper/face';
import { readAsCell } from '../../../paper/reading';
import { textBlock } from '../../../paper/text-block';

const ABREAST = 2;
const PAD = 4;

/** One board in a frame to cut out: its number, and its words in squares. */
function boardMarks(
  words: readonly string[],
  number: number,
  side: number,
  box: { readonly x: number; readonly width: number; readonly height: number },
  size: number,
  style: SheetStyle,
): PageMark[] {
  const head = style.small * 1.8;
  const square = {
    width: (box.width - 2 * PAD) / side,
    height: (box.height - 2 * PAD - head) / side,
  };
  return [
    {
      kind: 'box',
      x: box.x,
      y: 0,
      width: box.width,
      height: box.height,
      stroke: 0.25,
      dashed: true,
    },
    textAt(box.x + PAD, PAD + style.small, `Board ${number}`, style, {
      size: style.small,
      weight: 700,
      role: 'heading',
    }),
    ...words.flatMap((word, index): PageMark[] => {
      const x = box.x + PAD + (index % side) * square.width;
      const y = PAD + head + Math.floor(index / side) * square.height;
      return [
        { kind: 'box', x, y, width: square.width, height: square.height, stroke: 0.4 },
        ...readAsCell(
          [
            textAt(x + square.width / 2, y + square.height / 2 + size * 0.33, word, style, {
              size,
              align: 'middle',
              reading: { item: number * 100 + index },
            }),
          ],
          { row: Math.floor(index / side), column: index % side },
          word,
        ),
      ];
    }),
  ];
}

/** All boards, four on a page. */
export function boardsPaper(
  boards: readonly (readonly string[])[],
  side: number,
  style: SheetStyle,
): Face {
  const room = style.paper.height - 2 * style.paper.margin - FOOT_HEIGHT;
  const upright = style.paper.height > style.paper.width;
  const height = upright ? room / 2 : room;
  const width = style.width / ABREAST;
  const rows = Math.ceil(boards.length / ABREAST);
  const square = (width - 2 * PAD) / side;
  // As large on every board as the longest word of all lets them stand in their squares.
  const widest = Math.max(
    1,
    ...boards.flat().map((word) => textWidth(word, style.font, 400, style.body)),
  );
  const size = Math.min(style.body * 1.4, (style.body * (square - 3)) / widest);
  return {
    blocks: Array.from({ length: rows }, (_, row): Block => ({
      height,
      name: 'A row of boards',
      marks: boards
        .slice(row * ABREAST, (row + 1) * ABREAST)
        .flatMap((words, column) =>
          boardMarks(
            words,
            row * ABREAST + column + 1,
            side,
            { x: column * width, width, height },
            size,
            style,
          ),
        ),
    })),
    problems: [],
    headless: true,
  };
}

/** The words to call in their order, to tick, and who has a line first. */
export function callersList({ items }: SpeakTask, style: SheetStyle): Block[] {
  const columns = 4;
  const rows = Math.ceil(items.length / columns);
  const wanted = style.small * 1.3;
  // As large as lets the longest word stand in its column, behind its box and number.
  const widest = Math.max(
    1,
    ...items.map(({ word }) => textWidth(`00. ${word}`, style.font, 400, wanted)),
  );
  const room = style.width / columns - wanted * 0.9 - 4;
  const size = Math.min(wanted, (wanted * room) / widest);
  const tick = size * 0.9;
  const [first] = items;
  return [
    textBlock('Call the words in this order, and tick each.', style, {
      size: style.small * 1.2,
      role: 'text',
      after: 2,
    }),
    ...Array.from({ length: rows }, (_, row): Block => ({
      height: size * 1.7,
      marks: Array.from({ length: columns }, (_, column) => column * rows + row).flatMap(
        (index, column): PageMark[] => {
          const item = items[index];
          if (item === undefined) return [];
          const x = (column * style.width) / columns;
          return [
            { kind: 'box', x, y: size * 0.3, width: tick, height: tick, stroke: 0.25, radius: 0.6 },
            textAt(x + tick + 2, size * 1.1, `${index + 1}. ${item.word}`, style, { size }),
          ];
        },
      ),
    })),
    ...(first?.reason
      ? [
          { height: 2, marks: [] },
          textBlock(first.reason, style, { size: style.small * 1.1, role: 'text' }),
        ]
      : []),
  ];
}
