import { describe, expect, test } from 'vitest';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { startWords } from './start-words';

const lexicon = testLexicon();
const meanings = testMeanings();
const words = 'rain hail train snow play lake cat'.split(' ');

const start = (maker: string, given = words) =>
  startWords({ maker, words: given, parameters: {}, seed: 1 }, kestrels(), lexicon, meanings);

describe('the words an exercise begins with', () => {
  test('all of the list that it can key, before any other', () => {
    expect(start('build-ing').slice(0, 5)).toEqual(['rain', 'hail', 'train', 'snow', 'play']);
  });

  test('what is added is of other kinds, and met by the class as a verb', () => {
    const added = start('build-ing').slice(5);
    expect(added.length).toBeGreaterThan(0);
    // The wordbook has them as verbs: no jaywalk, no ice.
    for (const word of added) {
      const lemma = lexicon.find(word);
      expect([word, lemma && lexicon.lemmaOf(lemma).schoolClasses.includes('v')]).toEqual([
        word,
        true,
      ]);
    }
  });

  test('a list that is long enough stays as it is', () => {
    const verbs = 'run hop make bake jump help rain play sit swim ride'.split(' ');
    expect(start('build-ing', verbs)).toEqual(verbs);
  });

  test('an exercise that takes any words takes them all', () => {
    expect(start('trace-copy-write')).toEqual(words);
  });

  test('of two words made one, those that say what they are made of', () => {
    const begun = start('compound-words', ['cat', 'hill', 'snowman']);
    expect(begun[0]).toBe('snowman');
    expect(begun).not.toContain('something');
    expect(begun).not.toContain('breakfast');
    expect(begun.length).toBeGreaterThanOrEqual(3);
  });
});
