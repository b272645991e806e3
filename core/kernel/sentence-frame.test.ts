import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  filled,
  isFilled,
  nextSlot,
  slotsOf,
  withoutWord,
  withWord,
  wordsIn,
  type SentenceFrame,
} from './sentence-frame';

const of = (...words: string[]) => words.map((word) => ({ word }));
const frame: SentenceFrame = [
  of('the rain', 'the rain coat', 'a gust'),
  ' is ',
  of('wet', 'cold'),
  ' today.',
];

describe('a sentence with slots', () => {
  test('is filled slot by slot, and taken back', () => {
    expect(filled(frame, [])).toBe('____ is ____ today.');
    let text = '';
    expect(nextSlot(frame, text)).toBe(0);
    text = withWord(frame, text, 'the rain coat');
    expect(text).toBe('The rain coat is ____ today.');
    expect(nextSlot(frame, text)).toBe(1);
    text = withWord(frame, text, 'wet');
    expect(text).toBe('The rain coat is wet today.');
    expect(nextSlot(frame, text)).toBeUndefined();
    expect(withWord(frame, text, 'cold')).toBe(text);
    text = withoutWord(frame, text);
    expect(text).toBe('The rain coat is ____ today.');
    expect(withoutWord(frame, withoutWord(frame, text))).toBe('');
  });

  test.each([
    ['The rain is wet today.', true],
    ['the  RAIN coat is cold today.', true],
    ['A gust is ____ today.', false],
    ['The rain is warm today.', false],
    ['The rain is wet today', false],
    ['The rain is wet today. And', false],
    ['', false],
  ])('“%s” fills it: %s', (text, right) => {
    expect(isFilled(frame, text)).toBe(right);
  });

  test('what was filled in is found again, whatever was chosen', () => {
    const word = fc.stringMatching(/^[a-z]{1,5}( [a-z]{1,3})?$/);
    const slot = fc.uniqueArray(word, { minLength: 2, maxLength: 5 }).map((words) => of(...words));
    const frames = fc
      .tuple(slot, fc.constantFrom(' and ', ' saw the ', ', '), slot, fc.constantFrom('.', '!'))
      .map((parts): SentenceFrame => parts);
    fc.assert(
      fc.property(frames, fc.nat(), fc.nat(), (given, one, other) => {
        const slots = slotsOf(given);
        const words = [one, other].map((at, slot) => slots[slot]?.[at % slots[slot].length]?.word);
        const text = filled(given, words);
        expect(isFilled(given, text)).toBe(true);
        expect(filled(given, wordsIn(given, text) ?? [])).toBe(text);
      }),
    );
  });
});
