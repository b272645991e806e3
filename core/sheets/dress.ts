/** Items in the dress of a look: a rule under each, a frame round each, few on a page. */
import { moveMark, type PageMark } from '../paper/marks';
import type { Paper } from '../kernel/paper-size';
import type { Block } from '../paper/paginate';
import type { SheetStyle } from '../paper/style';
import { roomOf } from './compose';

/** White between a frame and what it holds, in millimetres. */
const FRAME = 4;

/** Items on a page for a learner who needs few things at a time. */
export const CALM_ITEMS = 6;

/** The style that items are set in: a frame takes some of their width. */
export const innerStyle = (style: SheetStyle): SheetStyle =>
  style.look === 'calm' ? { ...style, width: style.width - 2 * FRAME } : style;

function framed(block: Block, style: SheetStyle): Block {
  const height = block.height + FRAME;
  return {
    ...block,
    height: height + 4,
    marks: [
      {
        kind: 'box',
        x: 0,
        y: 0,
        width: style.width,
        height,
        stroke: 0.35,
        radius: 3,
      },
      ...block.marks.map((mark) => moveMark(mark, FRAME, FRAME * 0.6)),
    ],
  };
}

const ruledUnder = (block: Block, style: SheetStyle, dashed: boolean): Block => {
  const line: PageMark = {
    kind: 'line',
    x1: 0,
    x2: style.width,
    y1: block.height + 0.8,
    y2: block.height + 0.8,
    width: dashed ? 0.2 : 0.25,
    grey: true,
    ...(dashed ? { dashed: true } : {}),
  };
  return { ...block, height: block.height + 2.4, marks: [...block.marks, line] };
};

/** Whether an item ends in a line to write on that runs to the right edge: another rule under it is one too many. */
function endsInLine({ height, marks }: Block, style: SheetStyle): boolean {
  const low = marks.filter((mark) => mark.kind === 'line' && mark.y1 === mark.y2);
  return low.some(
    (mark) =>
      mark.kind === 'line' &&
      mark.y1 > height - style.body * 2 &&
      Math.max(mark.x1, mark.x2) > style.width - 2,
  );
}

/** Millimetres for the blocks of a face on the first page, and on each that follows. */
export interface Rooms {
  readonly first: number;
  readonly rest: number;
}

/** The rooms of pages whose first begins with a head. */
export function roomsUnder(head: readonly Block[], paper: Paper, columns = 1): Rooms {
  const rest = roomOf(paper) * columns;
  return { first: rest - head.reduce((sum, { height }) => sum + height, 0) * columns, rest };
}

/** The items that begin a page, where none has more than `most` items nor more than its room. */
function turnsWith(most: number, blocks: readonly Block[], rooms: Rooms): ReadonlySet<number> {
  const turns = new Set<number>();
  let [used, items] = [0, 0];
  blocks.forEach(({ height, loose }, index) => {
    const room = turns.size === 0 ? rooms.first : rooms.rest;
    if (loose && items > 0 && (items === most || used + height > room)) {
      turns.add(index);
      [used, items] = [0, 0];
    }
    used += height;
    if (loose) items += 1;
  });
  return turns;
}

/** The turns of as few pages as can be, each with about as many items as the others. */
function calmTurns(blocks: readonly Block[], rooms: Rooms): ReadonlySet<number> {
  const fewest = turnsWith(CALM_ITEMS, blocks, rooms);
  for (let most = 1; most < CALM_ITEMS; most += 1) {
    const turns = turnsWith(most, blocks, rooms);
    if (turns.size === fewest.size) return turns;
  }
  return fewest;
}

/** What is not an item stands in line with the frames. */
const indented = (block: Block): Block => ({
  ...block,
  marks: block.marks.map((mark) => moveMark(mark, FRAME, 0)),
});

/** The first two items stay together, and the last two: none begins or ends a page alone. */
function inCompany(blocks: readonly Block[]): readonly Block[] {
  const items = blocks.flatMap((block, index) => (block.loose ? [index] : []));
  if (items.length < 4) return blocks;
  const kept = new Set([items[0], items.at(-2)]);
  return blocks.map((block, index) => (kept.has(index) ? { ...block, keepWithNext: true } : block));
}

/**
 * The blocks of a face as the look dresses them.
 *
 * @param style of the page; the blocks were set in `innerStyle` of it
 * @param rooms that the pages have for them
 */
export const dressed = (
  blocks: readonly Block[],
  style: SheetStyle,
  rooms: Rooms,
): readonly Block[] => inCompany(inDress(blocks, style, rooms));

function inDress(blocks: readonly Block[], style: SheetStyle, rooms: Rooms): readonly Block[] {
  switch (style.look) {
    case 'young':
      return blocks.map((block) => (block.loose ? ruledUnder(block, style, true) : block));
    case 'log': {
      const items = blocks.filter(({ loose }) => loose);
      const ruled = items.every((block) => endsInLine(block, style));
      return blocks.map((block) =>
        block.loose && !ruled ? ruledUnder(block, style, false) : block,
      );
    }
    case 'calm': {
      const set = blocks.map((block) => (block.loose ? framed(block, style) : indented(block)));
      const turns = calmTurns(set, rooms);
      return set.map((block, index) =>
        turns.has(index) ? { ...block, breakBefore: true } : block,
      );
    }
    default:
      return blocks;
  }
}
