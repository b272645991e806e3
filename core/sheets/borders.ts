/** Borders round a page, drawn in the white edge that every printer leaves room for. */
import type { BorderName } from '../paper/sheet-layout';
import type { PageMark } from '../paper/marks';
import type { Paper } from '../kernel/paper-size';

/** From the edge of the paper to the middle of the border, as a share of the margin. */
const INSET = 0.44;
/** Length of one figure of a border, in millimetres, before it is fitted to the side. */
const STEP = 9;

const n = (value: number) => value.toFixed(2);

/** A falling drop, its middle at a place. */
function drop(x: number, y: number): PageMark {
  return {
    kind: 'path',
    x,
    y,
    d: 'M0 -2.2 C1.1 -0.7 1.5 0 1.5 0.7 A1.5 1.5 0 0 1 -1.5 0.7 C-1.5 0 -1.1 -0.7 0 -2.2 Z',
    stroke: 0.3,
  };
}

/** Evenly spaced places round the frame, corners among them. */
function round(frame: { x: number; y: number; width: number; height: number }) {
  const along = Math.round(frame.width / STEP);
  const down = Math.round(frame.height / STEP);
  const places: [number, number][] = [];
  for (let index = 0; index < along; index += 1) {
    const step = (frame.width / along) * index;
    places.push([frame.x + step, frame.y], [frame.x + frame.width - step, frame.y + frame.height]);
  }
  for (let index = 0; index < down; index += 1) {
    const step = (frame.height / down) * index;
    places.push([frame.x + frame.width, frame.y + step], [frame.x, frame.y + frame.height - step]);
  }
  return places;
}

/** A side of waves from the frame's corner, as path data. */
function waves(length: number, vertical: boolean): string {
  const count = Math.round(length / STEP);
  const step = length / count;
  const at = (along: number, across: number) =>
    vertical ? `${n(across)} ${n(along)}` : `${n(along)} ${n(across)}`;
  const bends = Array.from({ length: count }, (_, index) => {
    const side = index % 2 === 0 ? -1.6 : 1.6;
    return `Q${at(step * (index + 0.5), side)} ${at(step * (index + 1), 0)}`;
  });
  return `M0 0 ${bends.join(' ')}`;
}

export function borderMarks(border: BorderName, paper: Paper): PageMark[] {
  const inset = paper.margin * INSET;
  const frame = {
    x: inset,
    y: inset,
    width: paper.width - 2 * inset,
    height: paper.height - 2 * inset,
  };
  switch (border) {
    case 'none':
      return [];
    case 'line':
      return [
        { kind: 'box', ...frame, stroke: 0.7, radius: 4 },
        {
          kind: 'box',
          x: frame.x + 1.4,
          y: frame.y + 1.4,
          width: frame.width - 2.8,
          height: frame.height - 2.8,
          stroke: 0.25,
          radius: 3,
        },
      ];
    case 'drops':
      return round(frame).map(([x, y]) => drop(x, y));
    case 'waves': {
      const side = (x: number, y: number, d: string): PageMark => ({
        kind: 'path',
        x,
        y,
        d,
        stroke: 0.5,
      });
      return [
        side(frame.x, frame.y, waves(frame.width, false)),
        side(frame.x, frame.y + frame.height, waves(frame.width, false)),
        side(frame.x, frame.y, waves(frame.height, true)),
        side(frame.x + frame.width, frame.y, waves(frame.height, true)),
      ];
    }
  }
}
