/** A page that spares ink: thinner lines, and no shape filled but what must be black to be read. */
import type { PageMark } from '../paper/marks';

/** Share of a line's width that is left; a line of 0.2 mm still prints. */
const THINNER = 0.6;
const THINNEST = 0.15;

const thin = (width: number) => (width === 0 ? 0 : Math.max(THINNEST, width * THINNER));

export function sparingInk(mark: PageMark): PageMark {
  switch (mark.kind) {
    case 'line':
      return { ...mark, width: thin(mark.width) };
    case 'box':
    case 'path': {
      // A QR code stays black; a pale ground goes.
      const { fill, ...plain } = mark;
      const stroke = thin(mark.stroke);
      return fill !== 'ink' && fill !== 'paper' ? { ...plain, stroke } : { ...mark, stroke };
    }
    case 'text': {
      // Nothing dark is left to be read on.
      const { light: _, ...dark } = mark;
      return dark;
    }
    case 'hand':
      return mark.ink === 'solid' ? { ...mark, ink: 'grey' } : mark;
    default:
      return mark;
  }
}
