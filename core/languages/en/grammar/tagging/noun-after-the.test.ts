import { describe, expect, test } from 'vitest';
import { testLexicon, testMeanings } from '../../../../testing/test-lexicon';
import { verbFormsOf } from '../../forms/verb-form-of';
import { findInText } from '../find/find-in-text';

const lexicon = testLexicon();
const meanings = testMeanings();
const found = (text: string, feature: 'verbs' | 'adjectives') =>
  findInText(text, feature, lexicon).map((each) => each.text);

/** Words that the wordbook has as nouns, and that have the shape of a verb form: drawing, shed, felt. */
const both = lexicon.entries
  .map(({ word }) => word)
  .filter(
    (word) =>
      /^[a-z]+$/.test(word) &&
      !word.endsWith('s') &&
      meanings.sensesOf(word).some(({ wordClass }) => wordClass === 'n') &&
      verbFormsOf(word, lexicon).some(({ form }) => form !== 'base'),
  );

// A determiner is followed by its noun: common practice of school grammars.
describe('a noun that looks like a verb form', () => {
  test('there are many', () => {
    expect(both.length).toBeGreaterThan(60);
    expect(both).toEqual(expect.arrayContaining(['drawing', 'meeting', 'shed']));
  });

  test.each([
    ['They looked at the …', (word: string) => `They looked at the ${word}.`, ['looked']],
    ['We left the … at the back', (word: string) => `We left the ${word} at the back.`, ['left']],
    ['The … was near the house', (word: string) => `The ${word} was near the house.`, ['was']],
  ])('%s: no verb', (_, sentence, verbs) => {
    const wrong = both.filter((word) => found(sentence(word), 'verbs').join() !== verbs.join());
    expect(wrong).toEqual([]);
  });

  test.each([
    ['The poor were given the broken chair.', ['were', 'given']],
    ['She saw the girl running in the yard.', ['saw', 'running']],
  ])('%s: what is a verb stays one', (sentence, verbs) => {
    expect(found(sentence, 'verbs')).toEqual(verbs);
  });
});

// The wordbook has these as adjectives first; the texts that the shares are counted on have them as nouns.
test.each(['kind', 'slight', 'classic', 'tense', 'content', 'instant'])(
  'very %s: an adjective',
  (word) => {
    expect(found(`The answer was very ${word}.`, 'adjectives')).toEqual([word]);
  },
);
