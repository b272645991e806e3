import { describe, expect, test } from 'vitest';
import { syllable } from 'syllable';
import hyphenation from 'hyphen/en-us/index.js';
import { testLexicon } from '../../../testing/test-lexicon';

const { hyphenateSync } = hyphenation as { hyphenateSync: (word: string) => string };

function cut(word: string): string {
  return testLexicon().find(word)?.readings[0].syllables.join('·') ?? '';
}

describe('syllable types', () => {
  // Common Core State Standards, ELA Appendix A (2010), syllable types, from memory:
  // closed, open, consonant-le, r-controlled, vowel team, split.
  test.each([
    ['rabbit', 'rab·bit'],
    ['table', 'ta·ble'],
    ['little', 'lit·tle'],
    ['castle', 'cas·tle'],
    ['river', 'riv·er'],
    ['music', 'mu·sic'],
    ['basket', 'bas·ket'],
    ['children', 'chil·dren'],
    ['hundred', 'hun·dred'],
    ['rainbow', 'rain·bow'],
    ['airport', 'air·port'],
    ['hopeful', 'hope·ful'],
    ['teaching', 'teach·ing'],
    ['hitting', 'hit·ting'],
    ['decision', 'de·ci·sion'],
    ['mission', 'mis·sion'],
    ['gambling', 'gam·bling'],
    ['picture', 'pic·ture'],
    ['lion', 'li·on'],
    ['train', 'train'],
  ])('%s is %s', (word, expected) => {
    expect(cut(word)).toBe(expected);
  });
});

/** Every seventh word of two syllables or more among the 20,000 most frequent. */
function sample() {
  return testLexicon()
    .entries.slice(0, 20_000)
    .filter((entry, index) => index % 7 === 0 && entry.readings[0].syllables.length > 1);
}

test('the count agrees with the syllable package on 93 of 100 words', () => {
  const words = sample();
  const same = words.filter(
    (entry) => syllable(entry.word) === entry.readings[0].syllables.length,
  ).length;
  expect(words.length).toBeGreaterThan(1500);
  expect(same / words.length).toBeGreaterThan(0.93);
});

test('nine in ten cuts of the TeX hyphenation patterns are ours too', () => {
  // The patterns leave many places out, so only what they cut is compared.
  let cuts = 0;
  let shared = 0;
  for (const entry of sample()) {
    const ours = new Set<number>();
    let at = 0;
    for (const part of entry.readings[0].syllables) ours.add((at += part.length));
    let place = 0;
    for (const part of hyphenateSync(entry.word).split('\u00ad').slice(0, -1)) {
      place += part.length;
      cuts += 1;
      if (ours.has(place)) shared += 1;
    }
  }
  expect(cuts).toBeGreaterThan(1500);
  expect(shared / cuts).toBeGreaterThan(0.9);
});
