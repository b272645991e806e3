import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { applySpots, invertSpots, mergeTexts, textSpots } from './text-changes';

const words = fc
  .array(fc.constantFrom('rain', 'wind', 'snow', ' ', ' ', '\n', '.', 'The', 'gauge', '’s'), {
    maxLength: 60,
  })
  .map((parts) => parts.join(''));

describe('the differences of two texts', () => {
  test('make one from the other, there and back', () => {
    fc.assert(
      fc.property(words, words, (before, after) => {
        const spots = textSpots(before, after);
        expect(applySpots(before, spots)).toBe(after);
        expect(applySpots(after, invertSpots(spots))).toBe(before);
      }),
      { numRuns: 2000, seed: 20261126 },
    );
  });

  test('two edits far apart are two spots, each as small as what was changed', () => {
    const before = 'It rained. The gauge broke at noon.';
    const after = 'It poured. The gauge broke at nine.';
    expect(textSpots(before, after)).toEqual([
      { start: 3, removed: 'rain', added: 'pour' },
      { start: 31, removed: 'oon', added: 'ine' },
    ]);
  });

  test('a text that was written anew is one spot, however long', () => {
    const spots = textSpots('rain '.repeat(20_000), 'snow '.repeat(20_000));
    expect(applySpots('rain '.repeat(20_000), spots)).toBe('snow '.repeat(20_000));
  });
});

describe('two people in one text', () => {
  const base = 'It rained. The gauge broke. We went home.';

  test('keep both where they wrote in different places', () => {
    const mine = base.replace('rained', 'poured');
    const theirs = base.replace('home', 'inside');
    expect(mergeTexts(base, mine, theirs)).toBe('It poured. The gauge broke. We went inside.');
  });

  test('are asked where they rewrote the same', () => {
    expect(
      mergeTexts(base, base.replace('gauge', 'vane'), base.replace('gauge', 'mast')),
    ).toBeUndefined();
  });

  test('the same edit by both is one', () => {
    const edited = base.replace('gauge', 'vane');
    expect(mergeTexts(base, edited, edited)).toBe(edited);
  });

  test('whatever they write, nothing of either is lost in silence', () => {
    fc.assert(
      fc.property(words, words, words, (before, mine, theirs) => {
        const merged = mergeTexts(before, mine, theirs);
        const swapped = mergeTexts(before, theirs, mine);
        // Who comes first makes no difference to whether there is anything to ask.
        expect(merged === undefined).toBe(swapped === undefined);
        if (before === theirs) expect(merged).toBe(mine);
        if (before === mine) expect(merged).toBe(theirs);
      }),
      { numRuns: 1000, seed: 20261126 },
    );
  });
});
