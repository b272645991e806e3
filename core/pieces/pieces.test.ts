import { describe, expect, test } from 'vitest';
import type { Task } from '../exercises/interactions';
import { sheetStyle } from '../paper/style';
import { kestrels } from '../testing/test-lexicon';
import { checkBoard, sentencesOn } from './check-board';
import { boardFrom, canBeLaid } from './from-task';
import { kitOf, kitScales } from './kit';
import {
  add,
  fix,
  group,
  join,
  layer,
  move,
  moveTo,
  putDown,
  putIn,
  resize,
  takeAway,
  takeFrom,
  togetherWith,
  turn,
  ungroup,
  withOtherWords,
} from './moves';
import {
  BOARD,
  emptyBoard,
  isIn,
  MOST_PIECES,
  placeOf,
  readingOrder,
  shapes,
  type PieceBoard,
  type Shape,
} from './piece-board';
import { placeWords, sayWhere, type PlaceWords } from './say-where';
import { shapePath } from './shape-path';

const words = (...texts: string[]): PieceBoard =>
  texts.reduce(
    (board, text, at) => add(board, { id: text, kind: 'word', text }, 200 + at * 300, 400),
    emptyBoard('b', 'Storm'),
  );
const at = (board: PieceBoard, id: string) => {
  const piece = board.pieces.find((each) => each.id === id);
  if (piece === undefined) throw new Error(`${id} is not there`);
  return piece;
};

