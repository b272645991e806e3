/** The sort on paper: headed boxes to glue in, cards to cut out, and the key. */
import type { SortTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { breakLines, sizeThatHolds, textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import { roomUnderHead, type SheetStyle } from '../../../paper/style';
import { textBlock } from '../../../paper/text-block';
import { cardRows } from '../../../paper/cut-cards';
import { textAt, type Answers } from '../../../paper/face';
import { readAs } from '../../../paper/reading';

const BOX_GAP = 5;
const CARD_PADDING = 3;
/** A card lower than this, in millimetres, is hard to cut and to glue. */
const LEAST_CARD = 10;
/** Room for the worked example over the boxes. */
const EXAMPLE_ROOM = 14;

const heightOf = (blocks: readonly Block[]) => blocks.reduce((sum, { height }) => sum + height, 0);

export interface SortPaper {
  readonly blocks: readonly Block[];
  readonly problems: readonly string[];
}

interface CardFit {
  readonly columns: number;
  readonly width: number;
  readonly size: number;
}

/**
 * Boxes abreast, four or fewer, or five of five where their cards are short enough; one where the
 * cards are wider than such a box, as sentences are.
 */
function boxesInRow(task: SortTask, style: SheetStyle): number {
  const widest = Math.max(
    0,
    ...task.cards.map((card) => textWidth(card.text, style.font, 400, style.body)),
  );
  const room = (count: number) => (style.width - BOX_GAP * (count - 1)) / count - 2;
  const card = widest + 2 * CARD_PADDING;
  if (task.headings.length === 5 && card <= room(5)) return 5;
  const most = Math.max(1, Math.min(task.headings.length, 4));
  return card > 1.25 * room(most) ? 1 : most;
}

function boxWidth(task: SortTask, style: SheetStyle): number {
  const perRow = boxesInRow(task, style);
  return (style.width - BOX_GAP * (perRow - 1)) / perRow;
}

/**
 * Most cards abreast, four or fewer, that leave every word room; the size shrinks
 * only for a word no row can hold. A card is no wider than the box it is glued in,
 * as far as its words allow.
 */
function fitCards(task: SortTask, style: SheetStyle): CardFit {
  const widest = (size: number) =>
    Math.max(0, ...task.cards.map((card) => textWidth(card.text, style.font, 400, size)));
  const needed = widest(style.body) + 2 * CARD_PADDING;
  const glued = boxWidth(task, style) - 2;
  for (const columns of [4, 3, 2, 1]) {
    const room = style.width / columns;
    if (needed > room) continue;
    return { columns, width: Math.max(needed, Math.min(room, glued)), size: style.body };
  }
  const room = style.width - 2 * CARD_PADDING;
  return { columns: 1, width: style.width, size: (style.body * room) / widest(style.body) };
}

/** Boxes in rows of at most four, each with its heading and room for the cards that may be glued there. */
function boxRows(
  task: SortTask,
  style: SheetStyle,
  card: { width: number; height: number },
  filled = false,
) {
  const perRow = boxesInRow(task, style);
  const width = boxWidth(task, style);
  // A word of a heading is set smaller rather than cut in two.
  const print = sizeThatHolds(
    task.headings.map(({ label }) => label),
    style.font,
    700,
    style.body * 1.05,
    width - 3,
  );
  const labels = task.headings.map(({ label }) =>
    breakLines(label, style.font, 700, print, width - 3),
  );
  const header = style.body * (0.75 + 1.2 * Math.max(1, ...labels.map((lines) => lines.length)));
  const most = Math.max(
    1,
    ...task.headings.map((heading) => task.cards.filter((each) => each.home === heading.id).length),
  );
  const abreast = Math.max(1, Math.floor((width - 2) / card.width));
  // Every box is as high as the fullest needs, so that its size gives nothing away.
  const needed = Math.ceil(most / abreast) * card.height + 3;
  const body = Math.min(Math.max(needed, perRow === 1 ? 20 : 40), 110) * style.stretch;
  // The cards as they lie when they are glued in: as high as lets all of a box stand in it.
  const step = Math.min(card.height, body / Math.max(1, Math.ceil(most / abreast)));
  const cardsOf = (home: string, x: number): PageMark[] =>
    task.cards
      .filter((each) => each.home === home)
      .map((each, place) => {
        const room = Math.min(card.width, (width - 2) / abreast) - 2;
        const glued = each.completed ?? each.text;
        const wide = Math.max(1, textWidth(glued, style.font, 400, style.body));
        const size = Math.min(style.body, (style.body * room) / wide, step * 0.85);
        return textAt(
          x + 2 + ((place % abreast) * (width - 2)) / abreast,
          header + (Math.floor(place / abreast) + 0.7) * step,
          glued,
          style,
          { size, grey: true },
        );
      });
  const rows: Block[] = [];
  for (let from = 0; from < task.headings.length; from += perRow) {
    const marks: PageMark[] = [];
    task.headings.slice(from, from + perRow).forEach(({ id }, index) => {
      const x = index * (width + BOX_GAP);
      marks.push(
        ...(filled ? cardsOf(id, x) : []),
        { kind: 'box', x, y: 0, width, height: header + body, stroke: 0.5, radius: 2 },
        { kind: 'line', x1: x, y1: header, x2: x + width, y2: header, width: 0.5 },
        ...readAs(
          (labels[from + index] ?? []).map((line, row, { length }) =>
            textAt(
              x + width / 2,
              header / 2 + style.body * (0.33 + 1.2 * (row - (length - 1) / 2)),
              line,
              style,
              { size: print, weight: 700, align: 'middle', role: 'heading' },
            ),
          ),
          undefined,
          `box to sort into: ${task.headings[from + index]?.label ?? ''}`,
        ),
      );
    });
    rows.push({ height: header + body + BOX_GAP, marks, name: 'The row of boxes' });
  }
  return rows;
}

/** The learner's sheet: boxes, then the cards; cards that do not fit go to the next page whole rows at a time. */
export function sortPaper(task: SortTask, style: SheetStyle, answers: Answers): SortPaper {
  const { columns, width, size } = fitCards(task, style);
  const usual = Math.max(size * 2.4, 13) * Math.sqrt(style.stretch);
  // Cards are cut lower where boxes and cards then stand on one page.
  const lowest = Math.max(size * 1.8, LEAST_CARD);
  const rowsOfCards = Math.ceil(task.cards.length / columns);
  const fits = (height: number) =>
    heightOf(boxRows(task, style, { width, height })) + rowsOfCards * height <=
    roomUnderHead(style) - EXAMPLE_ROOM;
  const height = [usual, (usual + lowest) / 2, lowest].find(fits) ?? usual;
  const problems =
    size < 3.2
      ? ['A word is too long for a card on this page. Use a shorter word or larger paper.']
      : [];
  if (answers === 'all') {
    return { blocks: boxRows(task, style, { width, height }, true), problems };
  }
  const example = answers === 'first' ? task.cards[0] : undefined;
  const cards = example ? task.cards.slice(1) : task.cards;
  const blocks: Block[] = [];
  if (example) {
    const label = task.headings.find((heading) => heading.id === example.home)?.label ?? '';
    blocks.push(
      textBlock(`${example.text} goes under ${label}. ${example.reason}`, style, {
        size: style.body * 0.8,
        role: 'text',
        grey: true,
        after: 2,
      }),
    );
  }
  blocks.push(...boxRows(task, style, { width, height }));
  blocks.push(
    ...cardRows(
      cards.map(({ text }) => ({ text, word: text })),
      { columns, width, height },
      { ...style, body: size },
    ),
  );
  // Boxes and the cards that go into them stand on one page where it holds them.
  return {
    blocks: blocks.map((block, index) => ({ ...block, keepWithNext: index < blocks.length - 1 })),
    problems,
  };
}

/** The key: each heading with the words that belong under it. */
export function sortKey(task: SortTask, style: SheetStyle): Block[] {
  const size = style.small * 1.25;
  return task.headings.flatMap((heading) => {
    const words = task.cards.filter((card) => card.home === heading.id);
    const between = words.some(({ completed }) => completed !== undefined) ? ' ' : ', ';
    return [
      textBlock(`${heading.label} (${words.length})`, style, {
        size: size * 1.1,
        weight: 700,
        role: 'heading',
        keepWithNext: true,
      }),
      textBlock(
        words.map((card) => card.completed ?? card.text).join(between) || 'no words',
        style,
        {
          size,
          role: 'text',
          after: 4,
        },
      ),
    ];
  });
}
