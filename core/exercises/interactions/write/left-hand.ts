/** How a left hand sits, for the head of a sheet that is set for one. */
import type { PageMark } from '../../../paper/marks';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import { textBlock } from '../../../paper/text-block';

/** Advice of primary schools for left-handed writers (common practice). */
const ADVICE =
  'Left hand: turn the paper to the right, keep your hand under the line, and hold the pencil two fingers from its point, so that you see what you write.';

/** Height and width of the drawing, in millimetres. */
const HEIGHT = 14;
const WIDTH = 20;

/** Degrees by which the paper is turned, clockwise. */
const TURN = 30;

/** A sheet of paper turned to the right with lines on it, and a pencil that comes from the left below. */
function drawing(): PageMark[] {
  const [cos, sin] = [Math.cos((TURN * Math.PI) / 180), Math.sin((TURN * Math.PI) / 180)];
  const at = (x: number, y: number) => ({
    x: WIDTH / 2 + x * cos - y * sin,
    y: HEIGHT / 2 + x * sin + y * cos,
  });
  const line = (from: readonly [number, number], to: readonly [number, number], width = 0.35) => {
    const [first, last] = [at(...from), at(...to)];
    return { kind: 'line', x1: first.x, y1: first.y, x2: last.x, y2: last.y, width } as const;
  };
  const [w, h] = [3.8, 5.2];
  const tip = at(-1.5, 0.4);
  return [
    line([-w, -h], [w, -h]),
    line([w, -h], [w, h]),
    line([w, h], [-w, h]),
    line([-w, h], [-w, -h]),
    ...[-3, -1.2, 0.6, 2.4].map((y) => ({ ...line([-w + 1, y], [w - 1, y], 0.2), grey: true })),
    { kind: 'line', x1: tip.x, y1: tip.y, x2: 1, y2: HEIGHT - 0.5, width: 0.9 },
  ];
}

/** The drawing with its advice beside it. */
export function leftHandBlock(style: SheetStyle): Block {
  const size = style.small * 1.2;
  const text = textBlock(ADVICE, style, { size, role: 'text', indent: WIDTH + 4 });
  return {
    height: Math.max(HEIGHT, text.height) + 4,
    marks: [...drawing(), ...text.marks],
    keepWithNext: true,
    name: 'How a left hand sits',
  };
}
