import type { Block } from './paginate';
import type { SheetStyle } from './style';
import { textBlock } from './text-block';

/** The licence of the line drawings asks for a credit on the sheet. */
export const PICTURE_CREDIT = 'Line drawings: OpenMoji, CC BY-SA 4.0';

export function creditBlock(style: SheetStyle): Block {
  return textBlock(PICTURE_CREDIT, style, {
    size: style.small * 0.75,
    role: 'small',
    grey: true,
  });
}
