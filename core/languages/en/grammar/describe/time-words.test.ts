import { describe, expect, test } from 'vitest';
import { decidingTime } from './time-words';

// Common practice of grammars for learners of English.
describe('words of time that settle a tense', () => {
  test.each([
    ['We saw it yesterday.', 'past simple', 'present perfect', 'yesterday'],
    ['She left two days ago.', 'past simple', 'present perfect', 'two days ago'],
    ['It opened in 1890.', 'past simple', 'present perfect', 'in 1890'],
    ['I have known him since May.', 'present perfect', 'past simple', 'since May'],
    ['It rains every day.', 'present simple', 'present continuous', 'every day'],
    ['It is raining at the moment.', 'present continuous', 'present simple', 'at the moment'],
    ['They will come tomorrow.', 'future will', 'present simple', 'tomorrow'],
  ])('%s: %s and not %s', (text, tense, other, cue) => {
    expect(decidingTime(text, tense, other)).toBe(cue);
  });

  test.each([
    ['We have already seen it.', 'present perfect', 'past simple'], // American English takes either
    ['I was reading yesterday.', 'past continuous', 'past simple'], // both go with it
    ['She walks home.', 'present simple', 'present continuous'],
  ])('%s: nothing settles it', (text, tense, other) => {
    expect(decidingTime(text, tense, other)).toBeUndefined();
  });
});
