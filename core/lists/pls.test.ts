import { parseDocument, DomUtils } from 'htmlparser2';
import { describe, expect, test } from 'vitest';
import { britishLexicon, testLexicon } from '../testing/test-lexicon';
import { toPls } from './pls';

/** Each word of the file with its pronunciations, by another reader of XML. */
function read(pls: string): Record<string, string[]> {
  const { children } = parseDocument(pls, { xmlMode: true });
  return Object.fromEntries(
    DomUtils.getElementsByTagName('lexeme', children).map((lexeme) => {
      const texts = (name: string) =>
        DomUtils.getElementsByTagName(name, lexeme).map((each) => DomUtils.textContent(each));
      return [texts('grapheme')[0] ?? '', texts('phoneme')];
    }),
  );
}

describe('a pronunciation lexicon', () => {
  test('words stand as the dictionaries say them, with their stress', () => {
    // As general dictionaries of American English have them (from memory), r written ɹ.
    const words = ['rain', 'weather', 'tomorrow', 'sky', 'understand'];
    expect(read(toPls(words, testLexicon()).pls)).toEqual({
      rain: ['ɹeɪn'],
      weather: ['ˈwɛðɚ'],
      tomorrow: ['təˈmɑɹˌoʊ'],
      sky: ['skaɪ'],
      understand: ['ˌʌndɚˈstænd'],
    });
  });

  test('a word that is read in two ways has both; the usual one is preferred', () => {
    const { pls } = toPls(['wind'], testLexicon());
    expect(new Set(read(pls)['wind'])).toEqual(new Set(['wɪnd', 'waɪnd']));
    expect(pls.match(/prefer="true"/g)).toHaveLength(1);
  });

  test('the accent is that of the class, and is said', () => {
    const { pls } = toPls(['boat'], britishLexicon());
    expect(pls).toContain('xml:lang="en-GB"');
    expect(read(pls)).toEqual({ boat: ['bəʊt'] });
  });

  test('a word that is not known is left out by name', () => {
    const { pls, left } = toPls(['rain', 'zorble'], testLexicon());
    expect(left).toEqual(['zorble']);
    expect(Object.keys(read(pls))).toEqual(['rain']);
    expect(read(toPls([], testLexicon()).pls)).toEqual({});
  });
});
