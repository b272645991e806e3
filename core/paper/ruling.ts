/**
 * Rulings: the lines a young writer writes on. Sizes are millimetres; the height
 * of a small letter is the space between the base line and the line over it.
 */
import type { PageMark } from './marks';
import { handMetrics, type HandName } from './hands';

export const rulingNames = {
  one: 'One line',
  two: 'Two lines',
  three: 'Three lines',
  four: 'Four lines',
} as const;
export type RulingName = keyof typeof rulingNames;
export const rulingIds = Object.keys(rulingNames) as RulingName[];

/** Heights of a small letter that are offered, in millimetres (common practice: 9 to 4 as hands grow surer). */
export const letterHeights = [9, 7, 5.5, 4.5, 3.5] as const;

export interface Ruling {
  readonly lines: RulingName;
  /** Height of a small letter, in millimetres. */
  readonly letter: number;
  /** The line over the small letters is dashed. */
  readonly dashed: boolean;
  /** The space for tails is tinted, and prints as a pale grey where colour is spared. */
  readonly band: boolean;
  /** Models stand at the right, where a left hand does not cover them. */
  readonly leftHanded: boolean;
}

export const plainRuling: Ruling = {
  lines: 'four',
  letter: 7,
  dashed: true,
  band: false,
  leftHanded: false,
};

/** White between one row's tails and the next row's tall letters, as a share of a small letter. */
const ROW_GAP = 0.45;

export interface RulingRow {
  /** From the top of the row to the line the letters stand on, and to the end of the row. */
  readonly baseline: number;
  readonly height: number;
  readonly marks: readonly PageMark[];
}

/** One row of lines of a width, for a hand: its tall letters and its tails fit the lines by their own proportions. */
export function rulingRow(ruling: Ruling, hand: HandName, width: number): RulingRow {
  const { xHeight, ascender, descender } = handMetrics(hand);
  const { letter } = ruling;
  const tall = (letter * ascender) / xHeight;
  const tail = (letter * descender) / xHeight;
  const top = letter * ROW_GAP;
  const baseline = top + tall;
  const line = (y: number, options: { width: number; dashed?: boolean }): PageMark => ({
    kind: 'line',
    x1: 0,
    x2: width,
    y1: y,
    y2: y,
    ...options,
    grey: true,
  });
  const { lines, band, dashed } = ruling;
  const over = lines !== 'one';
  const outer = lines === 'three' || lines === 'four';
  return {
    baseline,
    height: baseline + tail,
    marks: [
      ...(band
        ? [
            {
              kind: 'box',
              x: 0,
              y: baseline,
              width,
              height: tail,
              stroke: 0,
              fill: 'tint',
            } as const,
          ]
        : []),
      ...(outer ? [line(top, { width: 0.2 })] : []),
      ...(over
        ? [line(baseline - letter, { width: 0.2, ...(dashed ? { dashed: true } : {}) })]
        : []),
      line(baseline, { width: 0.45 }),
      ...(lines === 'four' ? [line(baseline + tail, { width: 0.2 })] : []),
    ],
  };
}
