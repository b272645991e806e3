import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { Random } from '../kernel/random';
import {
  boardStart,
  boardStep,
  viewsOf,
  type BoardAction,
  type BoardPart,
  type BoardState,
} from './board-state';
import { callBack, calledNow, callNext, newCalling } from './calling';
import { hideWord, isFound, lettersOf, uncover } from './hidden-word';
import { fourInLine, isOver, landing, lineOf, newLineGame, play, threeInLine } from './line-game';
import {
  newPath,
  newTug,
  PATH,
  pathWinner,
  pull,
  ROPE,
  throwDie,
  tugWinner,
  walk as walkPath,
} from './moving-games';
import { pick } from './pick';

const item = (id: string, answer = `${id}!`) => ({ id, question: `${id}?`, answer, reason: 'so' });
const parts: readonly BoardPart[] = [
  { id: 'a', title: 'Gaps', items: [item('1'), item('2')], lines: [] },
  { id: 'b', title: 'Read', items: [item('3')], lines: ['Rain fell.', 'It stopped.'] },
  { id: 'c', title: 'Sheet', items: [], lines: [] },
];
const walk = (state: BoardState, ...kinds: ('next' | 'back' | 'blank')[]) =>
  kinds.reduce((now, kind) => boardStep(now, { kind }, parts), state);
const seen = ({ part, view, at, open }: BoardState) => `${part} ${view} ${at} ${open}`;

describe('one key leads through the lesson', () => {
  test('the first item is the model: question, answer, why; of the others question and answer', () => {
    const all: string[] = [];
    let state = boardStart(parts);
    for (let step = 0; step < 11; step += 1) {
      all.push(seen(state));
      state = walk(state, 'next');
    }
    expect(all).toEqual([
      '0 one 0 0',
      '0 one 0 1',
      '0 one 0 2',
      '0 one 1 0',
      '0 one 1 1',
      '1 read 0 0',
      '1 read 1 0',
      '1 one 0 0',
      '1 one 0 1',
      '1 one 0 2',
      '2 all 0 0',
    ]);
    expect(seen(state)).toBe('2 all 0 0');
  });

  test('back closes what was opened before it goes back', () => {
    const state = walk(boardStart(parts), 'next', 'next', 'next', 'next');
    expect(seen(state)).toBe('0 one 1 1');
    expect(seen(walk(state, 'back'))).toBe('0 one 1 0');
    expect(seen(walk(state, 'back', 'back'))).toBe('0 one 0 0');
    expect(seen(walk(boardStart(parts), 'back'))).toBe('0 one 0 0');
  });

  test('a part is opened with nothing of its answers open, however it is come to', () => {
    for (let part = -1; part < 5; part += 1) {
      expect(boardStep(walk(boardStart(parts), 'next'), { kind: 'part', part }, parts).open).toBe(
        0,
      );
    }
    expect(boardStart(parts, 9).part).toBe(2);
    expect(boardStart([]).part).toBe(0);
  });

  test('an empty board is shown again by the next step, which goes no further', () => {
    const blank = walk(boardStart(parts), 'next', 'blank');
    expect(blank.blank).toBe(true);
    expect(walk(blank, 'next')).toEqual({ ...blank, blank: false });
  });

  test('only what a part can show is shown', () => {
    expect(viewsOf(parts[2] as BoardPart)).toEqual(['all']);
    const asked: BoardAction = { kind: 'view', view: 'line3' };
    expect(boardStep(boardStart(parts), asked, parts).view).toBe('one');
  });
});

