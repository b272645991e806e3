import { describe, expect, test } from 'vitest';
import { inAmericanWords } from './american-words';

describe('American words for British things', () => {
  // Common practice of American schools; the pairs are of the trade.
  test.each([
    ['Mum put her jumper on.', 'Mom put her sweater on.'],
    ['The lorry stopped in the car park.', 'The truck stopped in the parking lot.'],
    ['Trousers dry slowly in the rain.', 'Pants dry slowly in the rain.'],
    ['We play football at the weekend.', 'We play soccer on the weekend.'],
    ['Bram kicked a muddy football.', 'Bram kicked a muddy soccer ball.'],
    ['They joined the football club.', 'They joined the soccer club.'],
    [
      'End it with a full stop or an exclamation mark.',
      'End it with a period or an exclamation point.',
    ],
  ])('%s', (british, american) => {
    expect(inAmericanWords(british)).toBe(american);
  });

  test.each(['The maximum is seven.', 'Take the lift.', 'She taps the tap.', 'A torchbearer ran.'])(
    '%s stays as it is',
    (sentence) => {
      expect(inAmericanWords(sentence)).toBe(sentence);
    },
  );

  test('what is American stays so', () => {
    const sentence = 'Mom lost her flashlight on the sidewalk.';
    expect(inAmericanWords(sentence)).toBe(sentence);
  });
});
