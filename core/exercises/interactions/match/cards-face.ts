/** Matching as cards: pairs to turn over, or cards with their partner on the back. */
import { cardSizes, type CardSize, type MatchPaper, type MatchTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { FOOT_HEIGHT, type Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import {
  cardMarks,
  cardPrint,
  cardRows,
  cutLine,
  SMALLEST_CARD_PRINT,
  type CardBox,
  type CardSide,
} from '../../../paper/cut-cards';
import type { Face } from '../../../paper/face';

/** Rounding of a width. */
const HAIR = 1e-6;

/** A text longer than this asks for a broader card. */
const LONG_TEXT = 22;

function sidesOf(task: MatchTask): { front: CardSide; back: CardSide }[] {
  return task.pairs.map((pair) => {
    const right = task.rights.find((side) => side.id === pair.partner);
    return {
      front: { text: pair.left.text, picture: pair.left.picture, word: pair.word },
      back: { text: right?.text ?? '', picture: right?.picture },
    };
  });
}

const isLong = ({ text, picture }: CardSide) => picture === undefined && text.length > LONG_TEXT;

function problemsOf(sides: readonly CardSide[], box: CardBox, style: SheetStyle): string[] {
  return sides
    .filter((side) => side.picture === undefined)
    .filter((side) => cardPrint(side.text, box, style, style.body) < SMALLEST_CARD_PRINT)
    .map((side) => `“${side.text.slice(0, 40)}” is too long for a card. Use a shorter text.`);
}

/** Cards to turn over two at a time: all of one size, so that none gives itself away. */
export function pairsPaper(task: MatchTask, style: SheetStyle): Face {
  const pairs = sidesOf(task);
  const sides = [
    ...pairs.map(({ front }) => front),
    ...task.rights.map(({ text, picture }) => ({ text, picture })),
  ];
  const columns = sides.some(isLong) ? 3 : 4;
  const width = style.width / columns;
  const height = width * (columns === 3 ? 0.62 : 0.8);
  return {
    blocks: cardRows(sides, { columns, width, height }, style),
    problems: problemsOf(sides, { x: 0, y: 0, width, height }, style),
  };
}

interface Sheetful {
  readonly columns: number;
  readonly rows: number;
  readonly width: number;
  readonly height: number;
  /** From the top of the text area to the first row, so that the cards stand in the middle of the paper. */
  readonly top: number;
}

/** Cards of a standard size on a page, turned the way that puts more of them on it. */
function standardForm(size: CardSize, style: SheetStyle): Sheetful {
  const { paper } = style;
  const room = paper.height - 2 * paper.margin - FOOT_HEIGHT;
  const { width, height } = cardSizes[size];
  const forms = [
    { width, height },
    { width: height, height: width },
  ].map((card) => ({
    ...card,
    columns: Math.floor((style.width + HAIR) / card.width),
    rows: Math.floor((room + HAIR) / card.height),
  }));
  const [best] = [...forms].sort(
    (one, other) => other.columns * other.rows - one.columns * one.rows,
  );
  const form = best as (typeof forms)[number];
  return {
    ...form,
    columns: Math.max(1, form.columns),
    rows: Math.max(1, form.rows),
    // The block of cards stands in the middle of the paper, so that its back meets it.
    top: Math.max(0, (paper.height - 2 * paper.margin - Math.max(1, form.rows) * form.height) / 2),
  };
}

function sheetful(
  sides: readonly CardSide[],
  style: SheetStyle,
  size: CardSize | undefined,
): Sheetful {
  if (size !== undefined) return standardForm(size, style);
  const { paper } = style;
  const room = paper.height - 2 * (paper.margin + FOOT_HEIGHT);
  const columns = sides.some(isLong) ? 2 : 3;
  const width = style.width / columns;
  const rows = Math.max(1, Math.floor(room / (width * (columns === 2 ? 0.62 : 0.95))));
  const height = room / rows;
  return { columns, rows, width, height, top: FOOT_HEIGHT };
}

/**
 * Where a card stands, and where its back must be printed to lie behind it. Paper
 * turned over its left or right edge is mirrored from side to side, paper turned
 * over its top or bottom edge from top to bottom; which of the two the long edge
 * is depends on how the paper stands.
 */
export function cardPlaces(
  index: number,
  form: Sheetful,
  style: SheetStyle,
  edge: 'long' | 'short',
) {
  const column = index % form.columns;
  const row = Math.floor(index / form.columns);
  const sideways = (edge === 'long') === style.paper.height > style.paper.width;
  const left = (style.width - form.columns * form.width) / 2;
  const box = (x: number, y: number): CardBox => ({
    x: left + x * form.width,
    y: form.top + y * form.height,
    width: form.width,
    height: form.height,
  });
  return {
    front: box(column, row),
    back: sideways ? box(form.columns - 1 - column, row) : box(column, form.rows - 1 - row),
  };
}

/** A larger card bears larger print. */
const printOn = ({ width, height }: CardBox, { body }: SheetStyle) =>
  body * Math.max(1, Math.min(2.4, Math.min(width, height) / 58));

/** Cards whose backs meet their fronts: a page of fronts, then the page that is printed behind it. */
export function backsPaper(
  task: MatchTask,
  style: SheetStyle,
  { edge = 'long', card }: MatchPaper,
): Face {
  const pairs = sidesOf(task);
  const all = pairs.flatMap(({ front, back }) => [front, back]);
  const form = sheetful(all, style, card);
  const perPage = form.columns * form.rows;
  const page = (marks: PageMark[], name: string): Block => ({
    height: style.paper.height - 2 * style.paper.margin - FOOT_HEIGHT,
    marks,
    name,
    breakBefore: true,
  });
  const blocks: Block[] = [];
  for (let from = 0; from < pairs.length; from += perPage) {
    const some = pairs.slice(from, from + perPage);
    const places = some.map((_, index) => cardPlaces(index, form, style, edge));
    const marksOf = (side: 'front' | 'back') =>
      some.flatMap((pair, index): PageMark[] => {
        const box = places[index]?.[side] as CardBox;
        return [
          ...(side === 'front' ? [cutLine(box)] : []),
          ...cardMarks(pair[side], box, style, printOn(box, style) * (side === 'front' ? 1.5 : 1)),
        ];
      });
    blocks.push(
      page(marksOf('front'), 'A page of cards'),
      page(marksOf('back'), 'A page of backs'),
    );
  }
  return {
    blocks,
    problems: problemsOf(all, { ...form, x: 0, y: 0 }, style),
    headless: true,
  };
}
