import { describe, expect, test } from 'vitest';
import { testLexicon } from '~core/testing/test-lexicon';
import { sayUnits, tileUnits } from './tile-units';

const lexicon = testLexicon();
const reading = (word: string) => {
  const entry = lexicon.find(word);
  if (entry === undefined) throw new Error(`${word} is not in the bank`);
  return entry.readings[0];
};
const drawn = (word: string) =>
  tileUnits(word, reading(word), () => false)
    .map(({ letters, mark }) => `${letters}:${mark}`)
    .join(' ');

describe('a word on a tile', () => {
  test.each([
    ['rain', 'r:dot ai:bar n:dot'],
    ['take', 't:dot a:arc-start k:arc-middle e:arc-end'],
    ['knee', 'kn:bar ee:bar'],
    ['shop', 'sh:bar o:dot p:dot'],
  ])('%s is drawn as %s', (word, marks) => {
    expect(drawn(word)).toBe(marks);
  });

  test('what was asked for is lit in both letters of a split digraph', () => {
    const lit = tileUnits('take', reading('take'), (index) => index === 1);
    expect(lit.filter(({ taught }) => taught).map(({ letters }) => letters)).toEqual(['a', 'e']);
  });

  // The wording that the accessibility of a tile is agreed in.
  test.each([
    ['take', 't, a–e as in rain, k'],
    ['ship', 'sh as in shade, i as in mist, p'],
    ['cat', 'c as in kite, a as in cat, t'],
  ])('%s is said as “%s”', (word, said) => {
    expect(sayUnits(reading(word), 'american')).toBe(said);
  });
});
