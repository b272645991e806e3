import { expect, test } from 'vitest';
import { isRightToLeft } from './writing-direction';

// The first letter with a direction says it: rules P2 and P3 of the Unicode Bidirectional Algorithm (UAX #9).
test.each([
  ['اكتب ما ينقص.', true],
  ['שלום עולם', true],
  ['12: اكتب', true],
  ['Write اكتب', false],
  ['rain', false],
  ['雨', false],
  ['123', false],
  ['', false],
])('%s', (text, fromRight) => {
  expect(isRightToLeft(text)).toBe(fromRight);
});
