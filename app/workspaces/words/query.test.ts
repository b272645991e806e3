import { describe, expect, test } from 'vitest';
import { findWords } from '~core/search/find-words';
import { kestrels, testLexicon } from '~core/testing/test-lexicon';
import type { WordQuery } from '~core/search/word-query';
import { ANY_SOUND, defaultSound, readQuery, soundLink, writeQuery } from './query';

const read = (search: string, sound = 'AE') => readQuery(new URLSearchParams(search), sound);

describe('the address of a search', () => {
  test('says nothing: the sound of the class, one or two syllables, secure, known first', () => {
    expect(read('')).toEqual({
      sounds: ['AE'],
      patterns: [],
      place: 'any',
      knows: 'secure',
      sort: 'known',
      syllables: '1-2',
      minSyllables: 1,
      maxSyllables: 2,
      fresh: false,
      all: false,
    });
  });

  test('of a class that reads freely: no sound, any number of syllables', () => {
    expect(read('', ANY_SOUND)).toMatchObject({ sounds: [], syllables: 'any', maxSyllables: 99 });
  });

  test.each([
    ['place=nowhere', 'place', 'any'],
    ['knows=all', 'knows', 'secure'],
    ['sort=size', 'sort', 'known'],
    ['syllables=9', 'syllables', '1-2'],
    ['sound=QQ', 'sounds', []],
    ['sound=EY&sound=zz', 'sounds', ['EY']],
    ['pattern=nonsense', 'patterns', []],
  ])('%s, which is wrong, leaves %s as it is usual', (search, field, usual) => {
    expect(read(search)).toMatchObject({ [field]: usual });
  });

  test('asks for what it says', () => {
    expect(
      read(
        'sound=EY&spelling=ai&place=middle&syllables=1&knows=any&sort=alphabet&pos=noun&stress=first&level=A2&topic=weather&pictured=1&fold=1&begins=r&ends=n&new=1&all=1&pair=L-R&nospelling=igh',
      ),
    ).toMatchObject({
      sounds: ['EY'],
      spelling: 'ai',
      place: 'middle',
      maxSyllables: 1,
      knows: 'any',
      sort: 'alphabet',
      wordClass: 'noun',
      stress: 'first',
      level: 'A2',
      topic: 'weather',
      pictured: true,
      fold: true,
      beginsWith: 'r',
      endsWith: 'n',
      fresh: true,
      all: true,
      minimalPair: ['L', 'R'],
      without: { spellings: ['igh'], patterns: [] },
    });
  });

  test('an r-coloured vowel and the vowel of sun alone are sounds, two words are none', () => {
    expect(read('sound=AO+R&sound=AH1&sound=two+words').sounds).toEqual(['AO R', 'AH1']);
  });

  test('a pair of sounds needs both', () => {
    for (const pair of ['L', 'L-', 'L-R-S', 'L-zz']) {
      expect(read(`pair=${pair}`).minimalPair).toBeUndefined();
    }
  });
});

describe('a query written into an address', () => {
  const queries: WordQuery[] = [
    { sound: 'EY', spelling: 'ai' },
    { sounds: ['EY', 'IY'], minSyllables: 1, maxSyllables: 1 },
    { minSyllables: 3, maxSyllables: 99, wordClass: 'noun' },
    { rhymesWith: 'rain', pictured: true },
    { prefix: 'un', knows: 'any' },
    { family: 'sign', fold: true },
    { nameFor: 'animal', minSyllables: 1, maxSyllables: 2 },
    { topic: 'weather', homophones: true },
  ];

  test.each(queries)('%o is read back as it was', (query) => {
    const back = readQuery(writeQuery(query), ANY_SOUND);
    const { sound, sounds = [], ...rest } = query;
    expect(back.sounds).toEqual(sound === undefined ? sounds : [sound, ...sounds]);
    expect(back).toMatchObject(rest);
  });

  test('a link to a sound in a spelling finds words with it, and no others', () => {
    const link = soundLink('EY', 'ai');
    expect(link.startsWith('/words?')).toBe(true);
    const query = readQuery(new URLSearchParams(link.slice(link.indexOf('?'))), 'AE');
    const found = findWords(testLexicon(), { ...query, class: kestrels(), limit: 20 });
    const words = found.groups.flatMap((group) => group.words.map(({ entry }) => entry.word));
    expect(words.length).toBeGreaterThan(10);
    for (const word of words) expect(word).toContain('ai');
  });
});

describe('the sound that a class works on', () => {
  test('is the latest vowel of its steps; none where it reads freely', () => {
    expect(defaultSound(kestrels({ step: null }))).toBe(ANY_SOUND);
    const sounds = [2, 12, 23].map((step) => defaultSound(kestrels({ step })));
    for (const sound of sounds) expect(sound).toMatch(/^[A-Z]{2}/);
    // Before the first vowel is taught there is none to work on but the first.
    expect(defaultSound(kestrels({ step: 0 }))).toBe('AE');
  });
});
