import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { draftOf, draftsUnder, dropDraft, keepDraft } from './drafts';

/** The storage of a browser, with room for so many letters. */
function storageOf(room: number): Storage {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    key: (index) => [...kept.keys()][index] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => {
      if (value.length > room) throw new DOMException('no room', 'QuotaExceededError');
      kept.set(key, value);
    },
    removeItem: (key) => void kept.delete(key),
    clear: () => kept.clear(),
  };
}

beforeEach(() => vi.stubGlobal('localStorage', storageOf(1_000_000)));
afterEach(() => vi.unstubAllGlobals());

const place = '/texts/wind#The text#0';

describe('what is being typed', () => {
  test('is kept with what it began from, and is gone when it is saved', () => {
    expect(draftOf(place)).toBeUndefined();
    keepDraft(place, { from: 'The gale', text: 'The gale blew' });
    expect(draftOf(place)).toEqual({ from: 'The gale', text: 'The gale blew' });
    keepDraft(place, { from: 'The gale', text: 'The gale blew!', refused: true });
    expect(draftOf(place)).toEqual({ from: 'The gale', text: 'The gale blew!', refused: true });
    dropDraft(place);
    expect(draftOf(place)).toBeUndefined();
  });

  test('is found by its page, under the name of its field', () => {
    keepDraft(place, { from: '', text: 'gale' });
    keepDraft('/texts/wind#Title#{"intent":"fact"}', { from: '', text: 'Wind' });
    keepDraft('/texts/windy#Title#', { from: '', text: 'another page' });
    localStorage.setItem('something else', 'x');
    expect(draftsUnder('/texts/wind')).toEqual([
      { name: 'The text', text: 'gale' },
      { name: 'Title', text: 'Wind' },
    ]);
  });

  test.each(['', 'no JSON', '[]', '{"text":3}', '{"from":"a"}', 'null'])(
    'a draft that was damaged (%s) is none',
    (damaged) => {
      localStorage.setItem(`wordane-draft:${place}`, damaged);
      expect(draftOf(place)).toBeUndefined();
      expect(draftsUnder('/texts/wind')).toEqual([]);
    },
  );

  test('no room, and no storage at all, throw nothing: the field still saves itself', () => {
    vi.stubGlobal('localStorage', storageOf(3));
    keepDraft(place, { from: '', text: 'gale' });
    expect(draftOf(place)).toBeUndefined();
    vi.stubGlobal('localStorage', undefined);
    keepDraft(place, { from: '', text: 'gale' });
    dropDraft(place);
    expect(draftOf(place)).toBeUndefined();
    expect(draftsUnder('/texts/wind')).toEqual([]);
  });

  test('a whole book is left to its own savings', () => {
    keepDraft(place, { from: '', text: 'a'.repeat(400_001) });
    expect(draftOf(place)).toBeUndefined();
  });
});
