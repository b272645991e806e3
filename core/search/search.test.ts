import { describe, expect, test } from 'vitest';
import { completeClass } from '../classes/new-class';
import { checkWord } from '../reach/check-word';
import { reachTest } from '../reach/reach-table';
import { kestrels, testLexicon } from '../testing/test-lexicon';
import { explainWord, findWords, type WordQuery } from './find-words';
import { guessReading } from '../languages/en/words/guess-reading';
import { ExpressionError, readExpression } from '../languages/en/words/pattern-language';
import { wordsLike } from './words-like';

const lexicon = testLexicon();
const words = (query: WordQuery) =>
  findWords(lexicon, query).groups.flatMap((group) => group.words.map(({ entry }) => entry.word));

describe('what a search can ask', () => {
  test('any, all or none of several sounds', () => {
    const all = words({ sounds: ['SH', 'IY'], soundMatch: 'all', maxSyllables: 1 });
    expect(all).toEqual(expect.arrayContaining(['she', 'sheep', 'sheet']));
    expect(all).not.toContain('shop');
    const any = words({ sounds: ['SH', 'IY'], soundMatch: 'any', maxSyllables: 1 });
    expect(any).toEqual(expect.arrayContaining(['shop', 'tree', 'sheep']));
    const none = words({ sounds: ['SH', 'IY'], soundMatch: 'none', maxSyllables: 1 });
    expect(none).not.toContain('shop');
    // A homograph can be in both, each time in another reading.
    expect(new Set([...any, ...none]).size).toBe(words({ maxSyllables: 1 }).length);
  });

  test('any, all or none of several patterns', () => {
    const both = words({ patterns: ['hard-c', 'soft-c'], patternMatch: 'all' });
    expect(both).toEqual(expect.arrayContaining(['circle', 'bicycle', 'success']));
    const neither = words({ patterns: ['hard-c', 'soft-c'], patternMatch: 'none', limit: 50 });
    for (const word of neither) expect(word).not.toMatch(/^c[aou]/);
  });

  test('what must not be there', () => {
    const plain = words({
      sound: 'EY',
      without: { spellings: ['a-e'], patterns: ['blend'] },
      maxSyllables: 1,
    });
    expect(plain).toContain('rain');
    expect(plain).not.toContain('make');
    expect(plain).not.toContain('train');
  });

  test('letters at the start and the end', () => {
    for (const word of words({ beginsWith: 'sn', endsWith: 'ow' }))
      expect(word).toMatch(/^sn.*ow$/);
    expect(words({ beginsWith: 'SN', endsWith: 'ow' })).toContain('snow');
  });

  test('stress', () => {
    const last = words({ stress: 'last', minSyllables: 2, maxSyllables: 2 });
    expect(last).toEqual(expect.arrayContaining(['begin', 'forget', 'balloon']));
    expect(last).not.toContain('rabbit');
  });

  test('word class', () => {
    expect(words({ wordClass: 'verb', pattern: 'CVC' })).toEqual(
      expect.arrayContaining(['run', 'sit', 'hop']),
    );
    for (const noun of ['bed', 'hat', 'dog', 'cat']) {
      expect(words({ wordClass: 'verb', pattern: 'CVC' })).not.toContain(noun);
    }
    expect(words({ wordClass: 'preposition' })).toEqual(
      expect.arrayContaining(['under', 'between']),
    );
  });

  test('topic, picture, compound', () => {
    expect(words({ topic: 'weather', compound: true })).toEqual(
      expect.arrayContaining(['rainbow', 'thunderstorm', 'snowflake', 'sunshine']),
    );
    expect(words({ topic: 'animals', pictured: true })).toEqual(
      expect.arrayContaining(['dog', 'snail', 'elephant']),
    );
    expect(words({ topic: 'no such topic' })).toEqual([]);
  });

  test('level', () => {
    const easy = words({ level: 'A2' });
    const harder = words({ level: 'B2' });
    expect(easy.length).toBeLessThan(harder.length);
    expect(easy).toContain('rain');
    expect(easy).not.toContain('barometer');
  });

  test('order', () => {
    const found = words({ sound: 'EY', spelling: 'ai', sort: 'alphabet' });
    expect(found).toEqual([...found].sort((left, right) => left.localeCompare(right, 'en')));
  });

  test('a British class gets no American spelling, and hidden words stay hidden', () => {
    const query = { beginsWith: 'colo', class: kestrels({ spelling: 'uk' }) };
    expect(words(query)).toContain('colour');
    expect(words(query)).not.toContain('color');
    const hidden = kestrels({ hiddenWords: ['rain'] });
    expect(words({ sound: 'EY', spelling: 'ai', class: hidden })).not.toContain('rain');
  });
});

describe('reach in a search', () => {
  // The quick test that a search filters with must agree with the reasoned one that a screen shows.
  test.each([
    ['on the sequence', kestrels({ knownWords: ['weather'] })],
    ['at the start', kestrels({ step: 3 })],
    ['reading freely', completeClass({ step: null, level: { system: 'cefr', value: 'A2' } })],
  ])('agrees with the check of a single word, %s', (_, profile) => {
    const quick = reachTest(lexicon, profile);
    const different = lexicon.entries
      .filter((entry) => entry.rank % 17 === 0)
      .filter((entry) => quick(entry) !== checkWord(entry.word, entry, profile).reach);
    expect(different.map((entry) => entry.word)).toEqual([]);
  });
});

