import { describe, expect, test } from 'vitest';
import {
  followSign,
  followStrokes,
  type DrawnStroke,
  type LetterBox,
  type Point,
} from './follow-strokes';
import { strokesOf } from './letter-strokes';

const lines = { baseline: 100, xHeight: 50 };
const boxes = (text: string): LetterBox[] =>
  [...text].map((letter, index) => ({ letter, left: index * 60, width: 60 }));

/** Where the strokes of a text begin, as the table has them. */
const starts = (text: string): Point[] =>
  boxes(text).flatMap(({ letter, left, width }) =>
    (strokesOf(letter) ?? []).map(({ across, up }) => ({
      x: left + across * width,
      y: lines.baseline - up * lines.xHeight,
    })),
  );
const from = ({ x, y }: Point): DrawnStroke => ({ from: { x, y }, to: { x: x + 5, y: y + 200 } });

describe('the strokes of letters', () => {
  test('every letter and digit has a path; those with dots and bars have more than one', () => {
    const all = [...'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789'];
    expect(all.filter((letter) => strokesOf(letter) === undefined)).toEqual([]);
    // Print letters with a dot, a bar or a second leg (common practice).
    const more = all.filter((letter) => (strokesOf(letter)?.length ?? 0) > 1);
    expect(more.join('')).toBe('fijktxyABDEFHKMNPQRTXY45');
    expect(strokesOf('é')).toBeUndefined();
  });

  test('letters of a round begin at its upper right, tall ones at their top', () => {
    for (const letter of 'acdgqs') {
      expect(strokesOf(letter)?.[0]?.across, letter).toBeGreaterThan(0.6);
    }
    for (const letter of 'bhkl') expect(strokesOf(letter)?.[0]?.up, letter).toBeGreaterThan(1.3);
    for (const letter of 'mnpru') expect(strokesOf(letter)?.[0]?.up, letter).toBe(1);
  });
});

describe('strokes that are followed', () => {
  test('strokes in their places lead from letter to letter to the end', () => {
    const places = starts('rain');
    expect(places).toHaveLength(5);
    places.forEach((place, index) => {
      const following = followStrokes(boxes('rain'), lines, places.slice(0, index).map(from));
      expect(following).toEqual({ next: place });
    });
    expect(followStrokes(boxes('rain'), lines, places.map(from))).toEqual({});
  });

  test('a stroke that begins at the bottom is told where to begin; the next is led on', () => {
    const wrong = from({ x: 9, y: 98 });
    const [, second] = starts('la');
    expect(followStrokes(boxes('la'), lines, [wrong])).toEqual({ said: 'begin', next: second });
  });

  test('a dot before its stem is out of order', () => {
    const [stem, dot] = starts('i');
    if (stem === undefined || dot === undefined) throw new Error('no strokes');
    expect(followStrokes(boxes('i'), lines, [from(dot)]).said).toBe('order');
    expect(followStrokes(boxes('i'), lines, [from(stem), from(dot)])).toEqual({});
  });

  test('a pen that is lifted and put down again goes on with the same stroke', () => {
    const [start] = starts('o');
    if (start === undefined) throw new Error('no strokes');
    const half = { from: start, to: { x: 12, y: 75 } };
    const rest = { from: { x: 13, y: 78 }, to: start };
    expect(followStrokes(boxes('o'), lines, [half, rest])).toEqual({});
  });

  test('a letter without a known path is passed over', () => {
    const [r] = starts('r');
    expect(followStrokes(boxes('ér'), lines, []).next).toEqual({ ...r, x: (r?.x ?? 0) + 60 });
  });
});

describe('the strokes of a sign in its square', () => {
  // The cross of ten: the bar from the left, then the stem from the top.
  const ten = {
    sign: '十',
    strokes: [
      { path: 'M10,50h90', number: { x: 5, y: 48 } },
      { path: 'M54,10v90', number: { x: 48, y: 12 } },
    ],
  };
  const side = 218;
  const at = (x: number, y: number): DrawnStroke => ({ from: { x, y }, to: { x: x + 90, y } });

  test('the next beginning is shown, and moves on with what is written', () => {
    expect(followSign(ten, side, [])).toEqual({ next: { x: 20, y: 100 } });
    expect(followSign(ten, side, [at(22, 97)])).toEqual({ next: { x: 108, y: 20 } });
    expect(followSign(ten, side, [at(22, 97), at(106, 25)])).toEqual({});
  });

  test('another stroke first is another order; a beginning elsewhere is said', () => {
    expect(followSign(ten, side, [at(108, 20)]).said).toBe('order');
    expect(followSign(ten, side, [at(200, 200)]).said).toBe('begin');
  });
});