describe('moving', () => {
  test('by a distance; the rest stays', () => {
    const moved = move(words('rain', 'hail'), ['rain'], 30, -40);
    expect(at(moved, 'rain')).toMatchObject({ x: 230, y: 360 });
    expect(at(moved, 'hail')).toMatchObject({ x: 500, y: 400 });
  });

  test('nothing leaves the board, and a group keeps its shape at the edge', () => {
    const both = group(words('rain', 'hail'), ['rain', 'hail'], 'g');
    const moved = move(both, ['rain'], -5000, 5000);
    for (const piece of moved.pieces) {
      expect(piece.x - piece.width / 2).toBeGreaterThanOrEqual(0);
      expect(piece.y + piece.height / 2).toBeLessThanOrEqual(BOARD.height);
    }
    expect(at(moved, 'hail').x - at(moved, 'rain').x).toBe(300);
    expect([...togetherWith(moved, ['hail'])].sort()).toEqual(['hail', 'rain']);
    const alone = move(ungroup(moved, ['rain']), ['rain'], 50, 0);
    expect(at(alone, 'hail')).toEqual(expect.objectContaining({ x: at(moved, 'hail').x }));
  });

  test('what is put down near another lies edge to edge with it, in one line', () => {
    const board = words('rain', 'falls');
    const [rain, falls] = [at(board, 'rain'), at(board, 'falls')];
    const touching = (rain.width + falls.width) / 2 + 8;
    const near = moveTo(board, 'falls', rain.x + touching + 15, rain.y + 12);
    expect(at(near, 'falls')).toMatchObject({ x: rain.x + touching, y: rain.y });
    const far = moveTo(board, 'falls', rain.x + touching + 60, rain.y + 12);
    expect(at(far, 'falls')).toMatchObject({ x: rain.x + touching + 60, y: rain.y + 12 });
    expect(putDown(board, 'nobody')).toBe(board);
  });

  test('turned, made larger, laid on top, fixed, taken away', () => {
    const board = words('rain', 'hail');
    expect(at(turn(board, ['rain'], -15), 'rain').turn).toBe(345);
    expect(at(resize(board, ['rain'], 2), 'rain').height).toBe(at(board, 'rain').height * 2);
    // No piece grows past what can be moved about, or shrinks past what can be seen.
    let large = board;
    for (let times = 0; times < 20; times += 1) large = resize(large, ['rain'], 1.25);
    expect(at(large, 'rain').width).toBeLessThanOrEqual(700);
    expect(layer(board, ['rain'], 'front').pieces.map(({ id }) => id)).toEqual(['hail', 'rain']);
    const fixed = fix(board, ['hail'], true);
    expect(at(move(fixed, ['hail'], 99, 99), 'hail')).toMatchObject({ x: 500, y: 400 });
    expect(layer(fixed, ['hail'], 'front').pieces.map(({ id }) => id)).toEqual(['hail', 'rain']);
    expect(fix(fixed, ['hail'], false)).toEqual(board);
    const joined = join(board, 'rain', 'hail');
    expect(takeAway(joined, ['hail'])).toMatchObject({ joins: [], pieces: [{ id: 'rain' }] });
  });

  test('a line that joins two pieces is one, whichever is named first, and goes when it is asked again', () => {
    const board = words('rain', 'hail');
    expect(join(board, 'rain', 'rain')).toBe(board);
    const joined = join(board, 'rain', 'hail');
    expect(joined.joins).toEqual([{ from: 'rain', to: 'hail' }]);
    expect(join(joined, 'hail', 'rain').joins).toEqual([]);
  });

  test('a pile never runs out; a board is full at its limit', () => {
    const pile = { id: 'cup', kind: 'shape', text: 'cup', shape: 'cup' } as const;
    let board = emptyBoard('b', 'Table');
    for (let times = 0; times < MOST_PIECES + 5; times += 1) {
      board = takeFrom(board, pile, `c${times}`);
    }
    expect(board.pieces).toHaveLength(MOST_PIECES);
    expect(new Set(board.pieces.map(({ id }) => id)).size).toBe(MOST_PIECES);
    expect(board.pieces.every(({ shape }) => shape === 'cup')).toBe(true);
    // As long as there is room, none comes over another.
    const [first, second] = board.pieces;
    const away = Math.abs((first?.x ?? 0) - (second?.x ?? 0));
    expect(away).toBeGreaterThan(first?.width ?? 0);
  });

  test('a copy with other words keeps everything else where it lies', () => {
    const board = { ...join(words('rain', 'hail'), 'rain', 'hail'), part: 'p' };
    const copy = withOtherWords(board, ['thunderstorm'], 'c', 'Again');
    expect(copy).toMatchObject({ id: 'c', name: 'Again', joins: board.joins });
    expect(copy).not.toHaveProperty('part');
    expect(copy.pieces.map(({ text }) => text)).toEqual(['thunderstorm', 'hail']);
    expect(at(copy, 'rain').width).toBeGreaterThan(at(board, 'rain').width);
    expect(at(copy, 'rain')).toMatchObject({ x: 200, y: 400 });
  });
});

const sort: Task = {
  interaction: 'sort',
  headings: [
    { id: 'ai', label: 'ai' },
    { id: 'ay', label: 'ay' },
  ],
  cards: [
    { id: '1', text: 'rain', home: 'ai', reason: '' },
    { id: '2', text: 'day', home: 'ay', reason: '' },
    { id: '3', text: 'hail', home: 'ai', reason: '' },
  ],
};
const order: Task = {
  interaction: 'order',
  sentence: true,
  items: [
    {
      id: 's',
      word: '',
      pieces: ['falls', 'The', 'rain'],
      key: ['The', 'rain', 'falls'],
      reason: '',
    },
  ],
};
const match: Task = {
  interaction: 'match',
  pairs: [
    { id: 'a', word: 'hot', left: { id: 'hot', text: 'hot' }, partner: 'cold', reason: '' },
    { id: 'b', word: 'wet', left: { id: 'wet', text: 'wet' }, partner: 'dry', reason: '' },
  ],
  rights: [
    { id: 'dry', text: 'dry' },
    { id: 'cold', text: 'cold' },
  ],
};
const laid = (task: Task) => boardFrom(task, [], { id: 'b', name: 'Sort', part: 'p', seed: 4 });
const verdicts = (board: PieceBoard, task: Task) =>
  Object.fromEntries(
    checkBoard(board, task).map(({ piece, is }) => [at(board, piece).text, is] as const),
  );
