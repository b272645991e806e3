import { describe, expect, test } from 'vitest';
import { dictionary } from 'cmu-pronouncing-dictionary';
import { testLexicon } from '../../../testing/test-lexicon';
import { align, writeGraphemes, writePhonemes } from './align';
import { readPronunciation } from './pronunciation';

function graphemes(word: string): string {
  const entry = testLexicon().find(word);
  if (entry === undefined) throw new Error(`${word} is not in the lexicon`);
  return writeGraphemes(entry.readings[0].units);
}

describe('alignment conventions', () => {
  // Common practice in phonics teaching.
  test.each([
    ['train', 't.r.ai.n'],
    ['make', 'm.a_e.k'],
    ['five', 'f.i_e.v'],
    ['have', 'h.a.ve'],
    ['knight', 'kn.igh.t'],
    ['write', 'wr.i_e.t'],
    ['thumb', 'th.u.mb'],
    ['castle', 'c.a.st.le'],
    ['hitting', 'h.i.tt.i.ng'],
    ['jumped', 'j.u.m.p.ed'],
    ['wanted', 'w.a.n.t.e.d'],
    ['hoped', 'h.o_e.p.d'],
    ['storm', 's.t.or.m'],
    ['box', 'b.o.x'],
    ['queen', 'qu.ee.n'],
    ['hour', 'h.our'],
    ['someone', 's.o.me.o.ne'],
    ['hopeful', 'h.o_e.p.f.u.l'],
    ['nation', 'n.a.ti.o.n'],
  ])('%s is %s', (word, expected) => {
    expect(graphemes(word)).toBe(expected);
  });

  test('each grapheme has one entry of phonemes, joined where it spells several, - where silent', () => {
    const box = align('box', ['B', 'AA', 'K', 'S']);
    expect(writePhonemes(box?.units ?? [])).toEqual(['B', 'AA', 'K S']);
    const hour = align('hour', ['AW', 'ER']);
    expect(writePhonemes(hour?.units ?? [])).toEqual(['-', 'AW ER']);
  });

  test('a word that its phonemes cannot spell is left out, not guessed', () => {
    expect(align('cat', ['D', 'AO', 'G'])).toBeUndefined();
  });
});

describe('published correspondences', () => {
  // Common Core State Standards, ELA Appendix A (2010), pages 18-19: phoneme-grapheme
  // correspondences in English, a word for each common grapheme. Values from memory.
  test.each([
    ['stuff', 'ff', 'F'],
    ['phone', 'ph', 'F'],
    ['laugh', 'gh', 'F'],
    ['catch', 'tch', 'CH'],
    ['badge', 'dge', 'JH'],
    ['ghost', 'gh', 'G'],
    ['kick', 'ck', 'K'],
    ['chorus', 'ch', 'K'],
    ['knee', 'kn', 'N'],
    ['gnome', 'gn', 'N'],
    ['wrong', 'wr', 'R'],
    ['science', 'sc', 'S'],
    ['ocean', 'ce', 'SH'],
    ['mission', 'ssi', 'SH'],
    ['special', 'ci', 'SH'],
    ['vision', 'si', 'ZH'],
    ['treasure', 's', 'ZH'],
    ['play', 'ay', 'EY'],
    ['eight', 'eigh', 'EY'],
    ['great', 'ea', 'EY'],
    ['bread', 'ea', 'EH'],
    ['key', 'ey', 'IY'],
    ['chief', 'ie', 'IY'],
    ['either', 'ei', 'IY'],
    ['light', 'igh', 'AY'],
    ['tie', 'ie', 'AY'],
    ['boat', 'oa', 'OW'],
    ['toe', 'oe', 'OW'],
    ['snow', 'ow', 'OW'],
    ['blew', 'ew', 'UW'],
    ['soup', 'ou', 'UW'],
    ['suit', 'ui', 'UW'],
    ['cloud', 'ou', 'AW'],
    ['boil', 'oi', 'OY'],
    ['cause', 'au', 'AO'],
    ['caught', 'augh', 'AO'],
    ['gym', 'y', 'IH'],
    ['young', 'ou', 'AH'],
    ['fern', 'er', 'ER'],
    ['first', 'ir', 'ER'],
    ['turn', 'ur', 'ER'],
    ['cart', 'ar', 'AA R'],
    ['sport', 'or', 'AO R'],
  ])('%s has %s for %s', (word, grapheme, sound) => {
    const units = testLexicon().find(word)?.readings[0].units ?? [];
    const found = units.find((unit) => unit.grapheme === grapheme);
    expect(found?.phonemes.join(' ')).toBe(sound);
  });
});

test('every unit of the lexicon gives back the word and the dictionary’s phonemes', () => {
  for (const entry of testLexicon().entries) {
    const [reading] = entry.readings;
    const letters = reading.units.reduce((at, unit) => {
      expect(unit.start).toBe(at);
      return unit.end;
    }, 0);
    expect(letters, entry.word).toBe(entry.word.length);
    expect(reading.syllables.join(''), entry.word).toBe(entry.word);
  }
  // The Carnegie Mellon dictionary is the outside reference for the sounds.
  for (const word of ['weather', 'thunder', 'lightning', 'raincoat', 'snowflake']) {
    const heard = testLexicon()
      .find(word)
      ?.readings[0].units.flatMap((unit) => unit.phonemes);
    expect(heard).toEqual(readPronunciation(dictionary[word] ?? '').phonemes);
  }
});
