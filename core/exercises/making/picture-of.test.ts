/** A teacher's own choice of a picture is used wherever the word is pictured. */
import { describe, expect, test } from 'vitest';
import { kestrels, testLexicon, testMeanings } from '../../testing/test-lexicon';
import { makeExercise } from '../make-exercise';
import { noPicture, pictureFor, picturesFor } from './picture-of';

const lexicon = testLexicon();
const meanings = testMeanings();
const words = ['goat', 'boat', 'coat', 'snow', 'rain', 'cat'];
const own = 'data:image/png;base64,AAAA';

const made = (maker: string, beside: object, parameters = {}) =>
  makeExercise(
    {
      maker,
      words,
      parameters: { beside: beside as never, shuffle: false, ...parameters },
      seed: 4,
    },
    lexicon,
    meanings,
    kestrels(),
  );

describe('the picture of a word', () => {
  test('is the teacher’s own choice alone, where she made one', () => {
    const parameters = { beside: { goat: { picture: own }, boat: { picture: 'none' } } };
    expect(picturesFor('goat', { lexicon, parameters })).toEqual([own]);
    expect(pictureFor('boat', { lexicon, parameters })).toBeUndefined();
    expect(pictureFor('coat', { lexicon, parameters })).toBe(lexicon.picturesOf('coat')[0]);
    // A word of the list with a capital is pictured as it stands there.
    expect(
      pictureFor('goat', { lexicon, parameters: { beside: { Goat: { picture: own } } } }, 'Goat'),
    ).toBe(own);
  });

  test('a word without one says why', () => {
    expect(noPicture('once', { lexicon })).toBe('has no picture');
    expect(noPicture('yellow', { lexicon })).toMatch(/in colour only/);
    const parameters = { beside: { yellow: { picture: 'none' } } };
    expect(noPicture('yellow', { lexicon, parameters })).toBe('has no picture');
  });
});

describe('exercises with pictures', () => {
  test.each([
    ['picture-to-word', {}],
    ['picture-writing', {}],
    ['find-in-picture', {}],
    ['labelled-picture', {}],
    ['match-picture', {}],
    ['pairs', { partner: 'picture' }],
    ['word-labels', { labelPictures: true }],
    ['writing-bank', {}],
    ['unscramble', {}],
  ])('%s shows the picture that she chose, and none where she wants none', (maker, parameters) => {
    const usual = lexicon.picturesOf('boat')[0] ?? '';
    const plain = JSON.stringify(made(maker, {}, parameters));
    expect(plain).toContain(usual);
    const chosen = JSON.stringify(made(maker, { boat: { picture: own } }, parameters));
    expect(chosen).toContain(own);
    expect(chosen).not.toContain(`"${usual}"`);
    const without = made(maker, { boat: { picture: 'none' } }, parameters);
    const { parameters: _, ...rest } = without;
    expect(JSON.stringify(rest)).not.toContain('"none"');
  });
});
