import { describe, expect, test } from 'vitest';
import { testLexicon } from '../core/testing/test-lexicon';
import { isFormOf, problemsOf, wordbookProblems } from './check-wordbook';
import { fromAges, isUnfit } from './fitness';
import { endingSounds, gapWords } from './gap-words';
import { gradedLists } from './graded-lists';
import { fitRidge, knownLevels, solveCholesky } from './levels';
import { headwords, wordbook, type WordbookSense } from './wordbook';

const lexicon = testLexicon();

describe('the wordbook', () => {
  test('has every field right, and every sentence a form of its word', () => {
    expect(wordbookProblems()).toEqual([]);
    expect(wordbook.length).toBeGreaterThan(8000);
  });

  const sense: WordbookSense = {
    ...{ word: 'storm', wordClass: 'n', sense: 1, age: 5, cefr: 'A2', topics: ['weather'] },
    ...{ gloss: 'very bad weather with wind', near: [], opposites: [], from: 0, at: 'x.tsv:2' },
    sentences: ['The *storm* came.', 'The *storms* came.', 'A *storm* came.'],
  };
  test.each<[string, Partial<WordbookSense>, RegExp]>([
    ['a class of its own', { wordClass: 'q' }, /unknown class/],
    ['an age of forty', { age: 40 }, /age 40/],
    ['a level of no scale', { cefr: 'D1' }, /level D1/],
    ['three topics', { topics: ['sea', 'sky', 'rain'] }, /3 topics.*unknown topic sky/],
    ['a long gloss', { gloss: Array(13).fill('word').join(' ') }, /gloss of 13 words/],
    ['a gloss with the word', { gloss: 'storms that come' }, /with the word in it/],
    ['a verb without to', { wordClass: 'v', gloss: 'shout' }, /without to/],
    ['no mark', { sentences: ['It came.', 'A *storm* came.', 'A *storm* came.'] }, /0 marked/],
    ['another word', { sentences: ['A *star* came.', '-', '-'] }, /star is no form.*no sentence 2/],
    ['no end mark', { sentences: ['A *storm*', 'A *storm*.', 'A *storm*.'] }, /no end mark/],
    ['near and opposite', { near: ['calm'], opposites: ['calm'] }, /near and opposite: calm/],
    ['itself', { near: ['Storm'] }, /its own near word/],
  ])('%s is told', (_, change, problem) => {
    expect(problemsOf(sense)).toEqual([]);
    expect(problemsOf({ ...sense, ...change }).join('; ')).toMatch(problem);
  });

  // Irregular forms: any grammar's tables (common knowledge).
  test.each([
    ['went', 'go', true],
    ['geese', 'goose', true],
    ['Hotter', 'hot', true],
    ["dog's", 'dog', true],
    ['star', 'start', false],
    ['bee', 'be', false],
  ])('%s is a form of %s: %s', (form, word, is) => {
    expect(isFormOf(form, word)).toBe(is);
  });

  test('no gloss has a word that comes more than six years after its own', () => {
    const late = wordbook
      .filter(({ wordClass }) => /[nvad]/.test(wordClass))
      .flatMap(({ word, age, gloss }) =>
        (gloss.toLowerCase().match(/[a-z]+/g) ?? []).flatMap((each) => {
          const known = lexicon.find(each);
          return known && known.levelFrom !== 'estimate' && known.age > age + 6
            ? [`${word}: ${each}`]
            : [];
        }),
      );
    expect(late).toEqual([]);
  });

  test('nearly every headword is in the bank, with its sounds in both accents', () => {
    // Two are spelled with a hyphen, which the bank does not take.
    const missing = [...headwords.keys()].filter((word) => !lexicon.find(word));
    expect(missing.sort()).toEqual(['felt-tip', 'night-time']);
  });

  test('words that children meet are there', () => {
    const met = 'peg teddy pram fizzy conker sandpit kill whiteboard playtime sandcastle wellies';
    expect(met.split(' ').filter((word) => !lexicon.find(word))).toEqual([]);
  });
});

