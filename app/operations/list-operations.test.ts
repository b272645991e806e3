import { describe, expect, test } from 'vitest';
import { completeList, type WordList } from '~core/lists/word-list';
import { listOperations } from './list-operations';
import { ChangeError, type Operations } from './operation';
import { keptAfter } from './testing/kept-after';

/** As it lies on the shelf. */
type OnShelf = WordList & { starred?: boolean; putAway?: string; tags?: readonly string[] };
const kept = keptAfter<OnShelf>('lists', listOperations as Operations<OnShelf>);

const list = (words = ['rain', 'hail', 'cloud']): WordList =>
  completeList({ id: 'storm', classId: 'kestrels', name: 'Storm words', words });

const wordsAfter = (intent: string, input: object, present = list()) =>
  kept(present, intent, input).kept.words;

describe('the words of a list', () => {
  test('a word is added at the end, and not twice', () => {
    expect(wordsAfter('add', { word: 'sleet' })).toEqual(['rain', 'hail', 'cloud', 'sleet']);
    expect(wordsAfter('add', { word: 'hail' })).toEqual(['rain', 'hail', 'cloud']);
  });

  test('a word that is removed takes what stood beside it along', () => {
    const { kept: with1 } = kept(list(), 'detail', { word: 'hail', fields: { definition: 'ice' } });
    const without = kept(with1, 'remove', { word: 'hail' }).kept;
    expect(without.words).toEqual(['rain', 'cloud']);
    expect(JSON.stringify(without)).not.toContain('ice');
  });

  test.each([
    ['rain', 2, ['hail', 'cloud', 'rain']],
    ['cloud', 0, ['cloud', 'rain', 'hail']],
    ['hail', 1, ['rain', 'hail', 'cloud']],
  ])('%s moves to place %i', (word, to, words) => {
    expect(wordsAfter('move', { word, to })).toEqual(words);
  });

  test('a word is written otherwise in its place, with what stands beside it', () => {
    const { kept: with1 } = kept(list(), 'detail', { word: 'hail', fields: { definition: 'ice' } });
    const changed = kept(with1, 'respell', { word: 'hail', to: 'hailstone' }).kept;
    expect(changed.words).toEqual(['rain', 'hailstone', 'cloud']);
    expect(JSON.stringify(changed)).toContain('ice');
  });

  test('not into a word that is there: both stay, and it says so', () => {
    expect(() => kept(list(), 'respell', { word: 'hail', to: 'rain' })).toThrow(ChangeError);
    expect(() => kept(list(), 'respell', { word: 'hail', to: 'rain' })).toThrow(
      /in the list already/,
    );
  });

  test('an order keeps words that it does not name, behind those that it does', () => {
    expect(wordsAfter('order', { words: ['cloud', 'rain'] })).toEqual(['cloud', 'rain', 'hail']);
    expect(wordsAfter('order', { words: ['fog', 'hail'] })).toEqual(['hail', 'rain', 'cloud']);
  });
});

describe('two lists', () => {
  const other = completeList({
    id: 'more',
    classId: 'kestrels',
    name: 'More',
    words: ['hail', 'fog'],
  });

  test('the words of another are added once', () => {
    expect(wordsAfter('merge', { other })).toEqual(['rain', 'hail', 'cloud', 'fog']);
  });

  test('or taken away, where both have them', () => {
    expect(wordsAfter('subtract', { other })).toEqual(['rain', 'cloud']);
  });
});

describe('what undo calls it', () => {
  test.each([
    ['add', { word: 'sleet' }, 'Added sleet'],
    ['remove', { word: 'hail' }, 'Removed hail'],
    ['rename', { name: 'Weather' }, 'Renamed the list Weather'],
    ['respell', { word: 'hail', to: 'hails' }, 'Changed hail to hails'],
    ['add-words', { words: [{ word: 'fog' }] }, 'Added 1 word'],
    ['add-words', { words: [{ word: 'fog' }, { word: 'dew' }] }, 'Added 2 words'],
    ['group', { by: 'none' }, 'Grouped the list'],
  ])('%s', (intent, input, label) => {
    expect(kept(list(), intent, input).label).toBe(label);
  });
});

describe('on the shelf', () => {
  test('a star is put on and taken off, and leaves nothing behind', () => {
    const starred = kept(list(), 'shelf', { starred: true });
    expect([starred.kept.starred, starred.label]).toEqual([true, 'Starred Storm words']);
    const bare = kept(starred.kept, 'shelf', { starred: false });
    expect(bare.kept).toEqual(list());
    expect(bare.label).toBe('Took the star from Storm words');
  });

  test('put away and had back; folders; another name', () => {
    const away = kept(list(), 'shelf', { putAway: '2026-11-30' });
    expect([away.kept.putAway, away.label]).toEqual(['2026-11-30', 'Put Storm words away']);
    expect(kept(away.kept, 'shelf', { putAway: '' }).kept).toEqual(list());
    const tagged = kept(list(), 'shelf', { tags: ['autumn'] });
    expect([tagged.kept.tags, tagged.label]).toEqual([
      ['autumn'],
      'Changed the folders of Storm words',
    ]);
    const named = kept(list(), 'shelf', { rename: ' Weather ' });
    expect([named.kept.name, named.label]).toEqual(['Weather', 'Called Storm words  Weather ']);
  });
});
