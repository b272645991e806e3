import { describe, expect, test } from 'vitest';
import { testLexicon, testMeanings } from '../../testing/test-lexicon';
import { makeExercise } from '../make-exercise';
import type { ExerciseParameters } from '../making/exercise';
import { sizeOfMeasure } from '../making/size-of-measure';

const made = (maker: string, parameters: ExerciseParameters, seed = 3) =>
  makeExercise({ maker, words: [], parameters, seed }, testLexicon(), testMeanings());

const ordered = (sentences: readonly string[]) => {
  const { task, notes, short } = made('number-order', { sentences });
  return {
    keys: task.interaction === 'order' ? task.items.map(({ key }) => key) : [],
    notes: notes.map(({ text }) => text),
    short,
  };
};

describe('how large a measure is', () => {
  // International yard and pound agreement of 1959: an inch is 25.4 mm, a pound 0.45359237 kg (from memory).
  test.each([
    ['8 mm', 'length', 0.008],
    ['1.5 km', 'length', 1500],
    ['12 in', 'length', 0.3048],
    ['1 lb', 'mass', 0.453_592_37],
    ['250 ml', 'volume', 0.25],
    ['2 h', 'time', 7200],
    ['90 min', 'time', 5400],
    ['36 km/h', 'speed', 36],
    ['10 m/s', 'speed', 36],
    ['−4 °C', 'temperature', -4],
    ['12,000', 'number', 12_000],
    ['¾', 'number', 0.75],
    ['2 ½', 'number', 2.5],
    ['3 3/8', 'number', 3.375],
    ['12.5%', 'number', 0.125],
    ['£2.50', 'money in £', 2.5],
    ['85p', 'money in £', 0.85],
    ['15¢', 'money in $', 0.15],
  ])('%s', (text, of, amount) => {
    const size = sizeOfMeasure(text);
    expect(size?.of).toBe(of);
    expect(size?.amount).toBeCloseTo(amount, 9);
  });

  test.each(['4 July', '7:45', '555-0164', 'rain', '', '12 parsecs'])('%s has none', (text) => {
    expect(sizeOfMeasure(text)).toBeUndefined();
  });
});

describe('from small to large', () => {
  test('what measures the same stands together; the rest is named', () => {
    expect(ordered(['3 m', '12 mm', '1.5 km', '40 cm', '7 kg', '£2.50'])).toEqual({
      keys: [['12 mm', '40 cm', '3 m', '1.5 km']],
      notes: ['No three others measure the same as 7 kg, £2.50.'],
      short: undefined,
    });
  });

  test('two of one size are never asked for together', () => {
    const { keys } = ordered(['1 m', '100 cm', '2 m', '3 m', '200 cm', '300 cm']);
    expect(keys).toEqual([
      ['1 m', '2 m', '3 m'],
      ['100 cm', '200 cm', '300 cm'],
    ]);
  });

  test('two numbers are no order', () => {
    expect(ordered(['3 m', '12 mm']).short).toMatch(/./);
  });

  test('of every kind and seed each key rises, and no item is in order already', () => {
    let items = 0;
    for (const grammar of [
      'measures',
      'temperatures',
      'money',
      'decimals',
      'fractions',
      'all kinds',
    ]) {
      for (let seed = 1; seed <= 20; seed += 1) {
        const { task } = made('number-order', { grammar }, seed);
        if (task.interaction !== 'order') throw new Error('no order');
        for (const { key, pieces } of task.items) {
          const sizes = key.map(sizeOfMeasure);
          expect(new Set(sizes.map((size) => size?.of)).size).toBe(1);
          const amounts = sizes.map((size) => size?.amount ?? 0);
          expect(amounts).toEqual([...amounts].sort((one, other) => one - other));
          expect(new Set(amounts).size).toBe(amounts.length);
          expect(pieces).not.toEqual(key);
          items += 1;
        }
      }
    }
    expect(items).toBeGreaterThan(300);
  });
});

describe('numbers joined to their words', () => {
  test('no two of a sheet can be read alike', () => {
    for (let seed = 1; seed <= 20; seed += 1) {
      const { task } = made('number-match', { grammar: 'all kinds' }, seed);
      if (task.interaction !== 'match') throw new Error('no match');
      expect(new Set(task.rights.map(({ text }) => text)).size).toBe(task.pairs.length);
    }
  });

  test('what is read like another is left out by name', () => {
    const { task, notes } = made('number-match', {
      sentences: ['2.5', '2.50 m', '0.5', '½', '2.5'],
    });
    expect(notes.map(({ text }) => text)).toEqual([
      '2.5 is read like another number here. It was left out.',
    ]);
    expect(task.interaction === 'match' && task.pairs.map(({ word }) => word)).toEqual([
      '2.5',
      '2.50 m',
      '0.5',
      '½',
    ]);
  });
});
