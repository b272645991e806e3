import { describe, expect, test } from 'vitest';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { itemKeys } from './arrange-items';
import { interactionOf, markTask } from './interactions';
import { anotherTurn, makeExercise } from './make-exercise';
import { makers } from './makers';
import type { Exercise, ExerciseParameters } from './making/exercise';

const lexicon = testLexicon();
const meanings = testMeanings();
const words = ['rain', 'train', 'snail', 'lake', 'snake', 'day', 'cloud', 'rainbow', 'storm'];
const recipeOf = (maker: string, parameters: ExerciseParameters = {}) => ({
  maker,
  words,
  parameters,
  seed: 4,
});
const make = (maker: string, parameters: ExerciseParameters = {}): Exercise =>
  makeExercise(recipeOf(maker, parameters), lexicon, meanings);
const keysOf = ({ items = [] }: Exercise) => items.map(({ key }) => key);

/** Makers that give items of these words, each of which stands for itself. */
const arranged = makers
  .filter(({ needsText }) => needsText !== true)
  .map(({ id }) => id)
  .filter((id) => keysOf(make(id)).length > 2);

test('a word with several items has a key for each', () => {
  expect(itemKeys([{ word: 'rain' }, { word: 'day' }, { word: 'rain' }])).toEqual([
    'rain',
    'day',
    'rain 2',
  ]);
});

test('there are enough makers whose items can be arranged', () => {
  expect(arranged.length).toBeGreaterThan(25);
});

describe.each(arranged)('%s', (maker) => {
  const plain = make(maker);
  const keys = keysOf(plain);

  test('an item taken out is gone, is named, and the rest is keyed as before', () => {
    const [gone = ''] = keys;
    const without = make(maker, { without: [gone] });
    expect(keysOf(without)).toEqual(keys.slice(1));
    const note = without.notes.find(({ text }) => text.startsWith('Taken out by hand'));
    expect(note?.choices).toEqual([{ label: 'Put back', parameters: { without: null } }]);
    const { task } = without;
    const mark = markTask(task, interactionOf(task).keyOf(task));
    expect(mark.score).toBe(mark.outOf);
    expect(interactionOf(task).validate(task)).toEqual([]);
  });

  test('an order is kept, and what it does not name follows', () => {
    const order = [...keys.slice(1, 3).reverse()];
    const named = new Set(order);
    expect(keysOf(make(maker, { order }))).toEqual([
      ...order,
      ...keys.filter((key) => !named.has(key)),
    ]);
  });

  test('an item made once more is another one at the same place, with a key', () => {
    const [first] = plain.items ?? [];
    const next = anotherTurn(recipeOf(maker), first?.id ?? '', lexicon, meanings);
    // Where a word has one item only, that is said.
    if (next === undefined) return expect(first?.key).toBeTruthy();
    const renewed = make(maker, { renewed: { [next.key]: next.turn } });
    const keyed = (exercise: Exercise) =>
      interactionOf(exercise.task)
        .keyedItems(exercise.task)
        .map(({ question, answer }) => [question, answer].join(' → '));
    expect(renewed.items).toHaveLength(keys.length);
    expect(JSON.stringify(renewed.task)).not.toBe(JSON.stringify(plain.task));
    expect(keyed(renewed).slice(1)).toEqual(keyed(plain).slice(1));
    const mark = markTask(renewed.task, interactionOf(renewed.task).keyOf(renewed.task));
    expect(mark.score).toBe(mark.outOf);
  });
});

test('the box of words loses the answer that is taken out, and gets that of a new item', () => {
  const plain = make('sentence-gaps');
  if (plain.task.interaction !== 'gap') throw new Error('no gaps');
  const [first] = plain.task.items;
  const out = make('sentence-gaps', { without: [first?.word ?? ''] });
  expect(out.task.interaction === 'gap' && out.task.bank).not.toContain(first?.word);
});

test('what cannot be arranged has no places: cards, a crossword, a text with gaps between its lines', () => {
  for (const maker of ['sort-by-spelling', 'crossword', 'fluency-grid']) {
    expect(make(maker).items).toBeUndefined();
  }
});
