import { describe, expect, test } from 'vitest';
import { makeExercise } from '../../../exercises/make-exercise';
import { kestrels, testLexicon, testMeanings } from '../../../testing/test-lexicon';
import { metAsVerb } from './met-as-verb';

const met = (word: string) => metAsVerb(word, testLexicon(), testMeanings());

describe('whether a word is met as a verb', () => {
  // Judged as a teacher of seven-year-olds would (common practice).
  test.each([
    ['float', 'first'],
    ['walk', 'first'],
    ['blow', 'first'],
    ['rain', 'also'],
    ['water', 'also'],
    ['puddle', 'rarely'],
    ['frost', 'rarely'],
    ['thunder', 'rarely'],
    // Words of lists of things: nobody clocks, and a cloud does not cloud.
    ['clock', 'never'],
    ['cloud', 'never'],
    ['truck', 'never'],
    ['jam', 'rarely'],
    ['window', 'never'],
    ['xyzzy', 'never'],
  ])('%s: %s', (word, expected) => {
    expect(met(word)).toBe(expected);
  });
});

describe('tables of forms take what is met as a verb', () => {
  const made = (maker: string, words: readonly string[]) =>
    makeExercise(
      { maker, words, parameters: {}, seed: 4 },
      testLexicon(),
      testMeanings(),
      kestrels(),
    );

  test('the table of a tense is for float, not for puddle', () => {
    expect(made('forms-table', ['thunder', 'puddle', 'float', 'frost']).title).toMatch(/^float/);
  });

  test('who asks for to toast has it', () => {
    expect(made('forms-table', ['toast']).title).toMatch(/^toast/);
  });

  test('among things a thing is left out and said so; among verbs it stays', () => {
    const things = made('forms-of-words', ['float', 'puddle', 'coat', 'frost', 'shine']);
    expect(things.notes.map(({ text }) => text).join(' ')).toContain(
      'coat is hardly met as a verb',
    );
    expect(JSON.stringify(things.task)).not.toContain('coated');
    const verbs = made('forms-of-words', ['float', 'shine', 'blow', 'coat']);
    expect(JSON.stringify(verbs.task)).toContain('coated');
  });
});
