/** The outlines of shapes, drawn for Wordane: SVG path data in a box with its corner at 0, 0. */
import type { Shape } from './piece-board';

/** In a box of 100 × 100. */
const outlines: Readonly<Record<Shape, string>> = {
  square: 'M 4 4 L 96 4 L 96 96 L 4 96 Z',
  circle: 'M 96 50 C 96 75 75 96 50 96 C 25 96 4 75 4 50 C 4 25 25 4 50 4 C 75 4 96 25 96 50 Z',
  triangle: 'M 50 6 L 96 94 L 4 94 Z',
  figure:
    'M 64 20 C 64 28 58 34 50 34 C 42 34 36 28 36 20 C 36 12 42 6 50 6 C 58 6 64 12 64 20 Z M 30 96 L 34 70 L 24 70 L 30 44 C 32 38 40 37 50 37 C 60 37 68 38 70 44 L 76 70 L 66 70 L 70 96 Z',
  plate:
    'M 96 50 C 96 75 75 96 50 96 C 25 96 4 75 4 50 C 4 25 25 4 50 4 C 75 4 96 25 96 50 Z M 76 50 C 76 64 64 76 50 76 C 36 76 24 64 24 50 C 24 36 36 24 50 24 C 64 24 76 36 76 50 Z',
  knife: 'M 40 4 C 70 8 74 30 70 58 L 56 58 L 56 92 C 56 98 40 98 40 92 Z',
  fork: 'M 20 4 L 20 30 C 20 42 34 46 42 46 L 42 92 C 42 98 58 98 58 92 L 58 46 C 66 46 80 42 80 30 L 80 4 M 40 4 L 40 32 M 60 4 L 60 32',
  spoon:
    'M 76 26 C 76 40 66 50 57 52 L 57 92 C 57 98 43 98 43 92 L 43 52 C 34 50 24 40 24 26 C 24 12 36 4 50 4 C 64 4 76 12 76 26 Z',
  cup: 'M 10 20 L 74 20 L 68 86 C 67 92 17 92 16 86 Z M 73 32 C 98 30 98 66 69 66',
};

/** The outline as large as a piece. */
export function shapePath(shape: Shape, width: number, height: number): string {
  let across = true;
  return outlines[shape].replace(/-?\d+(?:\.\d+)?/g, (figure) => {
    const length = (Number(figure) / 100) * (across ? width : height);
    across = !across;
    return String(Math.round(length * 100) / 100);
  });
}
