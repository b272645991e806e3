import { describe, expect, test } from 'vitest';
import { catalogue } from './catalogue';
import { findMakersByWords } from './teacher-words';

const first = (typed: string, count = 3) =>
  findMakersByWords(typed, 'en')
    .slice(0, count)
    .map(({ id }) => id);

describe('a search in teachers’ words', () => {
  // What staff rooms call these exercises: common practice.
  test.each([
    ['flash cards', 'two-sided-cards'],
    ['cloze', 'sentence-gaps'],
    ['matching', 'match-meaning'],
    ['chart', 'forms-table'],
    ['second conditional', 'conditional-halves'],
    ['nonsense words', 'made-up-words'],
    ['anagrams', 'unscramble'],
    ['wordsearch', 'word-search'],
    ['soft c', 'sort-hard-soft'],
    ['comprehension', 'find-it'],
    ['antonyms', 'synonyms-opposites'],
    ['spelling test', 'dictation'],
    ['names to trace', 'trace-copy-write'],
    ['error correction', 'repair-sentence'],
    ['multiple choice', 'choose-meaning'],
  ])('%s finds %s', (typed, maker) => {
    expect(first(typed, 6)).toContain(maker);
  });

  test('its own name comes first', () => {
    expect(first('crossword', 1)).toEqual(['crossword']);
    expect(first('Word wheel', 1)).toEqual(['onset-rime-wheel']);
  });

  test('every maker is found by its own name', () => {
    for (const { id, name } of catalogue) {
      expect([name, findMakersByWords(name, 'en').map((info) => info.id)]).toEqual([
        name,
        expect.arrayContaining([id]),
      ]);
    }
  });

  test('nothing typed offers everything, nonsense nothing', () => {
    expect(findMakersByWords('  ', 'en')).toHaveLength(catalogue.length);
    expect(findMakersByWords('zzzz', 'en')).toEqual([]);
  });

  test('a language offers what it can do', () => {
    const spanish = findMakersByWords('', 'es').map(({ id }) => id);
    expect(spanish).toContain('match-translation');
    expect(spanish).not.toContain('missing-grapheme');
  });
});
