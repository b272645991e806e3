import { describe, expect, test } from 'vitest';
import { dictionary } from 'cmu-pronouncing-dictionary';
import naughty from 'naughty-words';
import { readPack, testLexicon } from '../../../testing/test-lexicon';
import { Lexicon } from './lexicon';

describe('the lexicon', () => {
  test('has the most frequent words, and more than 20,000 in all', () => {
    expect(testLexicon().size).toBeGreaterThan(20_000);
    expect(
      testLexicon()
        .entries.slice(0, 5)
        .map((entry) => entry.word),
    ).toContain('the');
  });

  test('has nearly every word of Dolch’s list of 1936', () => {
    // Dolch (1936), a basic sight vocabulary of 220 words; a sample of it from memory.
    const dolch =
      'a about after again all always am an and any are around as ask at ate away be because been before best better big black blue both bring brown but buy by call came can carry clean cold come could cut did do does done down draw drink eat eight every fall far fast find first five fly for found four from full funny gave get give go goes going good got green grow had has have he help her here him his hold hot how hurry if in into is it its jump just keep kind know laugh let light like little live long look made make many may me much must my myself never new no not now of off old on once one only open or our out over own pick play please pretty pull put ran read red ride right round run said saw say see seven shall she show sing sit six sleep small so some soon start stop take tell ten thank that the their them then there these they think this those three to today together too try two under up upon us use very walk want warm was wash we well went were what when where which white who why will wish with work would write yellow yes you your'.split(
        ' ',
      );
    expect(dolch.filter((word) => testLexicon().find(word) === undefined)).toEqual([]);
  });

  test('has no name, stub, letter name, slang, or word unfit for a classroom', () => {
    const lexicon = testLexicon();
    for (const word of ['jimmy', 'mike', 'don', 're', 've', 'gonna', 'yeah', 'uh', 'mr', 'em']) {
      expect(lexicon.find(word), word).toBeUndefined();
    }
    // Straws and lollies are sucked: the list's two words stand in the bank from age 9.
    expect(naughty.en.filter((word) => lexicon.find(word) !== undefined)).toEqual([
      'suck',
      'sucks',
    ]);
    expect(lexicon.find('suck')?.from).toBe(9);
  });

  test('keeps words that also are names, and the capitals of days and months', () => {
    for (const word of ['hail', 'clay', 'gale', 'rain', 'mark']) {
      expect(testLexicon().find(word)?.word).toBe(word);
    }
    expect(testLexicon().find('monday')?.word).toBe('Monday');
  });

  test('gives homographs each of their readings', () => {
    // The two readings of wind rhyme with pinned and kind (common knowledge; CMU lists both).
    const readings = testLexicon().find('wind')?.readings ?? [];
    expect(readings.map((reading) => [reading.wordClass, reading.units[1]?.phonemes[0]])).toEqual([
      ['n', 'IH'],
      ['v', 'AY'],
    ]);
    expect(dictionary['wind']).toBeDefined();
  });

  test('finds a word in any capitals and with a curly apostrophe', () => {
    expect(testLexicon().find(' RAIN ')?.word).toBe('rain');
    expect(testLexicon().find('zog')).toBeUndefined();
  });

  test('a pack of another format is refused', () => {
    expect(() => new Lexicon({ ...readPack(), format: 1 as never })).toThrow(/another version/);
  });
});

test('Zipf values are those of the published formula', () => {
  // van Heuven et al. (2014): a word met once in a million has a Zipf value of 3.
  // SUBTLEX-US (Brysbaert & New 2009) counts "rain" about 50 times in a million: Zipf near 4.7.
  const rain = testLexicon().find('rain')?.zipf ?? 0;
  expect(rain).toBeGreaterThan(4.4);
  expect(rain).toBeLessThan(5);
});
