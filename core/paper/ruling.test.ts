import type opentype from 'opentype.js';
import { describe, expect, test } from 'vitest';
import { canWrite, emForXHeight, fontOf, handIds, handWidth, possibleInk } from './hands';
import { handFontFile, roundPen } from '../testing/hand-files';
import { letterHeights, plainRuling, rulingIds, rulingRow } from './ruling';

/** Height of a letter over the line, and depth under it, in millimetres at a size of the em. */
function extentOf(font: opentype.Font, letter: string, em: number) {
  const { yMax, yMin } = font.charToGlyph(letter).getMetrics();
  return { over: (yMax / font.unitsPerEm) * em, under: (-yMin / font.unitsPerEm) * em };
}

const TOLERANCE = 0.15;

describe.each(handIds)('letters of the hand %s', async (hand) => {
  const font = await handFontFile(hand);

  test.each(letterHeights)('stand on their lines within 0.15 mm at %s mm', (height) => {
    const ruling = { ...plainRuling, letter: height };
    const row = rulingRow(ruling, hand, 100);
    const em = emForXHeight(hand, height);
    // Letters with flat feet: their ink begins on the base line, less half the pen's own width in a
    // hand that is drawn with a round pen.
    const feet = ['i', 'n', 'r', 'm'].map((letter) => extentOf(font, letter, em).under);
    const pen = roundPen(hand) ? em * 0.022 : 0;
    for (const under of feet) expect(Math.abs(under) - pen).toBeLessThanOrEqual(TOLERANCE);
    // A small letter with a flat top reaches the line over it.
    // (The z of some joined hands has a loop, and their x the pen's width.)
    const tops = roundPen(hand) ? ['x', 'z'] : ['x'];
    const x = Math.min(...tops.map((letter) => extentOf(font, letter, em).over));
    expect(Math.abs(x - height)).toBeLessThanOrEqual(TOLERANCE + pen + height * 0.02);
    // Tall letters and tails keep inside the row.
    expect(extentOf(font, 'l', em).over).toBeLessThanOrEqual(row.baseline + TOLERANCE);
    expect(extentOf(font, 'g', em).under).toBeLessThanOrEqual(
      row.height - row.baseline + TOLERANCE + pen,
    );
  });

  test('takes the advance widths of its font, and what its joins add', () => {
    const em = 10;
    const text = 'storm';
    const widths = [...text].map(
      (letter) => (font.charToGlyph(letter).advanceWidth ?? 0) / font.unitsPerEm,
    );
    const alone = widths.reduce((sum, width) => sum + width, 0) * em;
    const room = handWidth(text, fontOf(hand, 'grey'), em);
    expect(room).toBeGreaterThanOrEqual(alone - 0.01);
    expect(room).toBeLessThanOrEqual(alone * 1.35);
  });
});

describe('rulings', () => {
  const lineAt = (marks: ReturnType<typeof rulingRow>['marks']) =>
    marks.flatMap((mark) => (mark.kind === 'line' ? [mark.y1] : []));

  // Common practice: two lines bound the small letters, three add the line of tall letters, four the line of tails.
  test.each([
    ['one', 1],
    ['two', 2],
    ['three', 3],
    ['four', 4],
  ] as const)('%s has so many lines', (lines, count) => {
    const { marks } = rulingRow({ ...plainRuling, lines }, 'print', 100);
    expect(lineAt(marks)).toHaveLength(count);
  });

  test('the base line and the line over small letters are a small letter apart', () => {
    for (const letter of letterHeights) {
      const { marks, baseline } = rulingRow({ ...plainRuling, lines: 'two', letter }, 'print', 100);
      const ys = lineAt(marks).sort((left, right) => left - right);
      expect((ys[1] ?? 0) - (ys[0] ?? 0)).toBeCloseTo(letter, 6);
      expect(ys[1]).toBeCloseTo(baseline, 6);
    }
  });

  test('the middle line is dashed where asked, and the band of tails is tinted', () => {
    const row = (dashed: boolean, band: boolean) =>
      rulingRow({ ...plainRuling, dashed, band }, 'print', 80).marks;
    expect(row(true, false).filter((mark) => mark.kind === 'line' && mark.dashed)).toHaveLength(1);
    expect(row(false, false).some((mark) => mark.kind === 'line' && mark.dashed)).toBe(false);
    expect(
      row(false, true).filter((mark) => mark.kind === 'box' && mark.fill === 'tint'),
    ).toHaveLength(1);
  });

  test('every ruling holds every hand without its rows touching', () => {
    for (const lines of rulingIds) {
      for (const hand of handIds) {
        const { baseline, height } = rulingRow({ ...plainRuling, lines }, hand, 100);
        expect(height).toBeGreaterThan(baseline);
        expect(baseline).toBeGreaterThan(plainRuling.letter);
      }
    }
  });
});

describe('inks', () => {
  test('dots and arrows are for the plain alphabet of the pre-cursive hand; else grey', () => {
    expect(possibleInk('rain', 'print', 'arrows')).toBe('arrows');
    expect(possibleInk('naïve', 'print', 'arrows')).toBe('grey');
    expect(possibleInk('naïve', 'print', 'dots')).toBe('grey');
    expect(possibleInk('rain', 'us-cursive', 'arrows')).toBe('grey');
    expect(possibleInk('rain', 'us-cursive', 'dots')).toBe('dots');
    expect(possibleInk('rain', 'print', 'outline')).toBe('outline');
  });

  test('a hand says what it cannot write', () => {
    expect(canWrite('Zoë', 'print')).toBe(true);
    expect(canWrite('ветер', 'print')).toBe(false);
  });
});
