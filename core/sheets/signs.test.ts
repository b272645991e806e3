import { describe, expect, test } from 'vitest';
import { isRemark, scaledPath, signMark, signNames, signOf } from './signs';

describe('the sign of what is to be done', () => {
  test.each([
    ['Cut out the words.', 'cut'],
    ['Glue each one where it belongs.', 'glue'],
    ['Your partner ticks the words you read right.', 'partner'],
    ['Listen to each one twice.', 'listen'],
    ['Underline all verbs: there are 8.', 'write'],
    ['Say the word.', 'say'],
    ['Read each sentence aloud.', 'say'],
    ['Read each sentence.', 'look'],
    ['Find the word in the text.', 'look'],
  ])('%s: %s', (sentence, sign) => expect(signOf(sentence)).toBe(sign));

  test('the first verb decides', () => {
    expect(signOf('Look at the picture and write its word.')).toBe('look');
    expect(signOf('Write the word that you hear.')).toBe('write');
  });

  test.each([
    'The text does not say it straight out.',
    'What does each quotation do, and why?',
    'These words are not real.',
    'Letters in one box stay together.',
    'Something is wrong in each.',
    'What it means then stands behind it.',
  ])('%s asks for nothing to be done', (sentence) => {
    expect(isRemark(sentence)).toBe(true);
    expect(signOf(sentence)).toBeUndefined();
  });

  test.each([
    'Look at its last letters first: what must you do?',
    'Then write one whole sentence.',
  ])('%s is a step', (sentence) => expect(isRemark(sentence)).toBe(false));
});

describe('signs are drawn in their square', () => {
  test('a path is scaled, the turn and flags of its arcs are not', () => {
    expect(scaledPath('M2 12 A3 4 0 1 0 6 8 Z', 0.5)).toBe('M1 6A1.5 2 0 1 0 3 4Z');
  });

  test.each(signNames)('%s stays inside', (name) => {
    const side = 8;
    const mark = signMark(name, 0, 0, side);
    if (mark.kind !== 'path') throw new Error('A sign is a path.');
    // Ends of strokes: the last two numbers of each command.
    const ends = [...mark.d.matchAll(/[MLCA]([^A-Z]*)/g)].flatMap(([, numbers = '']) =>
      (numbers.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number).slice(-2),
    );
    expect(ends.length).toBeGreaterThan(2);
    for (const end of ends) {
      expect(end).toBeGreaterThanOrEqual(0);
      expect(end).toBeLessThanOrEqual(side);
    }
  });
});
