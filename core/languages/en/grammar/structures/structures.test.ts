/**
 * Structures that are made of more than an ending, in sentences as school grammars give them (from
 * memory: comparison with more and most; what somebody said, asked or told others to do).
 */
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../../testing/test-lexicon';
import { findInText } from '../find/find-in-text';

const lexicon = testLexicon();
const found = (sentence: string, name: string) =>
  findInText(sentence, name, lexicon).map(({ text }) => text);

describe('comparative', () => {
  test.each([
    ['The storm was more dangerous than the frost.', 'more dangerous'],
    ['Gold is more expensive than silver.', 'more expensive'],
    ['This path is less steep than that one.', 'less steep'],
    ['She walks more slowly now.', 'more slowly'],
    ['Please come more often.', 'more often'],
    ['It is a more careful plan.', 'more careful'],
    ['The second film was much more exciting.', 'more exciting'],
    ['It became more difficult.', 'more difficult'],
    ['Mina is taller than Omar.', 'taller'],
    ['The new gauge works better than the old one.', 'better'],
  ])('%s', (sentence, words) => {
    expect(found(sentence, 'comparative')).toEqual([words]);
  });

  test.each([
    'We need more cold water.',
    'More old people came.',
    'He has more than ten.',
    'It is more or less dry.',
    'The clever cat is under the other table.',
    'Give me some more, please.',
  ])('none in: %s', (sentence) => {
    expect(found(sentence, 'comparative')).toEqual([]);
  });
});

describe('superlative', () => {
  test.each([
    ['This is the most beautiful valley.', 'most beautiful'],
    ['It was my least favourite book.', 'least favourite'],
    ['Our most careful drawing won.', 'most careful'],
    ['This is the tallest tree.', 'tallest'],
    ['It is the best day of the year.', 'best'],
  ])('%s', (sentence, words) => {
    expect(found(sentence, 'superlative')).toEqual([words]);
  });

  test.each(['Most old houses are cold.', 'At most ten came.', 'Most of us stayed.'])(
    'none in: %s',
    (sentence) => {
      expect(found(sentence, 'superlative')).toEqual([]);
    },
  );
});

describe('reported speech', () => {
  test.each([
    ['She said that she was tired.', 'that she was tired'],
    ['Dad told Ellis that the bus had left.', 'that the bus had left'],
    ['Mina asked if it was open.', 'if it was open'],
    ['They asked us whether we had seen the dog.', 'whether we had seen the dog'],
    ['She asked where the gauge was.', 'where the gauge was'],
    ['The host asked Asha where she had learned Greek.', 'where she had learned Greek'],
    ['Dad told us to shut the door.', 'to shut the door'],
    ['The doctor advised him to stay in bed.', 'to stay in bed'],
    ['The keeper told us not to feed the monkeys.', 'not to feed the monkeys'],
    ['The ranger warned the hikers never to leave the path.', 'never to leave the path'],
  ])('%s', (sentence, words) => {
    expect(found(sentence, 'reported speech')).toEqual([words]);
  });

  test('what was told and what it was to do are one report', () => {
    expect(found('The foreman told me that I had to wear a helmet.', 'reported speech')).toEqual([
      'that I had to wear a helmet',
    ]);
  });

  test.each([
    'Ask me if you need help.',
    'He told a story to the class.',
    'Kofi asked to have a turn.',
    'The cook asked the manager for permission to leave.',
    '“Shut the gate,” Dad told Bram.',
  ])('none in: %s', (sentence) => {
    expect(found(sentence, 'reported speech')).toEqual([]);
  });
});
