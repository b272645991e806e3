import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { recent, starred, tookLast, toggleStar } from './favourites';

/** A browser's storage for as long as a test runs. */
class Kept {
  private readonly values = new Map<string, string>();
  getItem(key: string) {
    return this.values.get(key) ?? null;
  }
  setItem(key: string, value: string) {
    this.values.set(key, value);
  }
}

beforeEach(() => vi.stubGlobal('localStorage', new Kept()));
afterEach(() => vi.unstubAllGlobals());

describe('stars', () => {
  test('are put on and taken off', () => {
    expect(toggleStar('word-search')).toEqual(['word-search']);
    expect(toggleStar('crossword')).toEqual(['word-search', 'crossword']);
    expect(toggleStar('word-search')).toEqual(['crossword']);
    expect(starred()).toEqual(['crossword']);
  });
});

describe('what was taken last', () => {
  test('stands first, once, and eight are kept', () => {
    for (let at = 0; at < 10; at += 1) tookLast(`maker-${at}`);
    tookLast('maker-5');
    expect(recent()).toHaveLength(8);
    expect(recent().slice(0, 3)).toEqual(['maker-5', 'maker-9', 'maker-8']);
    expect(new Set(recent()).size).toBe(8);
  });
});

describe('a browser that keeps nothing, or something else', () => {
  test.each(['{"a":1}', 'not JSON', '[1, null, "crossword"]'])('%s', (text) => {
    localStorage.setItem('wordane-starred-exercises', text);
    expect(starred()).toEqual(text.startsWith('[') ? ['crossword'] : []);
  });

  test('refuses: nothing is kept, and nothing is thrown', () => {
    vi.stubGlobal('localStorage', {
      getItem: () => {
        throw new Error('blocked');
      },
      setItem: () => {
        throw new Error('blocked');
      },
    });
    expect(toggleStar('crossword')).toEqual(['crossword']);
    expect(starred()).toEqual([]);
    expect(() => tookLast('crossword')).not.toThrow();
  });
});
