import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { tokenise } from './tokenise';

const said = (sentence: string) => tokenise(sentence).map(({ text }) => text);

describe('tokens', () => {
  // A contraction is cut where the Penn Treebank cuts it (guidelines of 1995, from memory): ca n't, she 's.
  test.each([
    ["She can't come.", ['She', 'ca', "n't", 'come', '.']],
    ['It’s Bram’s hat!', ['It', '’s', 'Bram', '’s', 'hat', '!']],
    ["They'd've gone.", ['They', "'d", "'ve", 'gone', '.']],
    [
      'The twins’ kite, twenty-one metres long',
      ['The', 'twins', '’', 'kite', ',', 'twenty-one', 'metres', 'long'],
    ],
    ['At 3.30 it rained 2,5 mm.', ['At', '3.30', 'it', 'rained', '2,5', 'mm', '.']],
  ])('%s', (sentence, wanted) => {
    expect(said(sentence)).toEqual(wanted);
  });

  test('whatever is written, tokens are stretches of it, in order, and nothing but space is left out', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 80 }), (text) => {
        let end = 0;
        for (const token of tokenise(text)) {
          expect(text.slice(token.start, token.end)).toBe(token.text);
          expect(text.slice(end, token.start).trim()).toBe('');
          end = token.end;
        }
        expect(text.slice(end).trim()).toBe('');
      }),
      { numRuns: 1000, seed: 20261125 },
    );
  });
});
