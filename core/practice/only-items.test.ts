import { describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import { interactionOf, keyedItems, markTask, type Task } from '../exercises/interactions';
import { spareTask } from '../exercises/spare-task';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { canStandAlone, itemIds, onlyItems, roundOf, shuffledTask } from './only-items';

const words = ['rain', 'train', 'snail', 'lake', 'snake', 'day', 'cloud', 'storm'];
const recipe = (maker: string) => ({ maker, words, parameters: {}, seed: 5 });
const made = (maker: string): Task =>
  makeExercise(recipe(maker), testLexicon(), testMeanings()).task;

const makers = [
  'picture-to-word',
  'missing-grapheme',
  'sentence-gaps',
  'match-picture',
  'sort-by-spelling',
  'unscramble',
  'word-search',
  'crossword',
  'onset-rime-wheel',
];

describe.each(makers)('%s', (maker) => {
  const task = made(maker);

  test('in another order each item keeps its answer', () => {
    const mixed = shuffledTask(task, 77);
    expect([...itemIds(mixed)].sort()).toEqual([...itemIds(task)].sort());
    const key = interactionOf(task).keyOf(task);
    expect(markTask(mixed, key).score).toBe(markTask(task, key).score);
  });

  test('some of its items are marked as they were', () => {
    const ids = itemIds(task).slice(0, 2);
    const some = onlyItems(task, ids);
    const key = interactionOf(task).keyOf(task);
    const marked = markTask(some, key);
    expect(marked.score).toBe(marked.outOf);
    if (canStandAlone(task)) expect(itemIds(some)).toEqual(ids);
    expect(interactionOf(some).validate(some)).toEqual([]);
  });
});

test('one partner stands among others: there is still something to decide', () => {
  const task = made('match-picture');
  const [first = ''] = itemIds(task);
  const some = onlyItems(task, [first]);
  expect(some.interaction === 'match' && some.pairs.length).toBe(1);
  expect(some.interaction === 'match' && some.rights.length).toBeGreaterThanOrEqual(3);
});

/** The letters that are missing in an item. */
const missingIn = (task: Task, id: string) =>
  task.interaction === 'gap'
    ? task.items
        .find((item) => item.id === id)
        ?.pieces.flatMap((piece) => (piece.kind === 'gap' ? [piece.answer] : []))
    : undefined;

describe('a round of what was wrong', () => {
  test('has the wrong items alone, and with no spare the same ones', () => {
    const task = made('missing-grapheme');
    const ids = itemIds(task).slice(2, 5);
    expect(itemIds(roundOf(task, ids))).toEqual(ids);
  });

  test.each(['sentence-gaps', 'missing-grapheme', 'unscramble'])(
    'of %s has items of their kind',
    (maker) => {
      const task = made(maker);
      const spare = spareTask(recipe(maker), testLexicon(), testMeanings(), kestrels());
      const wrong = itemIds(task).slice(0, 4);
      const round = roundOf(task, wrong, spare);
      expect(itemIds(round)).toEqual(wrong);
      const before = new Map(keyedItems(task).map((item) => [item.id, item]));
      const changed = keyedItems(round).filter(
        ({ id, question }) => before.get(id)?.question !== question,
      );
      expect(changed.length).toBeGreaterThan(0);
      // Letters that are missing are those that were wrong.
      if (maker === 'missing-grapheme') {
        for (const { id } of changed) expect(missingIn(round, id)).toEqual(missingIn(task, id));
      }
      // Its own key is right: an item of another making brings its own answer.
      const key = interactionOf(round).keyOf(round);
      expect(markTask(round, key).score).toBe(markTask(round, key).outOf);
    },
  );

  test('a spare of another interaction changes nothing', () => {
    const task = made('missing-grapheme');
    const ids = itemIds(task).slice(0, 2);
    expect(roundOf(task, ids, made('match-picture'))).toEqual(onlyItems(task, ids));
  });
});