const named = (board: PieceBoard, text: string) =>
  board.pieces.find((piece) => piece.text === text)?.id ?? '';

describe('a board laid out from an exercise', () => {
  test('has its headings as places, its cards loose under them, and nothing over the edge', () => {
    const board = laid(sort);
    expect(board.places.map(({ label }) => label)).toEqual(['ai', 'ay']);
    expect(board.pieces.map(({ text }) => text).sort()).toEqual(['day', 'hail', 'rain']);
    for (const piece of board.pieces) {
      expect(placeOf(piece, board)).toBeUndefined();
      expect(piece.x + piece.width / 2).toBeLessThanOrEqual(BOARD.width);
      expect(piece.y + piece.height / 2).toBeLessThanOrEqual(BOARD.height);
    }
    expect(canBeLaid(sort)).toBe(true);
    expect(canBeLaid({ interaction: 'write', items: [], script: [] })).toBe(false);
  });

  test('a sort is right where the card is in its place; loose where it is in none', () => {
    let board = laid(sort);
    expect(verdicts(board, sort)).toEqual({ rain: 'loose', day: 'loose', hail: 'loose' });
    const [ai] = board.places;
    if (!ai) throw new Error('no place');
    board = putIn(putIn(board, named(board, 'rain'), ai), named(board, 'day'), ai);
    expect(verdicts(board, sort)).toEqual({ rain: 'right', day: 'wrong', hail: 'loose' });
    // One beside the other, not one over the other, and under the name of the place.
    const [rain, day] = [at(board, named(board, 'rain')), at(board, named(board, 'day'))];
    expect(Math.abs(rain.x - day.x)).toBeGreaterThanOrEqual((rain.width + day.width) / 2);
    expect(isIn(day, ai) && isIn(rain, ai)).toBe(true);
    expect(rain.y - rain.height / 2).toBeGreaterThan(ai.y + 40);
  });

  test('a sentence is right word by word, as it is read', () => {
    let board = laid(order);
    for (const [text, x] of [
      ['The', 200],
      ['falls', 500],
      ['rain', 800],
    ] as const) {
      board = moveTo(board, named(board, text), x, 80);
    }
    expect(verdicts(board, order)).toEqual({ The: 'right', falls: 'wrong', rain: 'wrong' });
    board = moveTo(board, named(board, 'falls'), 1200, 90);
    expect(verdicts(board, order)).toEqual({ The: 'right', rain: 'right', falls: 'right' });
  });

  test('partners are right where they are joined to their own', () => {
    const board = laid(match);
    const wrong = join(board, named(board, 'hot'), named(board, 'dry'));
    expect(verdicts(wrong, match)).toEqual({
      hot: 'wrong',
      dry: 'wrong',
      wet: 'loose',
      cold: 'loose',
    });
    const right = join(board, named(board, 'cold'), named(board, 'hot'));
    expect(verdicts(right, match)).toMatchObject({ hot: 'right', cold: 'right' });
  });

  test('the same seed lays it the same, another otherwise', () => {
    const other = boardFrom(sort, [], { id: 'b', name: 'Sort', part: 'p', seed: 9 });
    expect(laid(sort)).toEqual(laid(sort));
    expect([laid(sort), other].map(({ pieces }) => pieces.length)).toEqual([3, 3]);
  });
});

