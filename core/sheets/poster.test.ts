import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { paperNames, papers } from '../kernel/paper-size';
import { scaleMark, type PageMark } from '../paper/marks';
import { OVERLAP, posterForm, posterOf, posterSizes } from './poster';
import type { Sheet } from './sheet';

const text = (x: number, y: number, words: string): PageMark => ({
  kind: 'text',
  x,
  y,
  text: words,
  size: 6,
  weight: 400,
  align: 'start',
  role: 'text',
});
const sheet = (marks: readonly PageMark[]): Sheet => ({
  title: 'Rule',
  paper: 'a4',
  font: 'andika',
  problems: [],
  pages: [
    { part: 'learner', number: 1, marks },
    { part: 'key', number: 1, marks: [] },
  ],
});

describe('a poster', () => {
  test('of two by two A4 pages is a good 37 by 52 centimetres', () => {
    // By hand: 2 × 190 − 10 = 370 mm across, 297/210 as high.
    const form = posterForm(papers.a4, 2);
    expect(form.width).toBeCloseTo(370, 6);
    expect(form.height).toBeCloseTo(523.2857, 3);
  });

  test.each(paperNames.flatMap((paper) => posterSizes.map((size) => [paper, size] as const)))(
    'of %s, %i across: every place of it is on a page, and pages share a strip',
    (paper, across) => {
      const { tile, width, height, times } = posterForm(papers[paper], across);
      const covered = (length: number) => across * length - (across - 1) * OVERLAP;
      expect(covered(tile.width)).toBeGreaterThanOrEqual(width - 1e-6);
      expect(covered(tile.height)).toBeGreaterThanOrEqual(height - 1e-6);
      expect(width / height).toBeCloseTo(papers[paper].width / papers[paper].height, 6);
      expect(times).toBeGreaterThan(1.5);
    },
  );

  test('has its learner’s page alone, on four pages, without what is only lit on the screen', () => {
    const made = posterOf(
      sheet([
        text(20, 40, 'rain'),
        { kind: 'word', x: 0, y: 0, width: 9, height: 9, word: 'rain' },
      ]),
      2,
    );
    expect(made.pages.map(({ part, number }) => `${part} ${number}`)).toEqual([
      'learner 1',
      'learner 2',
      'learner 3',
      'learner 4',
    ]);
    expect(made.pages.flatMap(({ marks }) => marks).some(({ kind }) => kind === 'word')).toBe(
      false,
    );
  });

  test('what stands on two pages stands at the same place when they are glued', () => {
    const at = { x: 104, y: 140 };
    const form = posterForm(papers.a4, 2);
    const { pages } = posterOf(sheet([text(at.x, at.y, 'a long line over the middle')]), 2);
    const found = pages.map(({ marks }) =>
      marks.find((mark) => mark.kind === 'text' && mark.text.startsWith('a long')),
    );
    const onPoster = found.flatMap((mark, place) => {
      if (mark?.kind !== 'text') return [];
      const [row, column] = [Math.floor(place / 2), place % 2];
      return [
        {
          x: mark.x - 10 + column * (form.tile.width - OVERLAP),
          y: mark.y - 10 + row * (form.tile.height - OVERLAP),
          size: mark.size,
        },
      ];
    });
    expect(onPoster.length).toBeGreaterThanOrEqual(2);
    for (const { x, y, size } of onPoster) {
      expect(x).toBeCloseTo(at.x * form.times, 6);
      expect(y).toBeCloseTo(at.y * form.times, 6);
      expect(size).toBeCloseTo(6 * form.times, 6);
    }
  });

  test('wherever a box stands, each page that it reaches has it', () => {
    const form = posterForm(papers.a4, 3);
    fc.assert(
      fc.property(
        fc.record({
          x: fc.double({ min: 0, max: 190, noNaN: true }),
          y: fc.double({ min: 0, max: 270, noNaN: true }),
          width: fc.double({ min: 1, max: 60, noNaN: true }),
          height: fc.double({ min: 1, max: 60, noNaN: true }),
        }),
        (box) => {
          const { pages } = posterOf(sheet([{ kind: 'box', stroke: 0.3, ...box }]), 3);
          pages.forEach(({ marks }, place) => {
            const left = (place % 3) * (form.tile.width - OVERLAP);
            const top = Math.floor(place / 3) * (form.tile.height - OVERLAP);
            const large = scaleMark({ kind: 'box', stroke: 0.3, ...box }, form.times);
            if (large.kind !== 'box') throw new Error('no box');
            const reaches =
              large.x < left + form.tile.width &&
              large.x + large.width > left &&
              large.y < top + form.tile.height &&
              large.y + large.height > top;
            if (reaches) expect(marks.some(({ kind }) => kind === 'box')).toBe(true);
          });
        },
      ),
      { numRuns: 100 },
    );
  });

  test('a mark is larger in all its lengths, and its line too', () => {
    expect(scaleMark({ kind: 'line', x1: 1, y1: 2, x2: 3, y2: 4, width: 0.5 }, 2)).toEqual({
      kind: 'line',
      x1: 2,
      y1: 4,
      x2: 6,
      y2: 8,
      width: 1,
    });
    expect(scaleMark({ kind: 'path', x: 1, y: 1, d: 'M0 0 L1 1', stroke: 0.3 }, 3)).toMatchObject({
      x: 3,
      y: 3,
      scale: 3,
    });
    expect(
      scaleMark({ kind: 'box', x: 1, y: 1, width: 2, height: 3, stroke: 0.2, radius: 1 }, 2),
    ).toEqual({ kind: 'box', x: 2, y: 2, width: 4, height: 6, stroke: 0.4, radius: 2 });
  });
});
