import { expect, test } from 'vitest';
import { digitsAsWords, numberWords } from './number-words';

// Readings as any handbook of English numbers gives them (common practice); no “and”, as syllables are counted.
test.each<[string, string]>([
  ['0', 'zero'],
  ['7', 'seven'],
  ['13', 'thirteen'],
  ['42', 'forty two'],
  ['100', 'one hundred'],
  ['305', 'three hundred five'],
  ['1,000', 'one thousand'],
  ['12,345', 'twelve thousand three hundred forty five'],
  ['1,000,000', 'one million'],
  ['3.7', 'three point seven'],
  ['0.05', 'zero point zero five'],
  ['1998', 'nineteen ninety eight'],
  ['1900', 'nineteen hundred'],
  ['1905', 'nineteen oh five'],
  ['2005', 'two thousand five'],
  ['2026', 'twenty twenty six'],
  ['7:30', 'seven thirty'],
  ['7:00', 'seven'],
])('%s is read %s', (digits, words) => {
  expect(digitsAsWords(digits).join(' ')).toBe(words);
});

test('a number grows by whole words, whatever its size', () => {
  for (const number of [1, 21, 999, 1001, 20_020, 999_999, 123_456_789]) {
    const words = numberWords(number);
    expect(words.length).toBeGreaterThan(0);
    expect(words.every((word) => /^[a-z]+$/.test(word))).toBe(true);
  }
});
