import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../../testing/test-lexicon';
import { analyseSentence } from '../describe/describe-sentence';
import { combine, type Joiner } from './combine';

const lexicon = testLexicon();
const joined = (first: string, second: string, joiner: Joiner) => {
  const { result, accepted = [] } = combine(
    [first, second],
    [analyseSentence(first, lexicon), analyseSentence(second, lexicon)],
    joiner,
  );
  return [result, ...accepted];
};

// Worked by hand; the orders are those of Swan, Practical English Usage (from memory).
describe('two sentences made one', () => {
  test.each([
    [
      'Juno took off her jumper.',
      'She was too hot.',
      'because',
      [
        'Juno took off her jumper because she was too hot.',
        'Because she was too hot, Juno took off her jumper.',
      ],
    ],
    [
      'The wind dropped.',
      'The kite fell.',
      'so',
      ['The wind dropped, so the kite fell.', 'The wind dropped so the kite fell.'],
    ],
    [
      'We went home.',
      'The rain began.',
      'when',
      ['We went home when the rain began.', 'When the rain began, we went home.'],
    ],
  ] as const)('%s %s (%s)', (first, second, joiner, expected) => {
    expect(joined(first, second, joiner)).toEqual(expect.arrayContaining([...expected]));
  });

  test('a girl who is called as a bird keeps her capital, a bird gets none', () => {
    const girl = joined('Wren couldn’t stop laughing.', 'The puppy was asleep.', 'because');
    expect(girl[1]).toBe('Because the puppy was asleep, Wren couldn’t stop laughing.');
    const left = joined('Robin cleaned the gauge.', 'It was dirty.', 'because');
    expect(left[1]).toBe('Because it was dirty, Robin cleaned the gauge.');
    const bird = joined('Wrens sing loudly.', 'It is spring.', 'because');
    expect(bird[1]).toBe('Because it is spring, wrens sing loudly.');
  });

  test('a half sentence and a question are refused in words that say what to do', () => {
    expect(() => joined('Because it rained.', 'We stayed in.', 'so')).toThrow(/no whole sentence/);
    expect(() => joined('Is it cold?', 'We stayed in.', 'so')).toThrow(/make it a statement/);
  });
});
