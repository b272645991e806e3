import { describe, expect, test } from 'vitest';
import { checkSentence, type SentenceCheck } from './sentence-check';

const check = (text: string, more: Partial<SentenceCheck> = {}) =>
  checkSentence(text, { words: [], fewest: 3, ...more });

describe('a sentence that a learner writes', () => {
  test('is asked for nothing where nothing is missing', () => {
    expect(check('The storm broke the gate.', { words: ['storm', 'gate'] })).toEqual([]);
    expect(check('“The storm!” Mina cried.', { words: ['storm'] })).toEqual([]);
  });

  test('is asked for all that is missing, in one go', () => {
    expect(check('storm', { words: ['gate'] })).toEqual([
      'Use the word gate.',
      'Write 3 words or more: there is 1.',
      'Begin with a capital letter.',
      'End with a full stop, a question mark or an exclamation mark.',
    ]);
  });

  test.each([
    ['', false, 'Write a sentence.'],
    ['   ', false, 'Write a sentence.'],
    ['', true, 'Write your text.'],
  ])('empty “%s” (text: %s): %s', (text, longer, said) => {
    expect(check(text, { text: longer })).toEqual([said]);
  });

  test('has the word in its form, whole, with either apostrophe', () => {
    expect(check('The rains came early.', { words: ['rain'] })).toEqual(['Use the word rain.']);
    expect(check('It doesn’t rain here.', { words: ["doesn't"] })).toEqual([]);
    expect(check('The weather vane turns.', { words: ['weather vane'] })).toEqual([]);
    expect(check('The vane shows weather.', { words: ['weather vane'] })).toEqual([
      'Use the word weather vane.',
    ]);
  });

  test('has no more words than it may', () => {
    expect(check('The wind rose and fell.', { most: 4 })).toEqual([
      'Write 4 words at most: there are 5.',
    ]);
  });

  test('counts hyphens within a word, and no digits as one', () => {
    expect(check('A well-kept log.', { fewest: 3 })).toEqual([]);
    expect(check('On 3 May 2026.', { fewest: 3 })).toEqual(['Write 3 words or more: there are 2.']);
  });

  test.each(['Rain.', 'Rain!', 'Rain?', 'Rain …', '“Rain.”', '(Rain.)'])(
    '%s has its end mark',
    (text) => {
      expect(check(text, { fewest: 1 })).toEqual([]);
    },
  );

  test('a capital of another alphabet is one', () => {
    expect(check('Éva aime la pluie.')).toEqual([]);
    expect(check('éva aime la pluie.')).toEqual(['Begin with a capital letter.']);
  });
});
