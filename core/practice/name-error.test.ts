import { describe, expect, test } from 'vitest';
import { nameError } from './name-error';

const named = (given: string, expected: string) => nameError(given, expected)?.error;

// Typical errors of learners and their names are common practice of the trade; the rules of the
// endings stand in England’s national curriculum, English appendix 1: spelling (years 1 to 4).
describe('endings', () => {
  test.each([
    ['runing', 'running', 'does not double the consonant'],
    ['stoped', 'stopped', 'does not double the consonant'],
    ['biger', 'bigger', 'does not double the consonant'],
    ['suny', 'sunny', 'does not double the consonant'],
    ['rainning', 'raining', 'doubles a consonant that stays single'],
    ['opennd', 'opend', 'doubles a consonant that stays single'],
    ['makeing', 'making', 'keeps the silent e'],
    ['hopeing', 'hoping', 'keeps the silent e'],
    ['leaveing', 'leaving', 'keeps the silent e'],
    ['raineing', 'raining', 'has an e that was never there'],
    ['hopful', 'hopeful', 'drops the silent e'],
    ['movment', 'movement', 'drops the silent e'],
    ['carryed', 'carried', 'keeps the y'],
    ['happyer', 'happier', 'keeps the y'],
    ['babys', 'babies', 'keeps the y'],
    ['plaied', 'played', 'changes a y that stays'],
    ['walk', 'walked', 'leaves off -ed'],
    ['jump', 'jumps', 'leaves off -s'],
    ['box', 'boxes', 'leaves off -es'],
    ['sheeps', 'sheep', 'adds -s'],
    ['jumpt', 'jumped', 'writes “-t” for “-ed”'],
    ['wantid', 'wanted', 'writes “-id” for “-ed”'],
    ['boxs', 'boxes', 'writes -s for -es'],
    ['leafs', 'leaves', 'keeps the f'],
    ['goed', 'went', 'puts -ed on an irregular verb'],
    ['foots', 'feet', 'puts -s on an irregular noun'],
  ])('%s for %s: %s', (given, expected, error) => {
    expect(named(given, expected)).toBe(error);
  });
});

describe('letters', () => {
  test.each([
    ['dog', 'bog', 'mixes up b and d'],
    ['bady', 'baby', 'writes “ad” for “ab”'],
    ['frist', 'first', 'has the letters in another order'],
    ['tran', 'train', 'leaves out a vowel'],
    ['tain', 'train', 'leaves out a consonant'],
    ['traine', 'train', 'has a letter too many'],
    ['rane', 'rain', 'writes “ane” for “ain”'],
    ['ay', 'ai', 'writes “ay” for “ai”'],
    ['Rain', 'rain', 'capital letter'],
    ['its', "it's", 'apostrophe'],
    ['nite', 'night', 'writes “ite” for “ight”'],
    ['adress', 'address', 'does not double the consonant'],
  ])('%s for %s: %s', (given, expected, error) => {
    expect(named(given, expected)).toBe(error);
  });

  test('a word that is only not finished is no irregular noun', () => {
    expect(named('wors', 'worst')).toBe('leaves out a consonant');
  });

  test('another word altogether, nothing, and what is right have no name', () => {
    expect(named('elephant', 'storm')).toBeUndefined();
    expect(named('', 'storm')).toBeUndefined();
    expect(named(' storm ', 'storm')).toBeUndefined();
  });
});

describe('sentences', () => {
  test.each([
    ['Home goes she late.', 'She goes home late.', 'word order'],
    ['She go home late.', 'She goes home late.', 'leaves off -es'],
    ['She goes home.', 'She goes home late.', 'leaves out a word'],
    ['She goes home very late.', 'She goes home late.', 'has a word too many'],
    ['she goes home late.', 'She goes home late.', 'capital letter'],
    ['She goes home late', 'She goes home late.', 'punctuation'],
  ])('%s for %s: %s', (given, expected, error) => {
    expect(named(given, expected)).toBe(error);
  });
});

describe('sentences', () => {
  test('several words that are others are counted, and none of them is told', () => {
    const found = nameError('The win blue all night.', 'The wind blew all night.');
    expect(found?.error).toBe('has several other words');
    expect(found?.rule).toBe('3 words are right. Take the sentence again, part by part.');
  });

  test('one word alone is named as a word; another sentence has no name', () => {
    expect(named('The wind blue all night.', 'The wind blew all night.')).toBe(
      named('blue', 'blew'),
    );
    expect(named('We saw a red kite.', 'The wind blew all night.')).toBeUndefined();
  });
});
