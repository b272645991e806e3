import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';
import { rhymeKey, soundIndex } from './sound-index';

const lexicon = testLexicon();
const index = soundIndex(lexicon);
const find = (word: string) => {
  const entry = lexicon.find(word);
  if (entry === undefined) throw new Error(`${word} is not in the lexicon`);
  return entry;
};

describe('homophones', () => {
  // National Curriculum in England, English Appendix 1: Spelling (2013), homophones and near-homophones
  // of years 2 to 6; only the pairs that are homophones in General American too.
  test.each(
    'there their|here hear|see sea|bare bear|one won|sun son|blue blew|night knight|brake break|fair fare|grate great|heel heal|knot not|mail male|main mane|meat meet|missed mist|peace piece|plain plane|rain rein|rain reign|scene seen|weather whether|aisle isle|altar alter|bridal bridle|cereal serial|guessed guest|led lead|past passed|principal principle|steal steel|stationary stationery'
      .split('|')
      .map((pair) => pair.split(' ') as [string, string]),
  )('%s and %s', (one, other) => {
    const found = index.homophones(find(one)).map((entry) => entry.word);
    const lead =
      found.includes(other) || index.homophones(find(other)).some((each) => each.word === one);
    expect(lead).toBe(true);
  });

  test('two spellings of one word are no homophones', () => {
    expect(index.homophones(find('colour')).map((entry) => entry.word)).not.toContain('color');
    expect(index.homophones(find('realize')).map((entry) => entry.word)).not.toContain('realise');
  });
});

describe('rhymes', () => {
  // A rhyme agrees from the last stressed vowel on (common practice).
  test.each([
    ['storm', 'form warm'],
    ['rain', 'train plane main'],
    ['light', 'night kite white'],
    ['cloud', 'loud proud crowd'],
    ['weather', 'feather leather together'],
    ['snow', 'go toe blow'],
  ])('%s rhymes with %s', (word, others) => {
    const found = index.rhymes(find(word).readings[0]).map((entry) => entry.word);
    for (const other of others.split(' ')) expect(found).toContain(other);
  });

  test('a word does not rhyme with its homophone or with a word that only ends alike', () => {
    const found = index.rhymes(find('rain').readings[0]).map((entry) => entry.word);
    expect(found).not.toContain('reign');
    expect(rhymeKey(find('cough').readings[0])).not.toBe(rhymeKey(find('though').readings[0]));
  });
});

describe('minimal pairs', () => {
  // Examples in every pronunciation handbook (common practice).
  test.each([
    ['ship', 'IH', 'IY', 'sheep'],
    ['bit', 'IH', 'IY', 'beat'],
    ['pen', 'EH', 'AE', 'pan'],
    ['thin', 'TH', 'S', 'sin'],
    ['light', 'L', 'R', 'right'],
  ])('%s, /%s/ to /%s/: %s', (word, from, to, partner) => {
    const found = index.partners(find(word).readings[0], from, to).map((entry) => entry.word);
    expect(found).toContain(partner);
  });

  test('every word of a pair has the other, and differs in one sound', () => {
    for (const [entry, partners] of index.pairsOf('IH', 'IY')) {
      for (const partner of partners) {
        expect(partner.readings.some((reading) => reading.units.length > 0)).toBe(true);
        expect(partner).not.toBe(entry);
      }
    }
  });
});
