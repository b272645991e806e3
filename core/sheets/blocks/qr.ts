/** A QR code (ISO/IEC 18004) as one path of squares; the code itself is computed by the package qrcode. */
import { create } from 'qrcode/lib/core/qrcode';
import type { PageMark } from '../../paper/marks';

/** White round the code that readers ask for, in modules. */
const QUIET = 4;

/** Longest text that still prints as squares a telephone can read from a page. */
export const LONGEST_CODE = 300;

/**
 * @param side of the code with its white edge, in millimetres
 * @throws RangeError where there is nothing to encode, or too much
 */
export function qrMark(text: string, x: number, y: number, side: number): PageMark {
  if (text.trim() === '' || text.length > LONGEST_CODE) {
    throw new RangeError(`A QR code holds 1 to ${LONGEST_CODE} letters: this has ${text.length}.`);
  }
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const module = side / (modules.size + 2 * QUIET);
  const at = (cells: number) => ((cells + QUIET) * module).toFixed(3);
  const squares: string[] = [];
  for (let row = 0; row < modules.size; row += 1) {
    for (let column = 0; column < modules.size; column += 1) {
      if (!modules.get(row, column)) continue;
      // Neighbours in a row are one bar, so that no hairline shows between them.
      let end = column;
      while (end + 1 < modules.size && modules.get(row, end + 1)) end += 1;
      squares.push(`M${at(column)} ${at(row)} H${at(end + 1)} V${at(row + 1)} H${at(column)} Z`);
      column = end;
    }
  }
  return { kind: 'path', x, y, d: squares.join(' '), stroke: 0, fill: 'ink' };
}
