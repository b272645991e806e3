import { describe, expect, test } from 'vitest';
import { completeClass } from '../classes/new-class';
import { kestrels, testLexicon } from '../testing/test-lexicon';
import { checkWord } from './check-word';
import { findSwaps } from '../search/find-swaps';

const check = (word: string, profile = kestrels()) =>
  checkWord(word, testLexicon().find(word), profile);

describe('reach for a class on the sequence', () => {
  test('taught is secure, and says so', () => {
    expect(check('rain')).toMatchObject({ reach: 'secure' });
    expect(check('rain').reasons[0]?.text).toBe('Every spelling in it is taught by step 23.');
  });

  test('a grapheme far ahead is beyond, with its step', () => {
    const { reach, reasons } = check('eight');
    expect(reach).toBe('beyond');
    expect(reasons[0]).toMatchObject({ grapheme: 'eigh', step: 41 });
    expect(reasons[0]?.text).toBe('eigh for /ā/ is taught at step 41.');
  });

  test('a grapheme of the next steps is a stretch, and moving the class makes it secure', () => {
    expect(check('team').reach).toBe('stretch');
    expect(check('team', kestrels({ step: 25 })).reach).toBe('secure');
    expect(check('team', kestrels({ step: 12 })).reach).toBe('beyond');
  });

  test('two consonants together wait for their step', () => {
    expect(check('frog', kestrels({ step: 12 })).reasons[0]?.text).toBe(
      'Starts with two consonants together, taught at step 14.',
    );
    expect(check('frog', kestrels({ step: 14 })).reach).toBe('secure');
    // An ending is not a blend: cats has one consonant, and an s.
    expect(check('cats', kestrels({ step: 12 })).reach).toBe('secure');
  });

  test('sight words are secure from their step', () => {
    expect(check('said', kestrels({ step: 13 })).reach).toBe('secure');
    expect(check('said', kestrels({ step: 12 })).reach).not.toBe('secure');
  });

  test('a word the class knows is secure whatever its spelling', () => {
    expect(check('weather', kestrels({ knownWords: ['weather'] })).reach).toBe('secure');
  });

  test('a rare word that can be sounded out is a stretch, never beyond', () => {
    const { reach, reasons } = check('mandate', kestrels({ step: 30 }));
    expect(reach).toBe('stretch');
    expect(reasons.map((reason) => reason.kind)).toEqual(['decodable', 'meaning']);
    expect(reasons[1]?.text).toMatch(/^Most children know what it means from about age \d+, Y\d+/);
  });

  test('a word that is not in the bank cannot be checked, and says what to do', () => {
    const { reach, reasons, level } = check('zog');
    expect(reach).toBe('beyond');
    expect(level).toBeUndefined();
    expect(reasons[0]?.text).toContain('Count it as known');
  });
});

describe('a word that is late for its class', () => {
  // tap and map: a class that has the letters can read them, and knows them (wordbook: age 3 to 5).
  test.each(['tap', 'map', 'pan', 'rat'])('Reception at step 10 is offered %s', (word) => {
    const reception = completeClass({ level: { system: 'uk', value: 'Rec' }, step: 10 });
    expect(check(word, reception).reach).toBe('secure');
  });

  test('a year or two above, it is secure to read and says from when it is known', () => {
    const { reach, reasons } = check('lash', kestrels({ step: 23 }));
    expect(reach).toBe('secure');
    expect(reasons.map(({ kind }) => kind)).toEqual(['decodable', 'meaning']);
  });

  test('for a CEFR class the level of the word decides, one above is a stretch, two are beyond', () => {
    const at = (value: string) => completeClass({ level: { system: 'cefr', value }, step: null });
    const barometer = testLexicon().find('barometer');
    expect(barometer?.cefr).toBe('C1');
    const reaches = ['A2', 'B2', 'C1'].map((value) => checkWord('barometer', barometer, at(value)));
    expect(reaches.map(({ reach }) => reach)).toEqual(['beyond', 'stretch', 'secure']);
    expect(reaches[0]?.reasons[0]?.text).toBe('A word of C1.');
  });
});

describe('reach for a class that reads freely', () => {
  const newcomers = completeClass({
    name: 'Newcomers',
    step: null,
    level: { system: 'cefr', value: 'A2' },
  });
  test.each([
    ['rain', 'secure'],
    ['humidity', 'beyond'],
  ])('%s is %s by how common it is', (word, reach) => {
    expect(check(word, newcomers).reach).toBe(reach);
  });
});

describe('swaps', () => {
  test('fit the exercise and the class, and repeat no word', () => {
    const swaps = findSwaps('spray', [{ sound: 'EY', spelling: 'ay' }], kestrels(), testLexicon(), [
      'play',
    ]);
    expect(swaps).toHaveLength(3);
    for (const swap of swaps) {
      expect(swap).toMatch(/ay/);
      expect(check(swap).reach).toBe('secure');
    }
    expect(swaps).not.toContain('play');
    expect(swaps).not.toContain('spray');
  });

  test('the next query is asked where the first finds nothing', () => {
    const queries = [
      { sound: 'EY', spelling: 'eigh' },
      { sound: 'EY', spelling: 'ai' },
    ];
    const swaps = findSwaps('neighbour', queries, kestrels(), testLexicon(), []);
    expect(swaps.length).toBe(3);
    for (const swap of swaps) expect(swap).toContain('ai');
  });
});
