/** Lines under words, told apart without colour. */
import type { MethodFamily } from '../../texts/marks/methods';
import type { PageMark } from '../../paper/marks';

export type LineStyle = 'solid' | 'dashed' | 'double' | 'wavy' | 'thick' | 'dotted';

/** The line under a mark says its family in print without colour. */
export const familyLines: Readonly<
  Record<MethodFamily | 'theme' | 'note' | 'question', LineStyle>
> = {
  image: 'solid',
  sound: 'wavy',
  shape: 'double',
  voice: 'dashed',
  words: 'dotted',
  story: 'thick',
  theme: 'thick',
  note: 'dotted',
  question: 'dashed',
};

/** A line from `x1` to `x2` in the style. */
export function underline(x1: number, x2: number, y: number, style: LineStyle): PageMark[] {
  const line = (at: number, width: number, dashed = false): PageMark => ({
    kind: 'line',
    x1,
    x2,
    y1: at,
    y2: at,
    width,
    ...(dashed ? { dashed } : {}),
  });
  switch (style) {
    case 'solid':
      return [line(y, 0.35)];
    case 'thick':
      return [line(y + 0.1, 0.8)];
    case 'dashed':
      return [line(y, 0.4, true)];
    case 'double':
      return [line(y, 0.25), line(y + 0.8, 0.25)];
    case 'dotted': {
      const dots = Array.from(
        { length: Math.max(1, Math.floor((x2 - x1) / 1.2)) },
        (_, index) => `M${index * 1.2} 0h0.35`,
      );
      return [{ kind: 'path', x: x1, y, d: dots.join(''), stroke: 0.45 }];
    }
    case 'wavy': {
      const waves = Math.max(1, Math.round((x2 - x1) / 2.4));
      const step = (x2 - x1) / waves;
      const d = `M0 0${Array.from({ length: waves }, () => `q${step / 4} -0.9 ${step / 2} 0t${step / 2} 0`).join('')}`;
      return [{ kind: 'path', x: x1, y: y + 0.2, d, stroke: 0.3 }];
    }
  }
}
