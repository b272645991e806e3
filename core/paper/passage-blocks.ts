/** What is read before an item: running text, or the lines of a stanza, as blocks that stay with the question. */
import type { Block } from './paginate';
import type { SheetStyle } from './style';
import { textBlock } from './text-block';

/** Lines of a passage that are kept with the question on one page. */
const KEPT = 10;

export function passageBlocks(passage: string | undefined, style: SheetStyle): Block[] {
  if (passage === undefined) return [];
  const source = passage
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
  const blocks = source.flatMap((line) => {
    const block = textBlock(line, style, { size: style.body, role: 'text' });
    // One block a line of print, so that a long paragraph may go over the page.
    return block.marks.map((mark): Block => ({
      height: style.body * style.leading,
      marks: [mark.kind === 'text' ? { ...mark, y: style.body } : mark],
    }));
  });
  return [
    ...blocks.map((block, index) => ({ ...block, keepWithNext: index >= blocks.length - KEPT })),
    { height: 3, marks: [], keepWithNext: true },
  ];
}
