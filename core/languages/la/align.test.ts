import { describe, expect, test } from 'vitest';
import { alignLine } from './align';
import { latinLexicon, type LatinRow } from './lexicon';
import words from './words.json';

const lexicon = latinLexicon(words as unknown as readonly LatinRow[]);
const of = (source: string, translation: string) => {
  const { links, left } = alignLine(source, translation, lexicon);
  return {
    pairs: links.map((link) => `${link.source.text}=${link.translation.text}`),
    left: [...left.source, ...left.translation],
  };
};

describe('a line of Latin beside its translation', () => {
  // Sentences written for Wordane, each word linked by hand.
  test.each([
    [
      'Ventus nūbēs pellit.',
      'The wind drives the clouds.',
      'Ventus=wind nūbēs=clouds pellit=drives',
    ],
    [
      'Nautae stellas viderunt.',
      'The sailors saw the stars.',
      'Nautae=sailors stellas=stars viderunt=saw',
    ],
    [
      'Puella magnam tempestātem timet.',
      'The girl fears a great storm.',
      'Puella=girl magnam=great tempestātem=storm timet=fears',
    ],
    [
      'Agricola caelum spectābat.',
      'The farmer was watching the sky.',
      'Agricola=farmer caelum=sky spectābat=watching',
    ],
    ['Luna noctem illustrat.', 'The moon lights the night.', 'Luna=moon noctem=night'],
  ])('%s – %s', (source, translation, pairs) => {
    for (const pair of pairs.split(' ')) expect(of(source, translation).pairs).toContain(pair);
  });

  test('each word is linked once, to the nearer where a word comes twice', () => {
    const { pairs } = of('Ventus et ventus', 'wind and wind');
    expect(pairs).toHaveLength(
      pairs.filter((pair) => /^(?:V|v)entus=wind$|^et=and$/.test(pair)).length,
    );
    const links = alignLine(
      'Ventus nāvem, ventus nūbēs pellit.',
      'The wind the ship, the wind the clouds drives.',
      lexicon,
    ).links;
    const winds = links.filter(({ translation }) => translation.text === 'wind');
    expect(
      winds.map(({ source, translation }) => source.start < 8 === translation.start < 8),
    ).toEqual([true, true]);
  });

  test('what is left over is named, small English words are not', () => {
    const { left } = of('Nautae zzq clamant.', 'The sailors are afraid of thunder.');
    expect(left).toContain('zzq');
    expect(left).toContain('thunder');
    expect(left).not.toContain('The');
    expect(left).not.toContain('of');
  });

  test('nothing fails: an empty line, another script, a very long one', () => {
    expect(alignLine('', '', lexicon)).toEqual({
      links: [],
      left: { source: [], translation: [] },
    });
    expect(of('風が吹く', 'The wind blows.').left).toContain('wind');
    expect(of('ventus '.repeat(300), 'wind '.repeat(300)).pairs).toHaveLength(300);
  });
});
