import { describe, expect, test } from 'vitest';
import * as core from '../index';
import { testLexicon } from '../testing/test-lexicon';
import { inputs } from './inputs';

testLexicon();
const call = (name: string, input: object) =>
  (core as unknown as Record<string, (input: object) => unknown>)[name]?.(input);

describe('functions for scripts refuse what they do not know, with what they know', () => {
  test.each<[string, object, RegExp]>([
    ['analyseWord', { word: 'rain', accent: 'us' }, /accent is one of american, british/],
    ['inflect', { base: 'hop', suffix: 'ing', spelling: 'gb' }, /spelling is one of uk, us/],
    ['findWords', { homonyms: true }, /homonyms is not known here\. Known: sound, sounds/],
    ['findWords', { without: { letters: ['x'] } }, /letters is not known here/],
    ['checkReach', { words: ['rain'], class: { stp: 3 } }, /class is not right: stp/],
    ['checkReach', { words: ['rain'], class: { accent: 'scottish' } }, /accent/],
    ['makeExercise', { maker: 'sort-hard-soft', parameters: { letter: 'x' } }, /one of c, g/],
    ['makeExercise', { maker: 'find-it', parameters: { counts: 3 } }, /knows no parameter counts/],
    ['makeExercise', { maker: 'find-itt' }, /no maker called find-itt/],
    ['makeExercise', { maker: 'find-it', material: { word: ['rain'] } }, /Known: words, text/],
    ['layOutSheet', { maker: 'find-it', layout: { colums: 2 } }, /colums is not known/],
    ['paginate', { blocks: [], columns: 3 }, /columns is one of 1, 2/],
    ['writeDocument', { maker: 'find-it', format: 'pdf' }, /markdown, text, csv/],
    ['sequence', { accent: 'australian' }, /accent is one of/],
    ['measureWords', { measure: '3 mm', spelling: 'american' }, /spelling is one of uk, us/],
    ['methods', { name: 'simile' }, /Nothing is asked for/],
  ])('%s %j', (name, input, said) => {
    expect(() => call(name, input)).toThrow(RangeError);
    expect(() => call(name, input)).toThrow(said);
  });

  test('every function that scripts can call says what it takes', () => {
    const callable = Object.entries(core).filter(
      ([name, value]) => typeof value === 'function' && !/^use[A-Z]/.test(name),
    );
    expect(callable.map(([name]) => name).sort()).toEqual(Object.keys(inputs).sort());
  });
});