describe('reading a board', () => {
  test('by lines from the top, each from the left; a little lower is the same line', () => {
    let board = words('falls', 'rain', 'The', 'Stop');
    board = moveTo(board, 'The', 300, 200);
    board = moveTo(board, 'rain', 600, 220);
    board = moveTo(board, 'falls', 1000, 190);
    board = moveTo(board, 'Stop', 200, 700);
    expect(readingOrder(board.pieces).map((row) => row.map(({ text }) => text))).toEqual([
      ['The', 'rain', 'falls'],
      ['Stop'],
    ]);
    expect(sentencesOn(board)).toEqual(['The rain falls']);
  });

  test('where a piece is, in words', () => {
    let board = words('rain', 'hail');
    expect(sayWhere(at(board, 'rain'), board)).toBe('rain, middle, left');
    board = join(turn(moveTo(board, 'hail', 1500, 850), ['hail'], 30), 'rain', 'hail');
    expect(sayWhere(at(board, 'hail'), board)).toBe(
      'hail, bottom, right, turned 30 degrees, joined to rain',
    );
    const sorted = laid(sort);
    const [ai] = sorted.places;
    if (!ai) throw new Error('no place');
    const put = putIn(sorted, named(sorted, 'rain'), ai);
    expect(sayWhere(at(put, named(put, 'rain')), put)).toBe('rain, in ai');
    // In the learner's language, every word of it.
    const german: PlaceWords = {
      ...placeWords,
      atBottom: 'unten',
      atRight: 'rechts',
      turnedBy: 'um {n} Grad gedreht',
      joinedTo: 'verbunden mit {names}',
      inPlace: 'in {place}',
    };
    expect(sayWhere(at(board, 'hail'), board, german)).toBe(
      'hail, unten, rechts, um 30 Grad gedreht, verbunden mit rain',
    );
  });
});

describe('the pieces to cut out', () => {
  const style = sheetStyle(kestrels());
  const boxes = (kit: ReturnType<typeof kitOf>) =>
    kit.pages.map(({ marks }) =>
      marks.flatMap((mark) => (mark.kind === 'box' && mark.dashed ? [mark] : [])),
    );

  test('are to scale: a word twice as wide on the board is twice as wide on paper', () => {
    const board = resize(words('rain', 'hail'), ['hail'], 2);
    for (const scale of ['desk', 'table'] as const) {
      const [hail, rain] = boxes(kitOf(board, style, scale)).flat();
      expect(hail?.width).toBeCloseTo((rain?.width ?? 0) * 2);
      expect(rain?.height).toBeCloseTo(at(board, 'rain').height * kitScales[scale].scale);
    }
  });

  test('lie within the white edge of the page, and never over one another', () => {
    const many = words(...'rain hail snow sleet fog mist frost storm gale breeze'.split(' '));
    const { margin, width, height } = style.paper;
    const pages = boxes(kitOf(many, style, 'table', 4));
    expect(pages.flat()).toHaveLength(40);
    expect(pages.length).toBeGreaterThan(1);
    for (const page of pages) {
      for (const box of page) {
        expect(box.x).toBeGreaterThanOrEqual(margin);
        expect(box.x + box.width).toBeLessThanOrEqual(width - margin + 0.02);
        expect(box.y + box.height).toBeLessThanOrEqual(height - margin + 0.02);
        const over = page.filter(
          (other) =>
            other !== box &&
            Math.abs(other.x + other.width / 2 - box.x - box.width / 2) + 0.01 <
              (other.width + box.width) / 2 &&
            Math.abs(other.y + other.height / 2 - box.y - box.height / 2) + 0.01 <
              (other.height + box.height) / 2,
        );
        expect(over).toEqual([]);
      }
    }
  });

  test('what is larger than a page is made as large as one, and named', () => {
    const board = words('an uncommonly long piece of text for one card');
    expect(kitOf(board, style, 'desk').shrunk).toEqual([
      'an uncommonly long piece of text for one card',
    ]);
    expect(kitOf(emptyBoard('b', 'x'), style, 'desk').pages).toEqual([]);
  });
});

test.each(Object.keys(shapes) as Shape[])('the outline of a %s lies within its box', (shape) => {
  const numbers =
    shapePath(shape, 60, 180)
      .match(/-?\d+(?:\.\d+)?/g)
      ?.map(Number) ?? [];
  expect(numbers.length % 2).toBe(0);
  numbers.forEach((value, index) => {
    expect(value).toBeGreaterThanOrEqual(0);
    expect(value).toBeLessThanOrEqual(index % 2 === 0 ? 60 : 180);
  });
});
