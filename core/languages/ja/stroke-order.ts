/** In which strokes kana and kanji are written (KanjiVG, CC BY-SA; data/make-strokes.ts). */
import type { SignStrokes } from '../../kernel/sign-strokes';

export type StrokeRow = readonly [sign: string, strokes: string, numbers: string];

const placeOf = (given = '') => {
  const [x = 0, y = 0] = given.split(' ').map(Number);
  return { x, y };
};

/** A way to look a sign up: its strokes are unpacked when it is asked for. */
export function strokeOrder(rows: readonly StrokeRow[]): (sign: string) => SignStrokes | undefined {
  const known = new Map(rows.map((row) => [row[0], row] as const));
  return (sign) => {
    const row = known.get(sign);
    if (row === undefined) return undefined;
    const numbers = row[2].split('|');
    const strokes = row[1].split('|').map((path, at) => ({ path, number: placeOf(numbers[at]) }));
    return { sign, strokes };
  };
}
