import { describe, expect, test } from 'vitest';
import { papers } from '../kernel/paper-size';
import { bookletOrder, bookletPaper, imposed } from './imposition';
import type { Sheet } from './sheet';

const small = (pages: number): Sheet => ({
  title: 'Storm',
  paper: 'a5',
  font: 'andika',
  problems: [],
  pages: Array.from({ length: pages }, (_, index) => ({
    part: 'learner',
    number: index + 1,
    marks: [
      {
        kind: 'text',
        x: 12,
        y: 20,
        text: `page ${index + 1}`,
        size: 4,
        weight: 400,
        align: 'start',
        role: 'text',
      },
    ],
  })),
});

describe('a booklet', () => {
  // The order of a saddle-stitched booklet of eight pages, as printers' handbooks give it (from memory).
  test('has its pages in the order in which they are printed', () => {
    expect(bookletOrder(8)).toEqual([
      [8, 1],
      [2, 7],
      [6, 3],
      [4, 5],
    ]);
    expect(bookletOrder(4)).toEqual([
      [4, 1],
      [2, 3],
    ]);
  });

  test.each([1, 2, 3, 5, 6, 7, 11, 16])('%i pages: each once, the rest empty', (pages) => {
    const order = bookletOrder(pages).flat();
    expect(order.length % 4).toBe(0);
    expect(order.filter((page) => page > 0).sort((one, other) => one - other)).toEqual(
      Array.from({ length: pages }, (_, index) => index + 1),
    );
  });

  test('folded, every page is read after the one before it', () => {
    // A sheet's front and back: what lies behind the right half of the front is the left half of the back.
    const order = bookletOrder(12);
    for (let sheet = 0; sheet < order.length; sheet += 2) {
      const [front, back] = [order[sheet], order[sheet + 1]];
      expect((front?.[1] ?? 0) + 1).toBe(back?.[0]);
      expect((back?.[1] ?? 0) + 1).toBe(front?.[0]);
    }
  });

  test('two A5 pages stand on A4, each in its half', () => {
    const booklet = imposed([small(3)], 'Storm');
    expect(booklet?.paper).toBe('a4-landscape');
    expect(booklet?.pages).toHaveLength(2);
    const [first] = booklet?.pages ?? [];
    const half = papers['a4-landscape'].width / 2;
    expect(first?.marks).toMatchObject([{ text: 'page 1' }]);
    expect(first?.marks[0] && 'x' in first.marks[0] && first.marks[0].x).toBeGreaterThan(half);
  });

  test('Letter folds to half-Letter', () => {
    expect(bookletPaper('letter')).toBe('half-letter');
    // ANSI/ASME Y14.1: Letter is 215.9 × 279.4 mm; its half 139.7 × 215.9.
    expect([papers['half-letter'].width * 2, papers['half-letter'].height]).toEqual([279.4, 215.9]);
  });

  test('a page that has no larger paper is refused with the reason', () => {
    expect(() => imposed([{ ...small(1), paper: 'a4' }], 'x')).toThrow(/A5 or half-Letter/);
  });
});
