import { describe, expect, test } from 'vitest';
import naughty from 'naughty-words';
import { testLexicon } from '../../../testing/test-lexicon';
import { confusableSets, confusablesOf } from './confusables';
import { phonemesIn } from './sound-index';

const lexicon = testLexicon();
const words = confusableSets.flatMap((set) => set.words);

describe('often confused words', () => {
  test('are sixty sets or more, of two words or more', () => {
    expect(confusableSets.length).toBeGreaterThanOrEqual(60);
    for (const set of confusableSets) expect(set.words.length).toBeGreaterThanOrEqual(2);
  });

  // National Curriculum in England, English Appendix 1: Spelling (2013): homophones and near-homophones
  // of year 2, of years 3 and 4, and words that are often confused of years 5 and 6.
  test.each(
    `there their they're here hear quite quiet see sea bare bear one won sun son to too two be bee blue blew night
     knight accept except affect effect ball bawl berry bury brake break fair fare grate great groan grown heal heel
     he'll knot not mail male main mane meat meet medal meddle missed mist peace piece plain plane rain rein reign
     scene seen weather whether whose who's advice advise device devise licence license practice practise farther
     father guessed guest heard herd led lead morning mourning past passed precede proceed principal principle profit
     prophet stationary stationery steal steel wary weary aisle isle aloud allowed altar alter ascent bridal bridle
     cereal serial complement compliment descent desert dessert draft draught`.split(/\s+/),
  )('%s is in a set', (word) => {
    expect(confusablesOf(word).length).toBeGreaterThan(0);
  });

  test('each has a meaning, and a sentence with one gap that does not have the word itself', () => {
    for (const { word, meaning, sentence } of words) {
      expect(meaning).not.toBe('');
      expect(sentence.split('___')).toHaveLength(2);
      expect(sentence.toLowerCase().split(/[^a-z']+/)).not.toContain(word.toLowerCase());
      expect(sentence).toMatch(/[.?!]$/);
    }
  });

  test('no set has a word twice, and no sentence a rude word', () => {
    for (const set of confusableSets) {
      expect(new Set(set.words.map(({ word }) => word)).size).toBe(set.words.length);
    }
    const rude = new Set(naughty.en);
    const found = words
      .flatMap(({ sentence }) => sentence.toLowerCase().split(/[^a-z]+/))
      .filter((word) => rude.has(word));
    expect(found).toEqual([]);
  });

  test('most sets sound alike, as the dictionary says', () => {
    const alike = confusableSets.filter((set) => {
      const [first, second] = set.words.map(({ word }) => lexicon.find(word));
      if (!first || !second) return false;
      const sounds = second.readings.map((reading) => phonemesIn(reading.units).join(' '));
      return first.readings.some((reading) => sounds.includes(phonemesIn(reading.units).join(' ')));
    });
    expect(alike.length / confusableSets.length).toBeGreaterThan(0.55);
  });
});