test('what is marked in a text is shown mark by mark, and leads to its questions', () => {
  const marked: BoardPart = { id: 'm', title: 'Poem', items: [item('1')], lines: [], markSteps: 2 };
  expect(viewsOf(marked)).toEqual(['one', 'all', 'marks']);
  let state = boardStep(boardStart([marked]), { kind: 'view', view: 'marks' }, [marked]);
  const seenNow: string[] = [];
  for (let step = 0; step < 4; step += 1) {
    seenNow.push(seen(state));
    state = boardStep(state, { kind: 'next' }, [marked]);
  }
  // First the text alone.
  expect(seenNow).toEqual(['0 marks 0 0', '0 marks 1 0', '0 marks 2 0', '0 one 0 0']);
  const back = boardStep({ ...state, view: 'marks', at: 2 }, { kind: 'back' }, [marked]);
  expect(seen(back)).toBe('0 marks 1 0');
});

describe('who is asked', () => {
  const names = ['Asha', 'Bram', 'Cleo', 'Dario'];
  test('fairly: each once before anybody comes again, and nobody twice in a row', () => {
    for (let seed = 1; seed <= 50; seed += 1) {
      const random = new Random(seed);
      let had: readonly string[] = [];
      const asked = Array.from({ length: 12 }, () => {
        const picked = pick(names, had, random, true);
        had = picked?.had ?? [];
        return picked?.name ?? '';
      });
      for (const round of [0, 4, 8])
        expect([...asked.slice(round, round + 4)].sort()).toEqual(names);
      asked.forEach((name, at) => expect(name).not.toBe(asked[at + 1]));
    }
  });

  test('plainly: anybody, as often as chance will have it', () => {
    const random = new Random(3);
    const counts = new Map<string, number>();
    let had: readonly string[] = [];
    for (let turn = 0; turn < 4000; turn += 1) {
      const picked = pick(names, had, random, false);
      had = picked?.had ?? [];
      counts.set(picked?.name ?? '', (counts.get(picked?.name ?? '') ?? 0) + 1);
    }
    // 1,000 each is expected; four standard deviations are about 110.
    for (const name of names) expect(Math.abs((counts.get(name) ?? 0) - 1000)).toBeLessThan(110);
  });

  test('one name is asked again, and of nobody nobody', () => {
    expect(pick(['Asha'], ['Asha'], new Random(1), true)?.name).toBe('Asha');
    expect(pick([], [], new Random(1), true)).toBeUndefined();
  });
});

describe('squares in a line', () => {
  const played = (rules: typeof threeInLine, squares: readonly number[]) =>
    squares.reduce((game, square) => play(game, square, true), newLineGame(rules));

  test('the eight lines of three by three', () => {
    for (const line of ['012', '345', '678', '036', '147', '258', '048', '246']) {
      const [a, b, c] = [...line].map(Number) as [number, number, number];
      const [x, y] = [0, 1, 2, 3, 4, 5, 6, 7, 8].filter(
        (square) => ![a, b, c].includes(square),
      ) as [number, number];
      const game = played(threeInLine, [a, x, b, y, c]);
      expect([...(lineOf(game) ?? [])].sort()).toEqual([a, b, c].sort());
      expect(isOver(game)).toBe(true);
    }
  });

  test('a wrong answer takes no square and gives the turn', () => {
    const game = play(newLineGame(threeInLine), 4, false);
    expect(game.squares[4]).toBeUndefined();
    expect(game.turn).toBe(1);
  });

  test('a taken square and an ended game stay as they are', () => {
    const game = played(threeInLine, [0, 3, 1, 4, 2]);
    expect(play(game, 8, true)).toBe(game);
    const begun = played(threeInLine, [0]);
    expect(play(begun, 0, true)).toBe(begun);
  });

  test('pieces fall, and four upright win', () => {
    const begun = newLineGame(fourInLine);
    expect(landing(begun, 2)).toBe(4 * 6 + 2);
    const game = played(fourInLine, [0, 1, 0, 1, 0, 1, 0]);
    expect(lineOf(game)).toEqual([6, 12, 18, 24]);
    const full = played(fourInLine, [0, 0, 0, 0, 0]);
    expect(landing(full, 0)).toBeUndefined();
  });
});