describe('why a word is here', () => {
  test('every condition is told, met or not', () => {
    const why = explainWord(lexicon, 'eight', {
      sound: 'EY',
      maxSyllables: 1,
      class: kestrels(),
      knows: 'secure',
    });
    expect(why.here).toBe(false);
    const unmet = why.conditions.filter((each) => !each.met).map((each) => each.asks);
    expect(unmet).toEqual(['is within Kestrels’ reach']);
  });

  test('agrees with the search for every word of a sample', () => {
    const query: WordQuery = {
      sound: 'IY',
      pattern: 'vowel-team',
      maxSyllables: 1,
      knows: 'stretch',
      class: kestrels(),
    };
    const found = new Set(words(query));
    for (const entry of lexicon.entries.filter(({ rank }) => rank % 29 === 0)) {
      expect([entry.word, explainWord(lexicon, entry.word, query).here]).toEqual([
        entry.word,
        found.has(entry.word),
      ]);
    }
  });

  test('an unknown word is said to be unknown', () => {
    expect(explainWord(lexicon, 'zog', {})).toMatchObject({ known: false, here: false });
  });
});

describe('the pattern language', () => {
  test.each([
    ['C+ (ai|ay) C*', ['rain', 'day', 'train'], ['rainy', 'make']],
    ['* /OW/', ['snow', 'go', 'window'], ['cow', 'goat']],
    ['C V C', ['cat', 'ship', 'rain'], ['train', 'go']],
    ['s !t * ng', ['song', 'swing'], ['sting']],
    ['* - t V *', ['water', 'today'], ['rain']],
    ['V/EY/ *', ['ape', 'acorn', 'eight'], ['rain']],
  ])('%s', (expression, fitting, others) => {
    const fits = readExpression(expression);
    const reading = (word: string) => lexicon.find(word)?.readings[0];
    for (const word of fitting) {
      const source = reading(word);
      if (source) expect([word, fits(source)]).toEqual([word, true]);
    }
    for (const word of others) {
      const source = reading(word);
      if (source) expect([word, fits(source)]).toEqual([word, false]);
    }
  });

  test('the quick way over packed readings agrees with the slow way', () => {
    const fits = readExpression('C+ (ai|ay) C*');
    const slow = lexicon.entries.filter(({ readings: [{ units, syllables }] }) =>
      fits({ units, syllables }),
    );
    const quick = lexicon.entries.filter(({ readings: [reading] }) => fits(reading));
    expect(quick).toEqual(slow);
  });

  test.each(['C+ @@', '/QQ/', '(ai'])('%s is refused with what may stand there', (expression) => {
    expect(() => readExpression(expression)).toThrow(ExpressionError);
  });
});

describe('words like these', () => {
  test.each([
    [['rain', 'train', 'paint'], { sound: 'EY', spelling: 'ai' }],
    [['city', 'cell', 'ice'], { patterns: ['soft-c'] }],
    [['cat', 'hat', 'sat'], { rhymesWith: 'cat' }],
  ])('%j', (examples, expected) => {
    const { query, shared } = wordsLike(examples, lexicon);
    expect(query).toMatchObject(expected);
    expect(shared.length).toBeGreaterThan(0);
    expect(findWords(lexicon, query).total).toBeGreaterThan(3);
  });

  test('examples that are not known are told', () => {
    expect(wordsLike(['zog'], lexicon)).toMatchObject({ shared: [], unknown: ['zog'] });
  });
});

describe('a best guess', () => {
  // Made-up words have one regular reading (common practice of nonsense-word reading checks).
  test.each([
    ['zog', 'Z AA G'],
    ['frale', 'F R EY L'],
    ['thoom', 'TH UW M'],
    ['gight', 'G AY T'],
    ['knirp', 'N ER P'],
    ['ceeb', 'S IY B'],
    ['bripped', 'B R IH P T'],
    ['zoting', 'Z OW T IH NG'],
    ['quazzle', 'K W AE Z AH L'],
  ])('%s', (word, sounds) => {
    const guess = guessReading(word, lexicon);
    expect(guess?.units.flatMap((unit) => unit.phonemes).join(' ')).toBe(sounds);
  });

  test('is near the dictionary for real words that are left out one by one', () => {
    const sample = lexicon.entries.filter(
      ({ rank, readings }) => rank % 31 === 0 && rank < 8000 && readings[0].syllables.length === 1,
    );
    const right = sample.filter((entry) => {
      const guess = guessReading(entry.word, lexicon)
        ?.units.flatMap((unit) => unit.phonemes)
        .join(' ');
      return guess === entry.readings[0].units.flatMap((unit) => unit.phonemes).join(' ');
    });
    expect(right.length / sample.length).toBeGreaterThan(0.6);
  });

  test('letters that are no English give none', () => {
    expect(guessReading('雨', lexicon)).toBeUndefined();
    expect(guessReading('', lexicon)).toBeUndefined();
  });
});
