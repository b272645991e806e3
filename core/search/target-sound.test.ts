import { describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import type { GapTask } from '../exercises/interactions/gap/task';
import type { SortTask } from '../exercises/interactions/sort/task';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { clearUnits, findTargetSound } from './target-sound';

const lexicon = testLexicon();
const material = (list: string) =>
  list.split(' ').map((word) => ({ word, entry: lexicon.find(word) }));
const made = (maker: string, list: string) =>
  makeExercise(
    { maker, words: list.split(' '), parameters: {}, seed: 7 },
    lexicon,
    testMeanings(),
    kestrels(),
  );

describe('the sound that a set of words is about', () => {
  test.each([
    ['rain day gate snail play', 'EY'],
    ['message village giant page magic danger', 'JH'],
    ['duck sock clock kick tick', 'K'],
    ['tree leaf sleep dream', 'IY'],
  ])('%s: %s', (list, sound) => {
    expect(findTargetSound(material(list))).toBe(sound);
  });

  test('a weak vowel is none, nor the n of mission and vision', () => {
    const sound = findTargetSound(material('mission division permission explosion'));
    expect(['AH', 'N']).not.toContain(sound);
    // The second vowel of message is weak in the dictionary of Carnegie Mellon University (stress 0).
    expect(
      material('message')
        .flatMap(clearUnits)
        .map(({ grapheme }) => grapheme),
    ).not.toContain('a');
    expect(
      material('sun')
        .flatMap(clearUnits)
        .map(({ grapheme }) => grapheme),
    ).toContain('u');
  });
});

test('of click and clock among words in ck the ck is left out', () => {
  const { items } = made('missing-grapheme', 'duck sock clock click kick').task as GapTask;
  const answers = items.map(({ pieces }) =>
    pieces.flatMap((piece) => (piece.kind === 'gap' ? [piece.answer] : [])).join(),
  );
  expect(new Set(answers)).toEqual(new Set(['ck']));
});

describe('sorted by the sound of a spelling', () => {
  test('dog and frog are under one sound, home under another', () => {
    const recipe = {
      maker: 'sort-by-sound',
      words: 'dog frog fox box home rope bone'.split(' '),
      parameters: { spelling: 'o' },
      seed: 7,
    };
    const both = makeExercise(recipe, lexicon, testMeanings(), kestrels()).task as SortTask;
    const homes = new Map(both.cards.map(({ text, home }) => [text, home]));
    expect(homes.get('dog')).toBeDefined();
    expect(homes.get('dog')).toBe(homes.get('frog'));
  });

  test('a spelling with two cards under each sound is taken before one with a single card', () => {
    const { task } = made('sort-by-sound', 'snow blow cow now seven sun');
    const { headings, cards } = task as SortTask;
    for (const { id } of headings)
      expect(cards.filter(({ home }) => home === id).length).toBeGreaterThan(1);
  });
});
