/** The pieces of a board to cut out, to one scale: what is larger on the board is larger on paper. */
import { cardMarks, cutLine } from '../paper/cut-cards';
import type { PageMark } from '../paper/marks';
import type { SheetStyle } from '../paper/style';
import { shapePath } from './shape-path';
import type { Piece, PieceBoard } from './piece-board';

/** Millimetres of paper for a unit of the board. */
export const kitScales = {
  desk: { scale: 0.2, name: 'for a desk: a word 17 mm high' },
  table: { scale: 0.3, name: 'for a table of four: a word 25 mm high' },
  wall: { scale: 0.5, name: 'for the wall: a word 42 mm high' },
} as const;
export type KitScale = keyof typeof kitScales;

export interface KitPage {
  readonly marks: readonly PageMark[];
}

export interface Kit {
  readonly pages: readonly KitPage[];
  /** Pieces that are larger than a page at this scale and were made as large as one. */
  readonly shrunk: readonly string[];
}

interface Cut {
  readonly piece: Piece;
  readonly width: number;
  readonly height: number;
}

/** What stands on a piece: its word, its picture, or its shape with its name. */
function onPiece(
  { piece, width, height }: Cut,
  x: number,
  y: number,
  style: SheetStyle,
): PageMark[] {
  const box = { x, y, width, height };
  const { text, picture, shape } = piece;
  if (shape !== undefined) {
    const d = shapePath(shape, width, height);
    return [cutLine(box), { kind: 'path', x, y, d, stroke: 0.5 } satisfies PageMark];
  }
  const side = picture === undefined ? { text } : { text, picture, word: text };
  return [cutLine(box), ...cardMarks(side, box, style, height * 0.55)];
}

/**
 * The loose pieces, highest first, in rows on pages; lines are drawn, not cut.
 *
 * @param times how many kits
 */
export function kitOf(board: PieceBoard, style: SheetStyle, scale: KitScale, times = 1): Kit {
  const by = kitScales[scale].scale;
  const { width, height, margin } = style.paper;
  const page = { width: width - 2 * margin, height: height - 2 * margin };
  const loose = board.pieces.filter(({ kind }) => kind !== 'line');
  const shrunk: string[] = [];
  const cuts = Array.from({ length: times }, () => loose)
    .flat()
    .map((piece): Cut => {
      const fit = Math.min(1, page.width / (piece.width * by), page.height / (piece.height * by));
      if (fit < 1 && !shrunk.includes(piece.text)) shrunk.push(piece.text);
      return { piece, width: piece.width * by * fit, height: piece.height * by * fit };
    })
    .sort((one, other) => other.height - one.height);
  const pages: PageMark[][] = [];
  let [x, y, high] = [0, 0, 0];
  for (const cut of cuts) {
    if (x > 0 && x + cut.width > page.width + 0.01) [x, y, high] = [0, y + high, 0];
    if (pages.length === 0 || y + cut.height > page.height + 0.01) {
      pages.push([]);
      [x, y, high] = [0, 0, 0];
    }
    pages.at(-1)?.push(...onPiece(cut, margin + x, margin + y, style));
    x += cut.width;
    high = Math.max(high, cut.height);
  }
  return {
    pages: pages.map((marks) => ({ marks })),
    shrunk,
  };
}
