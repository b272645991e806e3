import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { Bucket, Buckets } from './limits';

describe('how much may be asked', () => {
  test('so many at once, and then as fast as they come back', () => {
    const bucket = new Bucket(3, 2, 0);
    expect([0, 0, 0, 0].map((now) => bucket.take(now))).toEqual([true, true, true, false]);
    // Two a second: after half a second there is one more.
    expect(bucket.take(499)).toBe(false);
    expect(bucket.take(1000)).toBe(true);
    expect(bucket.isFull(1001)).toBe(false);
    expect(bucket.isFull(5000)).toBe(true);
  });

  test('never more than what it holds and what came back, whenever it is asked', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(300), { maxLength: 200 }), (waits) => {
        const bucket = new Bucket(5, 10, 0);
        let now = 0;
        let taken = 0;
        for (const wait of waits) {
          now += wait;
          if (bucket.take(now)) taken += 1;
        }
        expect(taken).toBeLessThanOrEqual(5 + (now / 1000) * 10 + 1e-9);
      }),
      { numRuns: 300, seed: 20261128 },
    );
  });

  test('a clock that is set back gives nothing for it', () => {
    const bucket = new Bucket(1, 1, 10_000);
    expect(bucket.take(10_000)).toBe(true);
    expect(bucket.take(0)).toBe(false);
  });

  test('each address has its own', () => {
    const buckets = new Buckets(1, 0.001);
    expect(buckets.take('one')).toBe(true);
    expect(buckets.take('one')).toBe(false);
    expect(buckets.take('other')).toBe(true);
  });
});
