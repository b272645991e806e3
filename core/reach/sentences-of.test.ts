import { describe, expect, test } from 'vitest';
import { completeClass } from '../classes/new-class';
import { inSpelling } from '../languages/en/lexicon/in-spelling';
import { define, readSentences } from '../languages/en/words/meanings';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { sentenceAgeOf, sentencesOf } from './sentences-of';

const lexicon = testLexicon();
const meanings = testMeanings();
const at = (system: 'uk' | 'us' | 'cefr', value: string, more = {}) =>
  completeClass({ level: { system, value }, step: null, ...more });

describe('sentences with a word in them', () => {
  test('have the word where they say it is', () => {
    for (const word of ['rain', 'hedgehog', 'table', 'wind', 'tear', 'happy', 'run']) {
      const sentences = sentencesOf(word, meanings, lexicon);
      expect(sentences.length).toBeGreaterThanOrEqual(3);
      for (const { text, start, end, form, headword } of sentences) {
        expect(text.slice(start, end)).toBe(form);
        expect(headword).toBe(word);
        expect(text).not.toContain('*');
      }
    }
  });

  test('those of the class’s age come first', () => {
    const ages = (profile: ReturnType<typeof at>) =>
      sentencesOf('table', meanings, lexicon, profile)[0]?.age;
    expect(ages(at('uk', 'Y1'))).toBe(5);
    expect(ages(at('uk', 'Y5'))).toBe(8);
    expect(ages(at('uk', 'Y9'))).toBe(13);
    expect([sentenceAgeOf(at('cefr', 'A1')), sentenceAgeOf(at('cefr', 'B2'))]).toEqual([5, 13]);
  });

  test('an inflected form has those of its headword, its own form first', () => {
    const [first] = sentencesOf('ears', meanings, lexicon);
    expect(first).toMatchObject({ form: 'ears', headword: 'ear' });
    expect(sentencesOf('zog', meanings, lexicon)).toEqual([]);
  });

  test('senses that are not for the class’s age are left out', () => {
    const young = sentencesOf('shot', meanings, lexicon, at('uk', 'Y1'));
    expect(young.map(({ definition }) => definition).join()).not.toMatch(/gun/);
  });

  test('words past the class are named', () => {
    const [last] = sentencesOf('barometer', meanings, lexicon, at('cefr', 'A1'));
    expect(last?.beyond).toContain('barometer');
  });

  test('stand in the class’s spelling, the place moved with it', () => {
    const american = at('us', 'G6', { spelling: 'us' });
    for (const word of ['color', 'jewellery', 'neighbour', 'programme']) {
      for (const { text, start, end, form } of sentencesOf(word, meanings, lexicon, american)) {
        expect(text.slice(start, end)).toBe(form);
        expect(text).not.toMatch(/colour|neighbour|programme|jewellery/i);
      }
    }
  });
});

describe('the spelling of a sentence', () => {
  // British and American spellings: the Oxford and Merriam-Webster dictionaries (common knowledge).
  test.each([
    ['The colour of my neighbour’s tyre', 'us', 'The color of my neighbor’s tire'],
    ['Grey theatres are in the centre.', 'us', 'Gray theaters are in the center.'],
    ['My favorite color is gray.', 'uk', 'My favourite colour is grey.'],
    ['Check the story.', 'uk', 'Check the story.'],
  ] as const)('%s in %s', (text, spelling, written) => {
    expect(inSpelling(text, spelling, lexicon).text).toBe(written);
  });

  test('places move with what is before them', () => {
    const text = 'A grey colour, a lamp.';
    const start = text.indexOf('lamp');
    const { text: moved, marks } = inSpelling(text, 'us', lexicon, [{ start, end: start + 4 }]);
    expect(moved.slice(marks[0]?.start, marks[0]?.end)).toBe('lamp');
  });
});

describe('senses', () => {
  test('say their age, level, topics and sentences', () => {
    const [sense] = define('table', meanings, lexicon).senses;
    expect(sense).toMatchObject({ age: 3, level: 'A1', topics: ['home'], from: 0 });
    expect(sense?.sentences.map(({ age }) => age)).toEqual([5, 8, 13]);
  });

  test('a word built on another is explained by it, and says so', () => {
    expect(define('hedgehogs', meanings, lexicon)).toMatchObject({ base: 'hedgehog' });
    const built = define('playfulness', meanings, lexicon);
    expect(built.known).toBe(true);
  });

  test('packed sentences leave out what is not there', () => {
    expect(readSentences('-|The *rain* fell.|*Rain* came')).toEqual([
      { text: 'The rain fell.', start: 4, end: 8, age: 8 },
      { text: 'Rain came', start: 0, end: 4, age: 13 },
    ]);
    expect(readSentences('')).toEqual([]);
    expect(readSentences('no mark')).toEqual([]);
  });
});
