import { describe, expect, test } from 'vitest';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { fitsBest } from './fits-best';
import { minutesFor } from './minutes-for';
import { makeExercise } from './make-exercise';

const lexicon = testLexicon();
const meanings = testMeanings();

const fits = (words: string, stage = 'alone', present: readonly string[] = []) =>
  fitsBest(
    { recipe: { words: words.split(' '), parameters: {} }, stage, present, profile: kestrels() },
    lexicon,
    meanings,
  ).map(({ maker }) => maker);

describe('what fits best', () => {
  const longA = 'rain train snail day play spray lake snake wave';

  test('several spellings of one sound are sorted, and their letters missed', () => {
    const found = fits(longA);
    expect(found).toContain('sort-by-spelling');
    expect(found).toContain('missing-grapheme');
  });

  test('soft c is sorted by its sound', () => {
    expect(fits('city cent ice face cat cup cot mice', 'show')).toContain('sort-hard-soft');
  });

  test('what was used last is not offered first', () => {
    const found = fits(longA, 'alone', ['sort-by-spelling', 'missing-grapheme']);
    expect(found.slice(0, 3)).not.toContain('missing-grapheme');
    expect(found.slice(0, 3)).not.toContain('sort-by-spelling');
  });

  test('a stage is served: recall reads aloud, working alone writes', () => {
    expect(fits(longA, 'get-ready').slice(0, 4)).toContain('fluency-grid');
    expect(fits(longA, 'alone').slice(0, 4)).not.toContain('fluency-grid');
  });

  test('every reason is said, and what is offered can be made', () => {
    const found = fitsBest(
      { recipe: { words: longA.split(' '), parameters: {} }, profile: kestrels() },
      lexicon,
      meanings,
    );
    for (const { maker, why } of found) {
      expect(why.length).toBeGreaterThan(0);
      const recipe = { maker, words: longA.split(' '), parameters: {}, seed: 1 };
      expect(makeExercise(recipe, lexicon, meanings, kestrels()).short).toBeUndefined();
    }
  });
});

describe('minutes', () => {
  test('more items take longer, and a sort longer than a choice', () => {
    const made = (maker: string, words: string) =>
      minutesFor(
        makeExercise({ maker, words: words.split(' '), parameters: {}, seed: 1 }, lexicon, meanings)
          .task,
      );
    const words = 'rain train snail day play spray lake snake wave gale';
    expect(made('dictation', words)).toBeGreaterThan(made('dictation', 'rain day lake'));
    expect(made('sort-by-spelling', words)).toBeGreaterThan(made('fluency-grid', words));
  });
});
