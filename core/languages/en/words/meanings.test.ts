import { readFileSync } from 'node:fs';
import { gunzipSync, strFromU8 } from 'fflate';
import naughty from 'naughty-words';
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';
import { define, Meanings, writeSense } from './meanings';

const packed = ['meanings', 'meanings-rare']
  .map((name) => new URL(`../../../../data/packs/${name}.pack`, import.meta.url))
  .map((file) => strFromU8(gunzipSync(readFileSync(file))))
  .join('\n');
const meanings = new Meanings(packed);
const lexicon = testLexicon();
const first = (word: string) => define(word, meanings, lexicon).senses[0];

describe('meanings', () => {
  test('what is written for Wordane comes alone where it has the word', () => {
    expect(first('storm')?.definition).toMatch(/weather/);
    for (const word of ['storm', 'table', 'mug', 'hedgehog']) {
      const { senses } = define(word, meanings, lexicon);
      expect(senses.map(({ source }) => source)).not.toContain('wordnet');
    }
    expect(first('happy')?.opposites).toContain('unhappy');
  });

  // What an English dictionary says of them: common knowledge.
  test.each([
    ['bicycle', 'n', /two wheels/],
    ['whisper', 'n', /./],
    ['ancient', 'a', /./],
  ])('%s is explained', (word, wordClass, definition) => {
    const senses = define(word, meanings, lexicon).senses;
    expect(
      senses.some((sense) => sense.wordClass === wordClass && definition.test(sense.definition)),
    ).toBe(true);
  });

  test.each([
    ['storms', 'storm'],
    ['mice', 'mouse'],
    ['blew', 'blow'],
    ['colours', 'colour'],
    ['hotter', 'hot'],
  ])('%s is explained by %s', (form, base) => {
    const answer = define(form, meanings, lexicon);
    expect(answer.known).toBe(true);
    if (answer.base !== undefined) expect([base, base.replace('our', 'or')]).toContain(answer.base);
  });

  test('every common word that is no grammar word has a meaning', () => {
    const common = lexicon.entries.filter(
      (entry) => entry.zipf > 4 && (entry.kinds & 15) === entry.kinds && entry.kinds !== 0,
    );
    const without = common.filter((entry) => !define(entry.word, meanings, lexicon).known);
    expect(without.length / common.length).toBeLessThan(0.06);
  });

  test('no meaning or example has a word of the naughty-words list in it', () => {
    const rude = new Set(naughty.en.filter((entry) => !entry.includes(' ')));
    const found = packed
      .toLowerCase()
      .split(/[^a-z']+/)
      .filter((word) => rude.has(word));
    // A straw is sucked.
    expect([...new Set(found)].sort()).toEqual(['suck', 'sucks']);
  });

  test('a word without senses is said to be unknown', () => {
    expect(define('zog', meanings, lexicon)).toEqual({ word: 'zog', known: false, senses: [] });
  });

  test('a sense survives packing', () => {
    const sense = {
      wordClass: 'n',
      definition: 'a drop of rain',
      example: 'A raindrop ran down.',
      near: ['drop'],
      sentences: [],
      opposites: [],
      kindOf: 'water',
      source: 'wordane',
    } as const;
    expect(new Meanings(`raindrop\t${writeSense(sense)}`).sensesOf('raindrop')).toEqual([sense]);
  });
});
