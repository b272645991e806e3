import { distance } from 'fastest-levenshtein';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { alignWords, heardFor } from './align-words';

const shown = (expected: string, given: string) =>
  alignWords(expected, given).map(({ expected: right, given: wrote, same }) =>
    same ? (right ?? '') : `${right ?? '–'}/${wrote ?? '–'}`,
  );

describe('what was heard for what', () => {
  test('a word for another, one missing, one too many', () => {
    expect(shown('Their tent blew away.', 'There tent blew away.')).toEqual([
      'Their/There',
      'tent',
      'blew',
      'away.',
    ]);
    expect(heardFor('Their tent blew away.', 'There tent blew away.')).toBe('“there” for “their”');
    expect(heardFor('The wind blew all night.', 'Wind blew all the night')).toBe(
      'left out: “the”; added: “the”',
    );
    expect(heardFor('It rained on the hill.', 'It reigned the hill.')).toBe(
      '“reigned” for “rained”; left out: “on”',
    );
  });

  test('capitals, marks and the shape of an apostrophe make no other word', () => {
    expect(heardFor('Don’t close the hut, Bram!', "don't close the hut bram")).toBe('');
    expect(heardFor('', '')).toBe('');
    expect(heardFor('Rain.', '')).toBe('left out: “rain”');
  });

  const words = fc.array(fc.constantFrom('a', 'b', 'c', 'd', 'e'), { maxLength: 9 });

  test('both sentences are there whole and in order', () => {
    fc.assert(
      fc.property(words, words, (right, wrote) => {
        const steps = alignWords(right.join(' '), wrote.join(' '));
        expect(steps.flatMap(({ expected }) => expected ?? [])).toEqual(right);
        expect(steps.flatMap(({ given }) => given ?? [])).toEqual(wrote);
        for (const { expected, given, same } of steps) {
          expect(same).toBe(expected !== undefined && expected === given);
        }
      }),
    );
  });

  // Each word is a letter here, so that the distance of letters by the package fastest-levenshtein is
  // that of words.
  test('no shorter way leads from one to the other', () => {
    fc.assert(
      fc.property(words, words, (right, wrote) => {
        const changes = alignWords(right.join(' '), wrote.join(' ')).filter(({ same }) => !same);
        expect(changes).toHaveLength(distance(right.join(''), wrote.join('')));
      }),
    );
  });
});
