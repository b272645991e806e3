import { describe, expect, test } from 'vitest';
import { completeClass } from '../classes/new-class';
import { testLexicon } from '../testing/test-lexicon';
import { ADULT, offeredAge, offerTest } from './fitness';

const lexicon = testLexicon();
const at = (system: 'uk' | 'us' | 'cefr', value: string, more = {}) =>
  completeClass({ level: { system, value }, ...more });
const offers = (word: string, profile: ReturnType<typeof at>) => {
  const entry = lexicon.find(word);
  return entry !== undefined && offerTest(lexicon, profile)(entry);
};

describe('what may be put before a class unasked', () => {
  // Reception and US Kindergarten begin at five or six: common practice.
  test.each([
    [at('uk', 'Rec'), 5],
    [at('uk', 'Y3'), 8],
    [at('us', 'K'), 6],
    [at('us', 'G3'), 9],
    [at('cefr', 'A1'), ADULT],
    [at('uk', 'Y1', { offerAge: 14 }), 14],
    [at('uk', 'Y1', { offerAge: null }), 6],
  ])('the age of a class', (profile, age) => {
    expect(offeredAge(profile)).toBe(age);
  });

  test('a weapon comes at eleven, a beer for adults, a table always', () => {
    const ages = ['Y1', 'Y6', 'Y9', 'Y13'];
    const reach = (word: string) => ages.map((value) => offers(word, at('uk', value)));
    expect(reach('gun')).toEqual([false, true, true, true]);
    expect(reach('table')).toEqual([true, true, true, true]);
    expect(offers('gun', at('cefr', 'A1'))).toBe(true);
  });

  test('spelling, hidden words and words shown again', () => {
    expect(offers('color', at('uk', 'Y3'))).toBe(false);
    expect(offers('color', at('us', 'G3', { spelling: 'us' }))).toBe(true);
    expect(offers('rain', at('uk', 'Y3', { hiddenWords: ['Rain'] }))).toBe(false);
    expect(offers('gun', at('uk', 'Y3', { shownWords: ['gun'] }))).toBe(true);
    expect(offers('gun', at('uk', 'Y3', { shownWords: ['gun'], hiddenWords: ['gun'] }))).toBe(
      false,
    );
  });
});
