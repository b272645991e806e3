import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';
import { patternsOf, type PatternName } from './patterns';
import { syllablesOf, syllableTypeOf } from './syllable-types';

const lexicon = testLexicon();
const reading = (word: string) => {
  const entry = lexicon.find(word);
  if (entry === undefined) throw new Error(`${word} is not in the lexicon`);
  return entry.readings[0];
};

describe('patterns', () => {
  // Common Core State Standards, ELA Appendix A (2010), "Consonant Graphemes with Definitions and
  // Examples" and "Vowel Graphemes with Definitions and Examples"; the example words, from memory.
  test.each<[string, PatternName[]]>([
    ['cat', ['CVC', 'hard-c', 'closed-syllable']],
    ['bell', ['CVC', 'doubled-consonant', 'closed-syllable']],
    ['ship', ['CVC', 'consonant-digraph', 'closed-syllable']],
    ['frog', ['CCVC', 'blend', 'hard-g', 'closed-syllable']],
    ['lamp', ['CVCC', 'blend', 'closed-syllable']],
    ['stamp', ['CCVCC', 'blend', 'closed-syllable']],
    ['make', ['CVCe']],
    ['scrape', ['CVCe', 'blend', 'hard-c']],
    ['rain', ['vowel-team']],
    ['thief', ['consonant-digraph', 'vowel-team']],
    ['sigh', ['vowel-team']],
    ['boil', ['vowel-team', 'diphthong']],
    ['cow', ['vowel-team', 'diphthong', 'hard-c']],
    ['cart', ['r-controlled', 'hard-c']],
    ['fern', ['r-controlled']],
    ['knit', ['CVC', 'silent-letter', 'closed-syllable']],
    ['write', ['CVCe', 'silent-letter']],
    ['thumb', ['CVC', 'consonant-digraph', 'silent-letter', 'closed-syllable']],
    ['gem', ['CVC', 'soft-g', 'closed-syllable']],
    ['gum', ['CVC', 'hard-g', 'closed-syllable']],
    ['ice', ['CVCe', 'soft-c']],
    ['judge', ['CVC', 'consonant-digraph', 'closed-syllable']],
    ['table', ['open-syllable', 'consonant-le']],
    ['go', ['hard-g', 'open-syllable']],
    ['fox', ['CVC', 'closed-syllable']],
    ['quick', ['CVC', 'consonant-digraph', 'closed-syllable']],
    ['catch', ['CVC', 'consonant-digraph', 'hard-c', 'closed-syllable']],
    ['sing', ['CVC', 'consonant-digraph', 'closed-syllable']],
  ])('%s', (word, patterns) => {
    expect(patternsOf(reading(word))).toEqual(patterns);
  });

  // National Curriculum in England, English Appendix 1: Spelling (2013), years 1 and 2:
  // "The /s/ sound spelt c before e, i and y", "the /dʒ/ sound spelt as ge and dge, and sometimes
  // spelt as g elsewhere before e, i and y", "the /n/ sound spelt kn and gn", "the /r/ sound spelt wr".
  test.each<[PatternName, string]>([
    ['soft-c', 'race ice cell city fancy'],
    ['soft-g', 'age huge change charge village gem giant magic giraffe energy'],
    ['silent-letter', 'knock know knee gnat write written wrote wrong'],
    ['consonant-digraph', 'badge edge bridge fudge dodge'],
    ['consonant-le', 'table apple bottle little middle'],
    ['vowel-team', 'rain wait train paid afraid oil join coin point soil'],
    ['diphthong', 'out about mouth around sound now how brown down town'],
    ['r-controlled', 'car start park arm garden bird girl first third'],
    ['doubled-consonant', 'patting humming dropped sadder runny'],
  ])('%s', (pattern, words) => {
    const without = words.split(' ').filter((word) => !patternsOf(reading(word)).includes(pattern));
    expect(without).toEqual([]);
  });

  test.each<[PatternName, string]>([
    ['CVC', 'car her saw day put said make ice'],
    ['vowel-team', 'cat make car walk little'],
    ['silent-letter', 'cat make have light rain house'],
    ['soft-c', 'cat cow duck chip school'],
    ['diphthong', 'rain boat soon saw snow'],
  ])('%s is not found in words without it', (pattern, words) => {
    const having = words.split(' ').filter((word) => patternsOf(reading(word)).includes(pattern));
    expect(having).toEqual([]);
  });
});

describe('syllable types', () => {
  // Common Core State Standards, ELA Appendix A (2010), table "Six Syllable Types" (Moats & Tolman 2009),
  // its examples from memory.
  test.each([
    ['apple', ['closed', 'consonant-le']],
    ['hostel', ['closed', 'other']],
    ['compete', ['other', 'split-digraph']],
    ['despite', ['other', 'split-digraph']],
    ['program', ['open', 'closed']],
    ['table', ['open', 'consonant-le']],
    ['awesome', ['vowel-team', 'other']],
    ['trainer', ['vowel-team', 'r-controlled']],
    ['congeal', ['other', 'vowel-team']],
    ['injurious', ['closed', 'r-controlled', 'other', 'vowel-team']],
    ['bridle', ['open', 'consonant-le']],
  ])('%s', (word, types) => {
    const found = syllablesOf(reading(word)).map(syllableTypeOf);
    // The unstressed syllables are called by their letters in the table; here they are "other" or as spelled.
    found.forEach((type, index) => {
      if (types[index] !== 'other') expect([types[index], 'other']).toContain(type);
    });
    expect(found).toHaveLength(types.length);
  });
});