describe('a hidden word', () => {
  test('opens letter by letter, the first last; what is no letter is seen from the beginning', () => {
    const hidden = hideWord('ice-cold', new Random(2));
    expect(
      lettersOf(hidden)
        .map((sign) => sign ?? '_')
        .join(''),
    ).toBe('___-____');
    let now = hidden;
    for (let count = 1; count < 7; count += 1) {
      now = uncover(now);
      expect(lettersOf(now).filter((sign) => sign !== undefined)).toHaveLength(count + 1);
      expect(lettersOf(now)[0]).toBeUndefined();
    }
    expect(isFound(uncover(now))).toBe(true);
    expect(lettersOf(uncover(hidden, true)).join('')).toBe('ice-cold');
  });
});

describe('a rope that is pulled', () => {
  test('right answers pull, others let go; five steps win, and then nothing moves', () => {
    let game = newTug();
    for (const right of [true, false, true, false, true]) game = pull(game, right);
    expect(game.knot).toBe(-5);
    expect(tugWinner(game)).toBe(0);
    expect(pull(game, true)).toBe(game);
    expect(tugWinner({ knot: 5, turn: 0 })).toBe(1);
    expect(tugWinner(newTug())).toBeUndefined();
  });

  test('the knot never leaves the rope, however the game goes', () => {
    fc.assert(
      fc.property(fc.array(fc.boolean(), { maxLength: 80 }), (answers) => {
        const { knot } = answers.reduce(pull, newTug());
        expect(Math.abs(knot)).toBeLessThanOrEqual(ROPE);
      }),
      { numRuns: 200, seed: 20261128 },
    );
  });
});

describe('a path that is walked', () => {
  const random = new Random(4);

  test('a die has one to six, each about as often, and is thrown once a turn', () => {
    const counts = new Map<number, number>();
    for (let times = 0; times < 6000; times += 1) {
      const { thrown = 0 } = throwDie(newPath(), random);
      counts.set(thrown, (counts.get(thrown) ?? 0) + 1);
    }
    expect([...counts.keys()].sort()).toEqual([1, 2, 3, 4, 5, 6]);
    // Six degrees of luck: a fair die stays within five standard deviations (28.9 each).
    for (const count of counts.values()) expect(Math.abs(count - 1000)).toBeLessThan(145);
    const thrown = throwDie(newPath(), random);
    expect(throwDie(thrown, random)).toBe(thrown);
  });

  test('a right answer walks what was thrown, another stays; the goal is not walked past', () => {
    const thrown = { ...newPath(), thrown: 4 };
    expect(walkPath(thrown, true)).toEqual({ places: [4, 0], turn: 1 });
    expect(walkPath(thrown, false)).toEqual({ places: [0, 0], turn: 1 });
    const near = walkPath({ places: [PATH - 2, 3], turn: 0, thrown: 6 }, true);
    expect(near.places).toEqual([PATH, 3]);
    expect(pathWinner(near)).toBe(0);
    expect(throwDie(near, random)).toBe(near);
    expect(walkPath(newPath(), true)).toEqual(newPath());
  });
});

describe('words that are called', () => {
  test('each once; the last is taken back where it was not heard', () => {
    const words = ['rain', 'hail', 'snow', 'rain'];
    let calling = newCalling(words, new Random(2));
    expect(calledNow(calling)).toBeUndefined();
    const called: (string | undefined)[] = [];
    for (let times = 0; times < 5; times += 1) {
      calling = callNext(calling);
      called.push(calledNow(calling));
    }
    expect([...new Set(called)].sort()).toEqual(['hail', 'rain', 'snow']);
    expect(calledNow(callBack(calling))).toBe(called[1]);
    expect(callBack(newCalling(words, new Random(2))).called).toBe(0);
  });

  test('are offered where there are enough of them', () => {
    const part = { id: 'p', title: '', items: [], lines: [] };
    expect(viewsOf({ ...part, words: ['a', 'b'] })).toEqual(['all']);
    expect(viewsOf({ ...part, words: [...'abcdef'] })).toEqual([
      'all',
      'call',
      'describe',
      'spin',
      'dice',
    ]);
  });
});
