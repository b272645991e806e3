/**
 * Where the strokes of a printed letter begin, and in which order they come: common practice of
 * teaching print letters (from memory), for the letters a to z, A to Z and the digits. Schools
 * differ in some: what is told is where to begin, never that another beginning is wrong.
 */

/** A place in a letter: across from 0 to 1 of its width; up in x-heights from the baseline. */
export interface PlaceInLetter {
  readonly across: number;
  readonly up: number;
}

const CAPITAL = 1.4;
const TALL = 1.45;

/** Strokes divided by strokes, each as “across up”. */
const table: Readonly<Record<string, string>> = {
  a: '.8 .85',
  b: `.15 ${TALL}`,
  c: '.85 .8',
  d: '.75 .85',
  e: '.2 .5',
  f: `.85 1.3|.15 1`,
  g: '.8 .85',
  h: `.15 ${TALL}`,
  i: '.5 1|.5 1.4',
  j: '.6 1|.6 1.4',
  k: `.15 ${TALL}|.8 1`,
  l: `.5 ${TALL}`,
  m: '.1 1',
  n: '.15 1',
  o: '.55 1',
  p: '.15 1',
  q: '.8 .85',
  r: '.2 1',
  s: '.8 .85',
  t: '.45 1.35|.15 1',
  u: '.15 1',
  v: '.1 1',
  w: '.07 1',
  x: '.15 1|.85 1',
  y: '.15 1|.85 1',
  z: '.15 1',
  A: `.5 ${CAPITAL}|.5 ${CAPITAL}|.25 .5`,
  B: `.15 ${CAPITAL}|.15 ${CAPITAL}`,
  C: '.85 1.2',
  D: `.15 ${CAPITAL}|.15 ${CAPITAL}`,
  E: `.15 ${CAPITAL}|.15 ${CAPITAL}|.15 .7|.15 0`,
  F: `.15 ${CAPITAL}|.15 ${CAPITAL}|.15 .7`,
  G: '.85 1.2',
  H: `.12 ${CAPITAL}|.88 ${CAPITAL}|.12 .7`,
  I: `.5 ${CAPITAL}`,
  J: `.65 ${CAPITAL}`,
  K: `.15 ${CAPITAL}|.85 ${CAPITAL}`,
  L: `.15 ${CAPITAL}`,
  M: `.1 ${CAPITAL}|.1 ${CAPITAL}`,
  N: `.12 ${CAPITAL}|.12 ${CAPITAL}`,
  O: `.5 ${CAPITAL}`,
  P: `.15 ${CAPITAL}|.15 ${CAPITAL}`,
  Q: `.5 ${CAPITAL}|.6 .3`,
  R: `.15 ${CAPITAL}|.15 ${CAPITAL}`,
  S: '.82 1.2',
  T: `.5 ${CAPITAL}|.08 ${CAPITAL}`,
  U: `.12 ${CAPITAL}`,
  V: `.07 ${CAPITAL}`,
  W: `.05 ${CAPITAL}`,
  X: `.12 ${CAPITAL}|.88 ${CAPITAL}`,
  Y: `.1 ${CAPITAL}|.9 ${CAPITAL}`,
  Z: `.12 ${CAPITAL}`,
  0: `.5 ${CAPITAL}`,
  1: '.3 1.15',
  2: '.15 1.15',
  3: '.15 1.25',
  4: `.55 ${CAPITAL}|.7 ${CAPITAL}`,
  5: `.2 ${CAPITAL}|.2 ${CAPITAL}`,
  6: '.7 1.35',
  7: `.12 ${CAPITAL}`,
  8: '.75 1.2',
  9: '.82 1.15',
};

/** The beginnings of a letter's strokes in their order; undefined where its path is not known. */
export const strokesOf = (letter: string): readonly PlaceInLetter[] | undefined =>
  table[letter]?.split('|').map((place) => {
    const [across = 0, up = 0] = place.split(' ').map(Number);
    return { across, up };
  });
