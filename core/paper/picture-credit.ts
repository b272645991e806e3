import { moveMark } from './marks';
import type { Block } from './paginate';
import type { SheetStyle } from './style';
import { textBlock } from './text-block';

/** The licence of the line drawings asks for a credit on the sheet. */
export const PICTURE_CREDIT = 'Line drawings: OpenMoji, CC BY-SA 4.0';

/** White over the credit, in millimetres: it touches no edge that is cut. */
const OVER = 1.5;

export function creditBlock(style: SheetStyle): Block {
  const { height, marks } = textBlock(PICTURE_CREDIT, style, {
    size: style.small * 0.75,
    role: 'small',
    grey: true,
  });
  return { height: height + OVER, marks: marks.map((mark) => moveMark(mark, 0, OVER)) };
}
