import { expect, test } from 'vitest';
import { isSaidElsewhere } from './across-the-ocean';

// Pairs as dictionaries of both sides mark them (from memory).
test.each([
  ['sidewalk', 'uk', true],
  ['sidewalk', 'us', false],
  ['Pavement', 'us', true],
  ['pavement', 'uk', false],
  ['lorries', 'us', true],
  ['vacation', 'uk', true],
  // Said on both sides, of something else or of the same.
  ['chips', 'uk', false],
  ['garden', 'us', false],
  ['shop', 'us', false],
  ['rain', 'us', false],
] as const)('%s in %s', (word, spelling, elsewhere) => {
  expect(isSaidElsewhere(word, spelling)).toBe(elsewhere);
});
