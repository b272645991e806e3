import { describe, expect, test } from 'vitest';
import { testLexicon } from '~core/testing/test-lexicon';
import { packOf } from '~core/languages/registry/registry';
import { sayByRule, sayUnits, spelledUnits, tileUnits } from './tile-units';

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

describe('a word of a language that is read by rule', () => {
  const french = packOf('fr').spelling;
  test.each([
    ['la feuille', 'la :none f:dot euill:bar e:none', '[fœj]'],
    ['petit', 'p:dot e:dot t:dot i:dot t:none', '[pəti]'],
    ['grand-père', 'g:dot r:dot an:bar d:none -:none p:dot è:dot r:dot e:none', '[ɡʁɑ̃pɛʁ]'],
    ['№', '№:none', '[]'],
  ])('%s is drawn and said', (word, marks, said) => {
    if (!french) throw new Error('French is read by rule');
    const units = spelledUnits(word, french);
    expect(units.map(({ letters, mark }) => `${letters}:${mark}`).join(' ')).toBe(marks);
    expect(units.map(({ letters }) => letters).join('')).toBe(word);
    expect(sayByRule(word, french)).toBe(said);
  });
});

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
