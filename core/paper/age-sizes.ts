/** Sizes of type, lines and pictures on a sheet, by the age of its readers. */

/** Fewest and most of a size, in millimetres, with what is usual between. */
export interface Range {
  readonly least: number;
  readonly usual: number;
  readonly most: number;
}

/** Sizes for an age: type in points; a line to write on and a picture in millimetres. */
export interface AgeSizes {
  readonly type: Range;
  readonly line: Range;
  readonly picture: Range;
  /** Room for one handwritten letter, in millimetres. */
  readonly letter: number;
}

const range = (least: number, usual: number, most: number): Range => ({ least, usual, most });

/**
 * Sizes by age. Common practice: 18 pt and more up to the age of seven, 14 pt to eleven, 12 pt
 * after; lines to write on of 15 mm for beginners, down to 8 mm for adults. What is least is 12 %
 * under what is usual, so that one or two items can be drawn in.
 */
export const ageSizes = {
  five: {
    type: range(16.7, 19, 26),
    line: range(13.2, 15, 21),
    picture: range(18, 22, 30),
    letter: 8,
  },
  seven: {
    type: range(14.1, 16, 21),
    line: range(11, 12.5, 17),
    picture: range(16, 20, 28),
    letter: 6.5,
  },
  nine: {
    type: range(12.8, 14.5, 18.5),
    line: range(10.1, 11.5, 15),
    picture: range(14, 18, 26),
    letter: 6,
  },
  twelve: {
    type: range(11, 12.5, 16),
    line: range(8.8, 10, 13),
    picture: range(12, 16, 24),
    letter: 5,
  },
  adult: {
    type: range(11, 12.5, 15.5),
    line: range(8.8, 10, 12.5),
    picture: range(12, 16, 22),
    letter: 5,
  },
} as const satisfies Readonly<Record<string, AgeSizes>>;

/** The sizes of a class by its school year; of learners of a language by none. */
export function sizesOf(years: number | undefined): AgeSizes {
  if (years === undefined) return ageSizes.adult;
  if (years <= 2.5) return ageSizes.five;
  if (years <= 4.5) return ageSizes.seven;
  return years <= 6.5 ? ageSizes.nine : ageSizes.twelve;
}

/**
 * A size between its limits.
 *
 * @param growth -1 for the least, 0 for what is usual, 1 for the most
 */
export const grown = ({ least, usual, most }: Range, growth: number) =>
  growth < 0 ? usual + growth * (usual - least) : usual + growth * (most - usual);
