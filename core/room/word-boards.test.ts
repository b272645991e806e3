import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { callNext, newCalling } from '../board/calling';
import { Random } from '../kernel/random';
import type { RoomState } from './room-state';
import { boardFor, boardsIn, callPlace, linesOn, marksFrom, newCall } from './word-boards';

const words = ['hail', 'rain', 'snow', 'mist', 'wind', 'frost', 'cloud', 'storm', 'sleet', 'fog'];
const room = (marked: Readonly<Record<string, readonly number[]>>, call: string): RoomState => ({
  members: Object.keys(marked).map((id) => ({ id, name: id.toUpperCase(), here: true })),
  answers: Object.fromEntries(
    Object.entries(marked).map(([id, places]) => [
      id,
      { [callPlace(call)]: { id: 'x', turn: 1, response: { marked: places } } },
    ]),
  ),
});

describe('boards', () => {
  test('their size follows the words that there are', () => {
    expect(newCall('c', words.slice(0, 6)).columns).toBe(2);
    expect(newCall('c', words).columns).toBe(3);
    expect(
      newCall(
        'c',
        Array.from({ length: 24 }, (_, at) => `word ${at}`),
      ).columns,
    ).toBe(4);
    // A word that is given twice stands on boards once.
    expect(newCall('c', [...words, 'hail']).words).toHaveLength(words.length);
  });

  test('each learner has another, and hers is the same whenever it is drawn', () => {
    const call = newCall('c', words);
    const all = Array.from({ length: 30 }, (_, at) => boardFor(call, `member ${at}`).join());
    expect(new Set(all).size).toBe(30);
    expect(boardFor(call, 'member 3').join()).toBe(all[3]);
    expect(new Set(boardFor(call, 'm')).size).toBe(9);
    expect(boardFor(newCall('d', words), 'member 3').join()).not.toBe(all[3]);
  });

  test('a board has its rows, columns and diagonals; the smallest is won when it is full', () => {
    // Counted by hand: n rows, n columns, two diagonals.
    expect(linesOn(3)).toHaveLength(8);
    expect(linesOn(4)).toHaveLength(10);
    expect(linesOn(3)).toContainEqual([2, 4, 6]);
    expect(linesOn(2)).toEqual([[0, 1, 2, 3]]);
  });
});

describe('how boards stand', () => {
  const call = newCall('c', words);
  const board = boardFor(call, 'm');

  test('a line counts only where its words were called', () => {
    const row = board.slice(0, 3);
    const others = words.filter((word) => !row.includes(word));
    const calling = { order: [...row, ...others], called: 3 };
    const [first] = boardsIn(room({ k: [], m: [0, 1, 2] }, 'c'), call, calling);
    expect(first).toMatchObject({ member: 'm', line: true, right: row, wrong: [], missed: [] });
    const [early] = boardsIn(room({ m: [0, 1, 2] }, 'c'), call, { ...calling, called: 2 });
    expect(early).toMatchObject({ line: false, right: row.slice(0, 2), wrong: row.slice(2) });
    const [blind] = boardsIn(room({ m: [0] }, 'c'), call, calling);
    expect(blind?.missed).toEqual(row.slice(1));
  });

  test('marks that are none are no marks', () => {
    expect(marksFrom({ marked: [3, 3, -1, 9, 1.5, '2', null, 0] }, 3)).toEqual([0, 3]);
    expect(marksFrom({ marked: 'all' }, 3)).toEqual([]);
    expect(marksFrom(undefined, 3)).toEqual([]);
  });

  test('who marks what is called has a line at the end at the latest, and never a wrong word', () => {
    fc.assert(
      fc.property(fc.string(), fc.nat(), (member, seed) => {
        let calling = newCalling(call.words, new Random(seed));
        const hers = boardFor(call, member);
        while (calling.called < calling.order.length) {
          calling = callNext(calling);
          const heard = new Set(calling.order.slice(0, calling.called));
          const marked = hers.flatMap((word, at) => (heard.has(word) ? [at] : []));
          const kept = {
            members: [{ id: member, name: 'M', here: true }],
            answers: { [member]: { [callPlace('c')]: { id: 'x', turn: 1, response: { marked } } } },
          };
          const [standing] = boardsIn(kept, call, calling);
          expect(standing?.wrong).toEqual([]);
          expect(standing?.missed).toEqual([]);
          if (calling.called === calling.order.length) expect(standing?.line).toBe(true);
        }
      }),
      { numRuns: 60 },
    );
  });
});
