/** Cards to cut out: a text or a picture in the middle of each, dashed lines to cut along. */
import type { PageMark } from './marks';
import { breakLines, textWidth } from './measure';
import type { Block } from './paginate';
import type { SheetStyle } from './style';
import { textAt } from './face';
import { readAs } from './reading';

export interface CardSide {
  readonly text: string;
  /** Name of a shipped picture that stands instead of the text. */
  readonly picture?: string | undefined;
  /** The word of the material that it shows, for its mark on screen. */
  readonly word?: string | undefined;
}

export interface CardBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

const PADDING = 3;
/** Smallest print on a card, in millimetres of the em. */
export const SMALLEST_CARD_PRINT = 3.2;

/** The dashed line to cut along. */
export const cutLine = (box: CardBox): PageMark => ({
  kind: 'box',
  ...box,
  stroke: 0.25,
  dashed: true,
});

/** The largest size, up to the wanted, at which a text stands inside a card, with its lines. */
function fitText(text: string, box: CardBox, style: SheetStyle, wanted: number) {
  const width = box.width - 2 * PADDING;
  const height = box.height - PADDING;
  for (let size = wanted; size > 1.5; size *= 0.94) {
    const lines = breakLines(text, style.font, 400, size, width);
    const cut = lines.some((line) => line.endsWith('-') && !text.includes(line));
    if (!cut && lines.length * size * 1.25 <= height) return { size, lines };
  }
  return { size: 1.5, lines: breakLines(text, style.font, 400, 1.5, width) };
}

/** Size of the print of a card's text: below {@link SMALLEST_CARD_PRINT} the text is too long for it. */
export function cardPrint(text: string, box: CardBox, style: SheetStyle, wanted: number): number {
  return fitText(text, box, style, wanted).size;
}

/** What stands on a card. */
export function cardMarks(
  side: CardSide,
  box: CardBox,
  style: SheetStyle,
  wanted = style.body,
): PageMark[] {
  if (side.picture !== undefined) {
    const size = Math.min(box.width, box.height) - 2 * PADDING;
    return [
      {
        kind: 'picture',
        x: box.x + (box.width - size) / 2,
        y: box.y + (box.height - size) / 2,
        width: size,
        height: size,
        picture: side.picture,
        name: '',
        reading: { as: 'card: picture' },
      },
    ];
  }
  const { size, lines } = fitText(side.text, box, style, wanted);
  const middle = box.x + box.width / 2;
  const first = box.y + box.height / 2 - ((lines.length - 1) * size * 1.25) / 2 + size * 0.33;
  const marks = readAs(
    lines.map((line, index) =>
      textAt(middle, first + index * size * 1.25, line, style, { size, align: 'middle' }),
    ),
    undefined,
    `card: ${side.text}`,
  );
  if (side.word === undefined) return marks;
  const width = textWidth(side.text, style.font, 400, size);
  return [
    ...marks,
    {
      kind: 'word',
      x: middle - width / 2,
      y: box.y + 1,
      width,
      height: box.height - 1.5,
      word: side.word,
    },
  ];
}

/** Cards in rows, each row a block. */
export function cardRows(
  sides: readonly CardSide[],
  size: { readonly columns: number; readonly width: number; readonly height: number },
  style: SheetStyle,
): Block[] {
  const rows = Math.ceil(sides.length / size.columns);
  return Array.from({ length: rows }, (_, row) => ({
    height: size.height,
    name: 'A row of cards',
    marks: sides.slice(row * size.columns, (row + 1) * size.columns).flatMap((side, column) => {
      const box = { x: column * size.width, y: 0, width: size.width, height: size.height };
      // Each card by itself, though two may be said alike.
      const said = side.picture === undefined ? side.text : 'picture';
      const place = row * size.columns + column;
      return [cutLine(box), ...readAs(cardMarks(side, box, style), place, `card: ${said}`)];
    }),
  }));
}
