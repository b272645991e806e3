import { describe, expect, test } from 'vitest';
import { markTask } from '..';
import { byItem } from './picks';
import type { SpotTask } from './task';

const text = 'It will rain. The big red kite will fly.';
const placeOf = (find: string, from = 0) => {
  const start = text.indexOf(find, from);
  return Array.from(find, (_, index) => start + index);
};
const item = (id: string, find: string) => ({
  id,
  word: find,
  find,
  place: placeOf(find),
  reason: '',
});
const task: SpotTask = {
  interaction: 'spot',
  text,
  layout: 'text',
  listed: false,
  items: [item('a', 'will rain'), item('b', 'big'), item('c', 'red')],
};

describe('picks of a learner who does not know the items', () => {
  test('go to the item whose place they are, word by word', () => {
    const response = {
      picked: [...placeOf('will'), ...placeOf('rain'), ...placeOf('red')],
    };
    expect(Object.keys(byItem(task, response))).toEqual(['a', 'c']);
    expect(markTask(task, response)).toMatchObject({ score: 2, outOf: 3 });
  });

  test('what belongs to no item is picked too much, once a stretch', () => {
    const response = { picked: [...placeOf('big'), ...placeOf('kite'), ...placeOf('The')] };
    const mark = markTask(task, response);
    expect(mark.verdicts.find(({ item: id }) => id === 'extra')).toMatchObject({ score: -2 });
    expect(mark.score).toBe(0);
  });

  test('half a stretch is not the stretch', () => {
    expect(markTask(task, { picked: placeOf('will') }).verdicts[0]?.right).toBe(false);
  });

  test('a response by item stays as it is', () => {
    const response = { a: placeOf('will rain') };
    expect(byItem(task, response)).toBe(response);
  });

  test('in a grid a line is picked from either end', () => {
    const grid: SpotTask = {
      interaction: 'spot',
      text: 'fogx\nxxxx',
      layout: 'grid',
      listed: true,
      items: [{ id: 'fog', word: 'fog', find: 'fog', place: [0, 1, 2], reason: '' }],
    };
    expect(markTask(grid, { 'picked-1': [2, 1, 0] }).score).toBe(1);
    expect(markTask(grid, { 'picked-1': [0, 1, 2], 'picked-2': [5, 6] }).score).toBe(0);
  });
});
