import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../testing/test-lexicon';
import { correspondences } from './correspondences';
import { defaultSequence } from './default-sequence';
import { phonemes, showSound, toIpa } from './phonemes';
import { correspondenceKey, SequenceIndex, shapesOf } from './sequence';

const index = new SequenceIndex(defaultSequence);
const unitsOf = (word: string) => testLexicon().find(word)?.readings[0].units ?? [];

describe('the default sequence', () => {
  test('has about sixty steps, numbered from 1', () => {
    expect(defaultSequence.steps.length).toBe(60);
    expect(defaultSequence.steps.map((step) => step.number)).toEqual(
      defaultSequence.steps.map((_, place) => place + 1),
    );
  });

  test('teaches only correspondences that exist', () => {
    const known = new Set(correspondences.map(correspondenceKey));
    for (const step of defaultSequence.steps) {
      for (const key of step.teaches) expect(known.has(key), `${step.number}: ${key}`).toBe(true);
    }
  });

  test('goes from single letters to digraphs, split digraphs, vowel teams and silent letters', () => {
    // Common practice, and the order of the National Curriculum in England, English
    // Appendix 1 (2013): ff ll ss zz ck, nk, tch in Reception and Year 1; kn, gn, wr in Year 2.
    const step = (word: string, at: number) => {
      const unit = unitsOf(word)[at];
      return unit ? (index.stepOf(unit) ?? Infinity) : Infinity;
    };
    expect(step('sat', 0)).toBe(1);
    expect(step('ship', 0)).toBeLessThan(step('make', 1));
    expect(step('make', 1)).toBeLessThan(step('boat', 1));
    expect(step('boat', 1)).toBeLessThan(step('knee', 0));
    expect(step('knee', 0)).toBeLessThan(step('nation', 2));
  });

  test('decodes nine in ten of the 1,000 commonest words by its end', () => {
    const words = testLexicon().entries.slice(0, 1000);
    const decodable = words.filter(
      (entry) =>
        index.stepOfSightWord(entry.word) !== undefined ||
        entry.readings[0].units.every((unit) => index.stepOf(unit) !== undefined),
    );
    expect(decodable.length).toBeGreaterThan(900);
  });
});

test('blends are seen at the start and the end, endings apart', () => {
  expect(shapesOf(unitsOf('frog'))).toEqual(['initial-blend']);
  expect(shapesOf(unitsOf('hand'))).toEqual(['final-blend']);
  expect(shapesOf(unitsOf('stamp'))).toEqual(['initial-blend', 'final-blend']);
  expect(shapesOf(unitsOf('ship'))).toEqual([]);
  expect(shapesOf(unitsOf('cats'))).toEqual([]);
});

test('sounds are written for teachers and in IPA', () => {
  expect(phonemes).toHaveLength(39);
  // IPA signs of the International Phonetic Association's Handbook (1999), from memory.
  expect(toIpa(['SH', 'IH', 'P'])).toBe('/ʃɪp/');
  expect(showSound(['EY'])).toBe('/ā/');
  expect(showSound(['AO', 'R'])).toBe('/or/');
  for (const { keyWord, keySpan } of phonemes) {
    expect(testLexicon().find(keyWord), keyWord).toBeDefined();
    expect(keyWord.slice(...keySpan)).not.toBe('');
  }
});
