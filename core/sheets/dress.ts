/** Items in the dress of a look: a rule under each, a frame round each, few on a page. */
import { moveMark, type PageMark } from '../paper/marks';
import type { Block } from '../paper/paginate';
import type { SheetStyle } from '../paper/style';

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
 */
export const dressed = (blocks: readonly Block[], style: SheetStyle): readonly Block[] =>
  inCompany(inDress(blocks, style));

function inDress(blocks: readonly Block[], style: SheetStyle): readonly Block[] {
  switch (style.look) {
    case 'young':
      return blocks.map((block) => (block.loose ? ruledUnder(block, style, true) : block));
    case 'log':
      return blocks.map((block) => (block.loose ? ruledUnder(block, style, false) : block));
    case 'calm': {
      const items = blocks.filter(({ loose }) => loose).length;
      // Pages hold as many items as each other.
      const each = Math.ceil(items / Math.max(1, Math.ceil(items / CALM_ITEMS)));
      let count = 0;
      return blocks.map((block) => {
        if (!block.loose) return indented(block);
        count += 1;
        const turn = count > 1 && (count - 1) % each === 0;
        return { ...framed(block, style), ...(turn ? { breakBefore: true } : {}) };
      });
    }
    default:
      return blocks;
  }
}
