import { describe, expect, test } from 'vitest';
import { makeExercise } from '~core/exercises/make-exercise';
import type { ExerciseParameters } from '~core/exercises/making/exercise';
import { testLexicon } from '~core/testing/test-lexicon';
import { factsOf } from './task-facts';

const words = ['rain', 'hail', 'train', 'snail', 'lake', 'snake', 'day', 'play'];
const facts = (maker: string, parameters: ExerciseParameters = {}) =>
  factsOf(makeExercise({ maker, words, parameters, seed: 3 }, testLexicon()));

describe('a box of choices', () => {
  test('is offered where there is one, and after it was taken away', () => {
    expect(facts('missing-grapheme')).toMatchObject({ hasBank: true, bankIsUsual: true });
    expect(facts('missing-grapheme', { bank: false }).hasBank).toBe(true);
  });

  test('is offered to a crossword, which has none unless it is wanted', () => {
    expect(facts('crossword', { beside: besideAll })).toMatchObject({
      hasBank: true,
      bankIsUsual: false,
    });
  });

  test.each(['verb-form', 'used-to', 'comparison-forms'])(
    'is not offered to %s, which never has one',
    (maker) => {
      expect(facts(maker).hasBank).toBe(false);
    },
  );
});

test('what is keyed, what is open, and what is only traced are counted apart', () => {
  const gaps = facts('missing-grapheme');
  expect([gaps.keyed > 5, gaps.open]).toEqual([true, 0]);
  const writing = facts('writing-task');
  expect([writing.keyed, writing.open]).toEqual([0, 1]);
  expect(facts('trace-copy-write')).toMatchObject({ keyed: 0, open: 0 });
});

test('texts that can be changed by hand are named', () => {
  const { editable, accepted } = facts('missing-grapheme');
  expect(editable.length).toBeGreaterThan(5);
  // Beside the key nothing is right.
  expect(Object.values(accepted).flat()).toEqual([]);
});

const besideAll = Object.fromEntries(words.map((word) => [word, { translation: `${word} …` }]));