describe('the level of a word', () => {
  test('is that of its line, and of its line’s forms and twins', () => {
    const ages = (words: string) => words.split(' ').map((word) => lexicon.find(word)?.age);
    expect(new Set(ages('hedgehog hedgehogs'))).toEqual(new Set([4]));
    expect(new Set(ages('colour color colours colors'))).toEqual(new Set([3]));
    expect(new Set(ages('go goes went gone going'))).toEqual(new Set([3]));
    expect(lexicon.find('hedgehogs')?.levelFrom).toBe('headword');
    expect(lexicon.find('shrew')?.levelFrom).toBe('estimate');
  });

  test('words of picture books lie in the first years', () => {
    // Names of animals, clothes and things of the nursery that picture books show (common practice).
    const words = `hedgehog mitten ladybird owl duck pig kite teddy puddle snowman acorn bubble button
      caterpillar wellies scarf spoon teapot tractor umbrella whale zebra nest kitten puppy lamb`;
    const late = words.split(/\s+/).filter((word) => (lexicon.find(word)?.level ?? 99) > 2);
    expect(late).toEqual([]);
  });

  test('of what a Year 3 child knows at least 90 in 100 are rated Year 3 or below', () => {
    const known = [...knownLevels].filter(([, { age }]) => age <= 8).map(([word]) => word);
    const within = known.filter((word) => (lexicon.find(word)?.level ?? 99) <= 3.5);
    expect(within.length / known.length).toBeGreaterThan(0.9);
  });

  test('a ridge with little weight finds the line that the points lie on', () => {
    const rows = Array.from({ length: 400 }, (_, at) => [at % 7, (at * 3) % 11]);
    const model = fitRidge(
      rows,
      rows.map(([one = 0, other = 0]) => 2 * one - other + 5),
    );
    expect(model.predict([3, 4])).toBeCloseTo(7, 0);
  });

  test('Cholesky solves a system worked by hand', () => {
    // 4x + 2y = 8, 2x + 3y = 8: x = 1, y = 2.
    const lower = [Float64Array.of(4, 0), Float64Array.of(2, 3)];
    expect([...solveCholesky(lower, Float64Array.of(8, 8))]).toEqual([
      expect.closeTo(1),
      expect.closeTo(2),
    ]);
  });

  test('the graded lists know inflected forms', () => {
    expect(gradedLists('cats') & 3).toBe(3);
    expect(gradedLists('worksheet')).toBe(4);
    expect(gradedLists('zeugma')).toBe(0);
  });
});

describe('words of the gap', () => {
  // The spelling of the ending is one, its sound three (Quirk et al. 1985, 3.5 and 5.80).
  test.each([
    ['s', 'T', 'S'],
    ['s', 'D', 'Z'],
    ['s', 'CH', 'AH0 Z'],
    ['ed', 'P', 'T'],
    ['ed', 'N', 'D'],
    ['ed', 'T', 'AH0 D'],
    ['ing', 'T', 'IH0 NG'],
  ] as const)('-%s after %s is said %s', (ending, last, said) => {
    expect(endingSounds(ending, last)).toBe(said);
  });

  test('are said as they are spelled', () => {
    const wrong = gapWords.filter(({ word }) => {
      const entry = lexicon.find(word);
      return entry?.readings[0].units.map((unit) => unit.grapheme).length === 0;
    });
    expect(wrong).toEqual([]);
    expect(lexicon.find('pram')?.readings[0].units.map(({ grapheme }) => grapheme)).toEqual([
      'p',
      'r',
      'a',
      'm',
    ]);
  });

  test('forms are made that the frequency list lacks', () => {
    expect(lexicon.find('clanged')?.age).toBe(lexicon.find('clang')?.age);
    expect(lexicon.find('clanged')?.readings[0].syllables).toHaveLength(1);
  });
});

describe('what is kept back', () => {
  test('a word that is marked never is in no pack and is told as unfit', () => {
    const never = [...fromAges].filter(([, from]) => from === Infinity).map(([word]) => word);
    expect(never.length).toBeGreaterThan(20);
    expect(never.filter((word) => lexicon.find(word))).toEqual([]);
    expect(never.filter((word) => !lexicon.isUnfit(word))).toEqual([]);
    expect(never.every(isUnfit)).toBe(true);
  });

  test('the others carry their age, and so do their forms and twins', () => {
    const from = (word: string) => lexicon.find(word)?.from;
    expect([from('gun'), from('guns'), from('gunner')]).toEqual([11, 11, 11]);
    expect([from('rain'), from('table'), from('kill')]).toEqual([0, 0, 9]);
    const wrong = [...fromAges].filter(
      ([word, age]) => age !== Infinity && lexicon.find(word) && from(word) !== age,
    );
    expect(wrong).toEqual([]);
  });
});
