import { describe, expect, test } from 'vitest';
import { speaks } from '../languages/registry/registry';
import { inItsLanguage } from '../testing/language-for';
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
    ['letter formation', 'letters-and-joins'],
    ['cursive joins', 'letters-and-joins'],
    ['error correction', 'repair-sentence'],
    ['multiple choice', 'choose-meaning'],
    ['a map of a country', 'pinned-picture'],
    ['map with towns', 'pinned-picture'],
    ['put the words in order', 'word-order'],
    ['game with a die', 'roll-and-read'],
    ['true or false', 'true-false-not-said'],
  ])('%s finds %s', (typed, maker) => {
    expect(first(typed, 6)).toContain(maker);
  });

  test('its own name comes first', () => {
    expect(first('crossword', 1)).toEqual(['crossword']);
    expect(first('Word wheel', 1)).toEqual(['onset-rime-wheel']);
  });

  test('every maker is found by its own name', () => {
    for (const { id, name, asks } of catalogue) {
      // Where its language is learnt: English has no particles.
      const language = inItsLanguage({ asks }).language ?? 'en';
      expect([name, findMakersByWords(name, language).map((info) => info.id)]).toEqual([
        name,
        expect.arrayContaining([id]),
      ]);
    }
  });

  test('nothing typed offers everything, nonsense nothing', () => {
    const english = catalogue.filter(({ asks }) => speaks('en', ...asks));
    expect(english.length).toBeGreaterThan(90);
    expect(findMakersByWords('  ', 'en')).toHaveLength(english.length);
    expect(findMakersByWords('', 'ja').map(({ id }) => id)).toContain('particles');
    expect(english.map(({ id }) => id)).not.toContain('particles');
    expect(findMakersByWords('zzzz', 'en')).toEqual([]);
  });

  test('a language offers what it can do', () => {
    const spanish = findMakersByWords('', 'es').map(({ id }) => id);
    expect(spanish).toContain('match-translation');
    expect(spanish).not.toContain('missing-grapheme');
  });
});
