/** Strokes of a pen over printed letters, or over a sign in its square: whether each began where it should, and where the next begins. */
import { beginningOf, SIGN_GRID, type SignStrokes } from '../kernel/sign-strokes';
import { strokesOf } from './letter-strokes';

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A letter on the line: where it stands, in the units of the strokes. */
export interface LetterBox {
  readonly letter: string;
  readonly left: number;
  readonly width: number;
}

/** The lines it stands on; y grows downwards. */
export interface WritingLines {
  readonly baseline: number;
  /** From the baseline to the middle line. */
  readonly xHeight: number;
}

export interface DrawnStroke {
  readonly from: Point;
  readonly to: Point;
}

export interface Following {
  /** Of the last stroke: it began elsewhere, or another stroke of its letter comes first. */
  readonly said?: 'begin' | 'order';
  /** Where the next stroke begins; absent where all is written, or no path is known. */
  readonly next?: Point;
}

/** How far from its place a stroke may begin, in x-heights. */
const NEAR = 0.42;

interface Known {
  readonly starts: readonly Point[];
  readonly left: number;
  readonly right: number;
}

const knownLetters = (
  boxes: readonly LetterBox[],
  { baseline, xHeight }: WritingLines,
): readonly Known[] =>
  boxes.flatMap(({ letter, left, width }) => {
    const places = strokesOf(letter);
    if (places === undefined) return [];
    const starts = places.map(({ across, up }) => ({
      x: left + across * width,
      y: baseline - up * xHeight,
    }));
    return [{ starts, left, right: left + width }];
  });

export const followStrokes = (
  boxes: readonly LetterBox[],
  lines: WritingLines,
  strokes: readonly DrawnStroke[],
): Following => follow(knownLetters(boxes, lines), NEAR * lines.xHeight, strokes);

/** How far from its place a stroke of a sign may begin, as a share of its square. */
const NEAR_IN_SIGN = 0.13;

/** Strokes over a sign in a square of this side. */
export function followSign(
  sign: SignStrokes,
  side: number,
  strokes: readonly DrawnStroke[],
): Following {
  const scale = side / SIGN_GRID;
  const starts = sign.strokes.map((stroke) => {
    const { x, y } = beginningOf(stroke);
    return { x: x * scale, y: y * scale };
  });
  return follow([{ starts, left: 0, right: side }], NEAR_IN_SIGN * side, strokes);
}

function follow(
  letters: readonly Known[],
  reach: number,
  strokes: readonly DrawnStroke[],
): Following {
  const away = (one: Point, other: Point) => Math.hypot(one.x - other.x, one.y - other.y);
  const near = (one: Point, other: Point | undefined) =>
    other !== undefined && away(one, other) <= reach;
  let at = 0;
  let done = 0;
  let said: Following['said'];
  let before: DrawnStroke | undefined;
  const go = (letter: number, drawn: number) => {
    const whole = drawn >= (letters[letter]?.starts.length ?? 0);
    at = whole ? letter + 1 : letter;
    done = whole ? 0 : drawn;
  };
  for (const stroke of strokes) {
    const { from } = stroke;
    // A stem and its dot are close together: the nearest beginning is meant.
    const meant = (letters[at]?.starts ?? [])
      .map((start, index) => ({ index, distance: away(from, start) }))
      .filter(({ index, distance }) => index >= done && distance <= reach)
      .sort((one, other) => one.distance - other.distance || one.index - other.index)[0]?.index;
    const later = letters.findIndex(
      ({ starts: [first] }, index) => index > at && near(from, first),
    );
    if (meant === done) {
      said = undefined;
      go(at, done + 1);
    } else if (meant !== undefined) {
      said = 'order';
      go(at, done + 1);
    } else if (near(from, before?.to)) {
      // The pen was lifted within a stroke: what was said of its beginning stands.
    } else if (later >= 0) {
      said = undefined;
      go(later, 1);
    } else {
      said = 'begin';
      const over = letters.findIndex(({ left, right }) => from.x >= left && from.x <= right);
      // A second try at a letter that is behind does not lead back to it.
      if (over > at) go(over, 1);
      else if (over === at) go(at, done + 1);
    }
    before = stroke;
  }
  const next = letters[at]?.starts[done];
  return { ...(said ? { said } : {}), ...(next ? { next } : {}) };
}
