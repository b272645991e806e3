/** Opposites, word families and halves of compounds that every class is taught: common practice, from memory. */
import { describe, expect, test } from 'vitest';
import { exerciseOf, keyOf, taskOf } from '../../testing/key-of';

const pairsOf = (text: string) =>
  text.split(', ').map((pair) => pair.split(' ') as [string, string]);

describe('opposites', () => {
  test.each([
    ['qualities', 'hot cold, big small, fast slow, happy sad, wet dry, old young'],
    ['more of them', 'heavy light, hard soft, full empty, thick thin, early late, rich poor'],
    ['deeds', 'push pull, give take, start stop, buy sell, win lose, laugh cry'],
    [
      'places and times',
      'up down, above below, day night, first last, before after, inside outside',
    ],
  ])('%s', (_, text) => {
    const pairs = pairsOf(text);
    const key = keyOf(
      'synonyms-opposites',
      pairs.map(([word]) => word),
    );
    for (const [word, opposite] of pairs) {
      if (key[word] === undefined) continue;
      expect([word, key[word]]).toEqual([word, opposite]);
    }
    expect(Object.keys(key).length).toBeGreaterThanOrEqual(4);
  });

  test('a word with neither is left out, and named', () => {
    const { notes } = exerciseOf('synonyms-opposites', ['hot', 'big', 'happy', 'teaspoon']);
    expect(notes.map(({ word }) => word)).toContain('teaspoon');
  });
});

describe('halves of compounds', () => {
  test('each half goes to its own, and the whole is the word that was given', () => {
    const words = ['snowman', 'sunset', 'toothbrush', 'butterfly', 'notebook', 'waterfall'];
    const { pairs, rights } = taskOf('match', 'compound-words', words);
    expect(pairs.length).toBeGreaterThanOrEqual(4);
    for (const pair of pairs) {
      const right = rights.find(({ id }) => id === pair.partner)?.text ?? '';
      expect(words).toContain(`${pair.left.text}${right}`);
    }
  });

  test('what is no compound is left out with a reason', () => {
    const { notes } = exerciseOf('compound-words', [
      'snowman',
      'sunset',
      'notebook',
      'carpet',
      'mushroom',
    ]);
    expect(notes.map(({ word }) => word).sort()).toEqual(['carpet', 'mushroom']);
  });
});

describe('topics', () => {
  test('each thing goes to its kind', () => {
    const kinds = {
      animals: ['horse', 'sheep', 'goat', 'duck'],
      food: ['bread', 'cheese', 'soup', 'apple'],
      clothes: ['coat', 'hat', 'shoe', 'scarf'],
      weather: ['rain', 'snow', 'storm', 'fog'],
    };
    const key = keyOf('sort-by-topic', Object.values(kinds).flat());
    for (const [kind, words] of Object.entries(kinds)) {
      for (const word of words) expect([word, key[word]]).toEqual([word, kind]);
    }
  });

  test('the odd one out is the only one of another kind in its row', () => {
    const { items } = taskOf('choice', 'odd-one-out', [
      ...['apple', 'pear', 'plum', 'bread', 'soup'],
      ...['horse', 'goat', 'duck'],
    ]);
    const animals = new Set(['horse', 'goat', 'duck', 'dog', 'cat', 'sheep']);
    const byTopic = items.filter(({ reason }) => reason.includes('are about'));
    expect(byTopic.length).toBeGreaterThan(3);
    for (const { options } of byTopic) {
      const right = options.filter((option) => option.right);
      expect(right).toHaveLength(1);
      const kinds = options.map(({ text }) => animals.has(text));
      const odd = animals.has(right[0]?.text ?? '');
      expect(kinds.filter((kind) => kind === odd)).toHaveLength(1);
    }
  });
});

describe('words that rhyme', () => {
  test.each([
    ['rain train', 'cake lake', 'day play'],
    ['bear chair', 'moon spoon', 'light kite'],
    ['house mouse', 'tree sea', 'boat coat'],
    ['star car', 'bread red', 'book hook'],
  ])('%s, %s, %s', (...rows) => {
    const groups = rows.map((row) => row.split(' '));
    const key = keyOf('sort-by-rhyme', groups.flat());
    // One of each pair heads its column, and the other stands under it.
    for (const [one = '', other = ''] of groups) {
      const placed = [one, other].filter((word) => key[word] !== undefined);
      expect([one, other, placed.length]).toEqual([one, other, 1]);
      expect([one, other]).toContain(key[placed[0] ?? '']);
    }
  });
});
