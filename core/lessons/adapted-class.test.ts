import { describe, expect, test } from 'vitest';
import { kestrels } from '../testing/test-lexicon';
import { adaptedClass, isChanged, levelAt, newClassLike } from './adapted-class';

const own = kestrels({ step: 23 });

describe('a class as a lesson would meet it', () => {
  test('what is not said stays', () => {
    expect(adaptedClass(own, {})).toEqual(own);
    expect(isChanged(own, adaptedClass(own, {}))).toBe(false);
  });

  test('above its level it is past the sequence; below, it stands where it stood', () => {
    expect(adaptedClass(own, { level: 'uk:Y4' }).step).toBeNull();
    expect(adaptedClass(own, { level: 'uk:Y1' }).step).toBe(23);
  });

  test('a level that there is not is not taken', () => {
    for (const wrong of ['uk:Y99', 'xx:Y1', 'uk', '', 'constructor:Y1']) {
      expect(levelAt(wrong)).toBeUndefined();
    }
    expect(levelAt('cefr:B1')).toEqual({ system: 'cefr', value: 'B1' });
  });

  test('a sequence is of one accent', () => {
    const sequenced = { ...own, sequence: { steps: [] } as never };
    expect(
      adaptedClass(sequenced, {
        accent: own.accent === 'american' ? 'british' : 'american',
      }).sequence,
    ).toBeNull();
    expect(adaptedClass(sequenced, { level: 'uk:Y1' }).sequence).not.toBeNull();
  });

  test('a new class says what is new, and nobody is in it', () => {
    const target = adaptedClass(own, { level: 'uk:Y4', spelling: 'us' });
    const made = newClassLike(own, target, 'new');
    expect(made.name).toBe(`${own.name}, Year 4, American`);
    expect(made.id).toBe('new');
    expect(made.roster).toEqual([]);
    expect(isChanged(own, made)).toBe(true);
  });
});
