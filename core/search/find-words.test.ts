import { describe, expect, test } from 'vitest';
import { kestrels, testLexicon } from '../testing/test-lexicon';
import { findWords } from './find-words';
import { analyseWord } from '../languages/en/words/analyse-word';

const lexicon = testLexicon();
const words = (query: Parameters<typeof findWords>[1]) =>
  findWords(lexicon, query).groups.flatMap((group) => group.words);

describe('finding words', () => {
  test('a sound with one spelling', () => {
    const found = words({ sound: 'EY', spelling: 'ai', maxSyllables: 1, limit: 20 });
    expect(found).toHaveLength(20);
    for (const { entry, reading, matches } of found) {
      expect(entry.word).toContain('ai');
      expect(reading.syllables).toHaveLength(1);
      expect(reading.units[matches[0] ?? -1]).toMatchObject({ grapheme: 'ai', phonemes: ['EY'] });
    }
    // "said" has ai for another sound.
    expect(words({ sound: 'EY', spelling: 'ai' }).map(({ entry }) => entry.word)).not.toContain(
      'said',
    );
  });

  test('groups by spelling add up to the total', () => {
    const { total, groups } = findWords(lexicon, { sound: 'EY', maxSyllables: 2 });
    expect(groups.reduce((sum, group) => sum + group.total, 0)).toBe(total);
    expect(groups.map((group) => group.spelling)).toEqual(
      expect.arrayContaining(['ai', 'ay', 'a_e', 'eigh']),
    );
  });

  test.each(['a-e', 'a–e', 'a_e', 'A_E'])('a split digraph may be written %s', (spelling) => {
    expect(findWords(lexicon, { spelling }).total).toBe(
      findWords(lexicon, { spelling: 'a_e' }).total,
    );
  });

  test('a place is counted in graphemes', () => {
    for (const { reading } of words({ sound: 'SH', place: 'end', limit: 50 })) {
      expect(reading.units.at(-1)?.phonemes).toContain('SH');
    }
    for (const { reading } of words({ sound: 'K', place: 'start', limit: 50 })) {
      expect(reading.units[0]?.phonemes).toContain('K');
    }
  });

  test('the vowel of bread is not the vowel of air', () => {
    const found = words({ sound: 'EH', limit: 200 }).map(({ entry }) => entry.word);
    expect(found).not.toContain('air');
    expect(words({ sound: 'EH R' }).map(({ entry }) => entry.word)).toContain('air');
  });

  test('what a class knows leaves out what it has not been taught', () => {
    const secure = findWords(lexicon, { sound: 'EY', class: kestrels(), knows: 'secure' });
    expect(secure.total).toBeGreaterThan(60);
    expect(secure.totalWithoutReach).toBeGreaterThan(secure.total);
    expect(secure.groups.map((group) => group.spelling)).not.toContain('eigh');
    const earlier = findWords(lexicon, {
      sound: 'EY',
      class: kestrels({ step: 10 }),
      knows: 'secure',
    });
    expect(earlier.total).toBeLessThan(5);
  });

  test('a search agrees with a plain scan of every word', () => {
    const scanned = lexicon.entries.filter((entry) =>
      entry.readings.some((reading) =>
        reading.units.some((unit) => unit.grapheme === 'igh' && unit.phonemes.join() === 'AY'),
      ),
    );
    expect(findWords(lexicon, { sound: 'AY', spelling: 'igh' }).total).toBe(scanned.length);
  });

  test('verbs by their -ing rule', () => {
    const found = words({ ingRule: 'double-final-consonant' }).map(({ entry }) => entry.word);
    expect(found).toEqual(expect.arrayContaining(['run', 'sit', 'stop', 'begin']));
    for (const noun of ['in', 'but', 'bed', 'his']) expect(found).not.toContain(noun);
  });

  test('nothing matches: an empty answer, not an error', () => {
    expect(findWords(lexicon, { sound: 'EY', spelling: 'zz' })).toEqual({
      total: 0,
      totalWithoutReach: 0,
      groups: [],
    });
  });
});

test('a word is described as plain data', () => {
  expect(analyseWord('train', lexicon)).toMatchObject({
    known: true,
    graphemes: 't.r.ai.n',
    phonemes: ['T', 'R', 'EY', 'N'],
    syllables: ['train'],
  });
  expect(analyseWord('zog', lexicon)).toMatchObject({
    word: 'zog',
    known: false,
    message: 'zog is not in the word bank; this is a best guess, from its letters.',
    guess: {
      graphemes: 'z.o.g',
      phonemes: ['Z', 'AA', 'G'],
      patterns: ['CVC', 'hard-g', 'closed-syllable'],
    },
  });
});
