import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { Random } from '../kernel/random';
import { MOST_STROKES, rubbed, strokesFrom, thinned } from './drawn';
import { spin, type Spun } from './spin';

const part = fc.integer({ min: 0, max: 1000 });
const points = fc
  .array(fc.tuple(part, part), { minLength: 1, maxLength: 60 })
  .map((pairs) => pairs.flat());

describe('strokes', () => {
  test('a thinned stroke keeps its ends, in order, and nothing that was not there', () => {
    fc.assert(
      fc.property(points, (given) => {
        const kept = thinned(given);
        expect(kept.slice(0, 2)).toEqual(given.slice(0, 2));
        expect(kept.slice(-2)).toEqual(given.slice(-2));
        expect(kept.length % 2).toBe(0);
        expect(thinned(kept)).toEqual(kept);
      }),
    );
    // A hand that rests makes one point, not thirty.
    expect(thinned(Array.from({ length: 60 }, () => 500))).toEqual([500, 500, 500, 500]);
  });

  test('the rubber takes a stroke whole where it touches it, and no other', () => {
    const line = { tool: 'ink', points: [100, 100, 200, 100] } as const;
    const far = { tool: 'red', points: [700, 700, 800, 800] } as const;
    expect(rubbed([line, far], [205, 100], 18)).toEqual([far]);
    expect(rubbed([line, far], [400, 400], 18)).toEqual([line, far]);
    // 100 is an x of the line and a y of nothing near: places are pairs.
    expect(rubbed([far], [800, 700], 18)).toEqual([far]);
  });

  test('strokes from elsewhere: what is none is left out, and there is an end to them', () => {
    const good = { tool: 'light', points: [1, 2, 3, 4] };
    expect(
      strokesFrom([
        good,
        null,
        { tool: 'rubber', points: [1, 2] },
        { tool: 'ink', points: [1, 2, 3] },
        { tool: 'ink', points: [1, Number.NaN] },
        { tool: 'ink', points: [-1, 5] },
        { tool: 'ink', points: '<svg onload=alert(1)>' },
      ]),
    ).toEqual([good]);
    expect(strokesFrom('ink')).toEqual([]);
    expect(strokesFrom(Array.from({ length: 2000 }, () => good))).toHaveLength(MOST_STROKES);
  });
});

describe('a vane', () => {
  test('points at the word it says, turns on, and never rests at one word twice in a row', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 12 }), fc.nat(), (count, seed) => {
        const random = new Random(seed);
        let before: Spun | undefined;
        for (let turn = 0; turn < 20; turn += 1) {
          const now = spin(count, random, before);
          expect(now.at).not.toBe(before?.at);
          expect(now.turned).toBeGreaterThan((before?.turned ?? 0) + 360);
          expect((now.turned % 360) / (360 / count)).toBeCloseTo(now.at, 6);
          before = now;
        }
      }),
    );
  });

  test('every word has its turn', () => {
    const random = new Random(3);
    const seen = new Set<number>();
    let before: Spun | undefined;
    for (let turn = 0; turn < 100; turn += 1) {
      before = spin(6, random, before);
      seen.add(before.at);
    }
    expect([...seen].sort()).toEqual([0, 1, 2, 3, 4, 5]);
    expect(spin(1, random, { at: 0, turned: 1080 }).at).toBe(0);
  });
});
