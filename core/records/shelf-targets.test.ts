import { describe, expect, test } from 'vitest';
import { testLexicon } from '../testing/test-lexicon';
import { targetsOf, type Targeted } from './shelf-targets';

const lexicon = testLexicon();
const targets = (thing: Partial<Targeted>) => targetsOf({ words: [], ...thing }, lexicon);

describe('what a thing practises', () => {
  test.each<[string, Partial<Targeted>, string[]]>([
    ['a list of one sound', { words: ['rain', 'train', 'wave', 'day'] }, ['sound /eɪ/']],
    [
      'a list about a topic',
      { words: ['dog', 'horse', 'rabbit', 'sheep', 'lion'] },
      ['topic animals'],
    ],
    ['words with nothing in common', { words: ['rain', 'seven'] }, []],
    ['an exercise of one ending', { maker: 'build-suffix' }, ['ending -ed']],
    [
      'another ending, chosen',
      { maker: 'build-suffix', parameters: { suffix: 'ly' } },
      ['ending -ly'],
    ],
    ['the exercise of just -ing', { maker: 'build-ing', words: ['run', 'make'] }, ['ending -ing']],
    [
      'a structure',
      { maker: 'verb-form', parameters: { grammar: 'past simple' } },
      ['structure past simple'],
    ],
    [
      'a conditional',
      { maker: 'conditional-halves', parameters: { grammar: 'third' } },
      ['structure third conditional'],
    ],
    [
      'all structures are none',
      { maker: 'short-answers', parameters: { grammar: 'all tenses' } },
      [],
    ],
    ['a maker that this version does not have', { maker: 'gone', words: [] }, []],
    ['words of another language', { words: ['rain', 'train', 'wave', 'day'], language: 'fr' }, []],
  ])('%s', (_name, thing, expected) => {
    expect(targets(thing)).toEqual(expected);
  });

  test('a sound that was chosen counts beside what the words share', () => {
    const sounds = targets({
      maker: 'missing-grapheme',
      parameters: { sound: 'EY' },
      words: ['rain', 'seven'],
    });
    expect(sounds).toEqual(['sound /eɪ/']);
  });

  test('as the class says it', () => {
    const words = ['boat', 'road', 'snow', 'home'];
    expect(targetsOf({ words, accent: 'american' }, lexicon)).toEqual(['sound /oʊ/']);
    expect(targetsOf({ words, accent: 'british' }, lexicon)).toEqual(['sound /əʊ/']);
  });
});
