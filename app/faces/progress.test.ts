import { describe, expect, test } from 'vitest';
import { makeExercise } from '~core/exercises/make-exercise';
import { keyedItems } from '~core/exercises/interactions';
import { usualBehaviour, type Behaviour } from '~core/kernel/behaviour';
import { testLexicon } from '~core/testing/test-lexicon';
import { begun, hasMarks, standingOf, type Progress } from './progress';

const words = ['rain', 'hail', 'train', 'snail'];
const made = (maker: string) =>
  makeExercise({ maker, words, parameters: {}, seed: 2 }, testLexicon()).task;
const task = made('dictation');
const items = keyedItems(task);
const right = Object.fromEntries(items.map(({ id, answer }) => [id, answer]));
const [first, second] = items.map(({ id }) => id) as [string, string];

const standing = (
  progress: Partial<Progress>,
  behaviour: Partial<Behaviour> = {},
  settled: Progress['response'] = {},
) => standingOf(task, { ...begun, ...progress }, { ...usualBehaviour, ...behaviour }, settled);

describe('how far a learner is', () => {
  test('nothing is said before it is checked', () => {
    expect(standing({ response: right })).toMatchObject({
      mark: undefined,
      done: false,
      locked: false,
      said: [],
    });
  });

  test('checked with all right: done, and nothing can be changed', () => {
    const { done, locked, said, empty } = standing({ response: right, checked: true });
    expect([done, locked, said.length, empty]).toEqual([true, true, items.length, 0]);
  });

  test('what is still empty is not called wrong', () => {
    const { said, empty, done, locked } = standing({
      response: { [first]: right[first] } as Progress['response'],
      checked: true,
    });
    expect(said.map(({ item }) => item)).toEqual([first]);
    expect([empty, done, locked]).toEqual([items.length - 1, false, false]);
  });

  test('what is wrong is said, and can be tried again', () => {
    const response = { ...right, [second]: right[first] } as Progress['response'];
    const { said, done, locked } = standing({ response, checked: true });
    expect(said.filter((each) => !each.right).map(({ item }) => item)).toEqual([second]);
    expect([done, locked]).toEqual([false, false]);
  });

  test('with feedback at the end only a check closes it', () => {
    const response = { [first]: right[first] } as Progress['response'];
    expect(standing({ response, checked: true }, { feedback: 'end' }).locked).toBe(true);
    expect(standing({ response }, { feedback: 'end' }).locked).toBe(false);
  });

  test('marked at once, only what is settled counts, not what is being written', () => {
    const settled = { [first]: right[first] } as Progress['response'];
    const response = { ...settled, [second]: 'x' } as Progress['response'];
    const { said, mark } = standing({ response }, { feedback: 'once' }, settled);
    expect(said.map(({ item }) => item)).toEqual([first]);
    expect(mark?.score).toBe(1);
    expect(standing({ response }, { feedback: 'once' }).mark).toBeUndefined();
  });

  test('answers that were shown lock it, and everything is said', () => {
    const { locked, said, done } = standing({ shown: true });
    expect([locked, said.length, done]).toEqual([true, items.length, false]);
  });
});

test('what has no items has no marks', () => {
  expect(hasMarks(task)).toBe(true);
  if (task.interaction !== 'write') throw new Error('a dictation is written');
  expect(hasMarks({ ...task, items: [] })).toBe(false);
});
