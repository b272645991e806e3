/**
 * What is drawn over a board: strokes, stamps and covers, each in its place on any screen. All
 * lengths are thousandths of the board's width and height, so that what was drawn at 1280 pixels
 * stands where it stood at 1920.
 */

/** A stroke: x and y in turn. Flat, because a lesson keeps many of them. */
export interface Stroke {
  readonly tool: StrokeTool;
  readonly points: readonly number[];
}

export const penTools = {
  ink: 'Pen',
  red: 'Red pen',
  light: 'Highlighter',
  rubber: 'Rubber',
} as const;
export type PenTool = keyof typeof penTools;
export type StrokeTool = Exclude<PenTool, 'rubber'>;
export const strokeTools = ['ink', 'red', 'light'] as const satisfies readonly StrokeTool[];

/** Signs of the station that are set on a board, and what they say. */
export const stampSigns = {
  sun: 'Well seen',
  cloud: 'Nearly',
  drop: 'Look again',
  gust: 'Go on',
} as const;
export type StampSign = keyof typeof stampSigns;

export interface Stamp {
  readonly id: string;
  readonly sign: StampSign;
  readonly x: number;
  readonly y: number;
}

/** A cover over a part of the board. */
export interface Area {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** All that was drawn over one place of a lesson. */
export interface Drawn {
  readonly strokes: readonly Stroke[];
  readonly stamps: readonly Stamp[];
  readonly covers: readonly Area[];
}

export const nothingDrawn: Drawn = { strokes: [], stamps: [], covers: [] };

export const isBare = ({ strokes, stamps, covers }: Drawn): boolean =>
  strokes.length + stamps.length + covers.length === 0;

/** How much one place can hold. */
export const MOST_STROKES = 300;
export const MOST_POINTS = 800;

/** Two points nearer than this say the same, in thousandths. */
const APART = 3;

/**
 * A stroke without the points that say nothing: those nearer than three thousandths to the one
 * before. The last stays, so that the stroke ends where the hand did.
 */
export function thinned(points: readonly number[]): number[] {
  const kept: number[] = [];
  for (let at = 0; at + 1 < points.length; at += 2) {
    const [x = 0, y = 0] = points.slice(at, at + 2);
    const [beforeX, beforeY] = kept.slice(-2);
    const isLast = at + 3 >= points.length;
    const near =
      beforeX !== undefined && Math.hypot(x - beforeX, y - (beforeY ?? 0)) < APART && !isLast;
    if (!near && kept.length < 2 * MOST_POINTS) kept.push(Math.round(x), Math.round(y));
  }
  return kept;
}

/** The strokes without those that a rubber at a place touches. */
export const rubbed = (
  strokes: readonly Stroke[],
  [x, y]: readonly [number, number],
  near: number,
): Stroke[] =>
  strokes.filter(
    ({ points }) =>
      !points.some((value, at) => {
        if (at % 2 === 1) return false;
        return Math.hypot(value - x, (points[at + 1] ?? 0) - y) < near;
      }),
  );

const isPart = (value: unknown): value is number =>
  typeof value === 'number' && value >= 0 && value <= 1000;

/** Strokes as they came from somewhere else; what is none is left out. */
export function strokesFrom(given: unknown): Stroke[] {
  if (!Array.isArray(given)) return [];
  return given.slice(0, MOST_STROKES).flatMap((each: unknown): Stroke[] => {
    const { tool, points } = (each ?? {}) as Partial<Record<keyof Stroke, unknown>>;
    const known = strokeTools.find((name) => name === tool);
    if (!known || !Array.isArray(points)) return [];
    const numbers: readonly unknown[] = points.slice(0, 2 * MOST_POINTS);
    return numbers.length >= 2 && numbers.length % 2 === 0 && numbers.every(isPart)
      ? [{ tool: known, points: numbers }]
      : [];
  });
}
