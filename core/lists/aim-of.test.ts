import { describe, expect, test } from 'vitest';
import { suggestWords } from '../exercises/make-exercise';
import { kestrels, testLexicon } from '../testing/test-lexicon';
import { aimOf, withAim } from './aim-of';

const lexicon = testLexicon();

describe('the aim of a list', () => {
  test.each([
    [['rain', 'train', 'wave', 'day'], { sound: 'EY' }],
    [['dog', 'horse', 'rabbit', 'sheep', 'lion'], { topic: 'animals' }],
    [['run', 'think', 'bring', 'listen'], { wordClass: 'verb' }],
    [['rain', 'seven'], {}],
    [['zog', 'vim', 'quib'], {}],
  ])('%s', (words, aim) => {
    expect(aimOf(words, lexicon)).toEqual(aim);
  });

  test('narrows a question, and leaves what the question asks itself', () => {
    expect(withAim({ pictured: true }, { sound: 'EY' })).toEqual({ sound: 'EY', pictured: true });
    expect(withAim({ rhymesWith: 'rain' }, { sound: 'EY' })).toEqual({ rhymesWith: 'rain' });
    expect(withAim({ sound: 'IY' }, { sound: 'EY' })).toEqual({ sound: 'IY' });
  });

  test('what is offered beside a long-a list has long a', () => {
    const words = ['rain', 'train', 'wave', 'day', 'lake'];
    for (const maker of ['word-search', 'unscramble', 'picture-to-word', 'roll-and-read']) {
      const recipe = { maker, words, parameters: {}, seed: 1 };
      const offered = suggestWords(recipe, kestrels(), lexicon);
      const without = offered.filter(
        (word) =>
          !lexicon
            .find(word)
            ?.readings.some(({ units }) => units.some((unit) => unit.phonemes.includes('EY'))),
      );
      expect([maker, without]).toEqual([maker, []]);
    }
  });
});
