import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';

const lexicon = testLexicon();
const phonemesOf = (word: string) =>
  lexicon.find(word)?.readings[0].units.flatMap(({ phonemes }) => phonemes) ?? [];

// Kenyon and Knott, A Pronouncing Dictionary of American English (1953), from memory: /ɔ/ in all of the first.
describe('the vowel of thought and that of lot, which General American keeps apart', () => {
  test.each(
    'taught caught bought raw law awful falling fallen August audience auction caution awkward because spawn causes'.split(
      ' ',
    ),
  )('%s has that of thought', (word) => {
    expect(phonemesOf(word)).toContain('AO');
    expect(phonemesOf(word)).not.toContain('AA');
  });

  test.each('swallow hot father autonomous swallows'.split(' '))('%s has that of lot', (word) => {
    expect(phonemesOf(word)).toContain('AA');
  });

  test.each([
    ['raw', 'law'],
    ['caught', 'taught'],
    ['bought', 'thought'],
    ['falling', 'calling'],
  ])('%s rhymes with %s', (left, right) => {
    const rime = (word: string) => {
      const phonemes = phonemesOf(word);
      return phonemes.slice(phonemes.indexOf('AO')).join(' ');
    };
    expect(rime(left)).toBe(rime(right));
  });
});
