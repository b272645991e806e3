import { describe, expect, test } from 'vitest';
import { build } from './build';
import type { BuildTask } from './build/task';
import { choice } from './choice';
import type { ChoiceTask } from './choice/task';
import { gap } from './gap';
import type { GapTask } from './gap/task';
import { markTask } from './index';
import { findInGrid } from './spot/letter-grid';
import { match } from './match';
import type { MatchTask } from './match/task';
import { order } from './order';
import type { OrderTask } from './order/task';
import { point } from './point';
import type { PointTask } from './point/task';
import { checkSentence } from '../../languages/shared/sentence-check';
import { sort } from './sort';
import type { SortTask } from './sort/task';
import { spot } from './spot';
import type { SpotTask } from './spot/task';
import { write } from './write';
import type { WriteTask } from './write/task';

describe('choice', () => {
  const task: ChoiceTask = {
    interaction: 'choice',
    items: [
      {
        id: 'a',
        word: 'rain',
        prompt: 'Which falls?',
        options: [
          { id: '1', text: 'rain', right: true },
          { id: '2', text: 'rein', right: false, feedback: 'That leads a horse.' },
        ],
        reason: 'Rain falls.',
      },
    ],
  };

  test('the wrong answer’s own feedback comes before the reason', () => {
    expect(markTask(task, { a: '2' })).toMatchObject({
      score: 0,
      outOf: 1,
      feedback: ['That leads a horse. Rain falls.'],
    });
    expect(markTask(task, { a: '1' }).score).toBe(1);
  });

  test('two right answers, none, or one twice are named', () => {
    const [item] = task.items;
    const options = (rights: readonly boolean[]) =>
      rights.map((right, index) => ({ id: `${index}`, text: `rain ${index}`, right }));
    const problems = (rights: readonly boolean[]) =>
      choice.validate({
        ...task,
        items: [{ ...(item as never as object), options: options(rights) } as never],
      });
    expect(problems([true, true])[0]).toBe('rain has 2 right answers; it needs one.');
    expect(problems([false, false])[0]).toBe('rain has 0 right answers; it needs one.');
    expect(problems([true])).toContain('rain has nothing to choose from.');
  });
});

describe('gap', () => {
  const task: GapTask = {
    interaction: 'gap',
    bank: [],
    items: [
      {
        id: 'a',
        word: 'sea',
        pieces: [
          { kind: 'text', text: 's' },
          { kind: 'gap', answer: 'ea', accepted: ['ee'] },
        ],
        key: 'sea',
        reason: 'ea',
      },
    ],
  };

  test('case, spaces and the shape of an apostrophe do not count', () => {
    expect(markTask(task, { a: [' EA '] }).score).toBe(1);
    expect(markTask(task, { a: ['ee'] }).score).toBe(1);
    expect(markTask(task, { a: ['ai'] }).score).toBe(0);
    expect(markTask(task, {}).feedback).toEqual(['sea: ea']);
  });

  test('an item without a gap is named', () => {
    const [item] = task.items;
    const empty = { ...task, items: [{ ...(item as object), pieces: [] } as never] };
    expect(gap.validate(empty)[0]).toMatch(/has nothing to fill in/);
  });

  test('a crossing square that would need two letters is named, and a word outside the grid', () => {
    const items = [
      { ...(task.items[0] as object), id: 'a', key: 'sea', word: 'sea' },
      { ...(task.items[0] as object), id: 'b', key: 'rain', word: 'rain' },
      { ...(task.items[0] as object), id: 'c', key: 'fog', word: 'fog' },
    ] as never;
    const crossing = {
      rows: 4,
      columns: 4,
      entries: [
        { item: 'a', row: 0, column: 0, down: false },
        { item: 'b', row: 0, column: 0, down: true },
      ],
    };
    expect(gap.validate({ ...task, items, crossing })).toEqual([
      'A square would need s and r at once.',
      'fog is not in the grid.',
    ]);
  });
});

describe('match', () => {
  const task: MatchTask = {
    interaction: 'match',
    pairs: [
      {
        id: 'a',
        word: 'hot',
        left: { id: 'hot', text: 'hot' },
        partner: 'cold',
        reason: 'They are opposites.',
      },
    ],
    rights: [{ id: 'cold', text: 'cold' }],
  };

  test('is marked by the partner', () => {
    expect(markTask(task, { a: 'cold' }).score).toBe(1);
    expect(markTask(task, { a: 'warm' }).feedback).toEqual(['They are opposites.']);
  });

  test('a pair without its partner is named', () => {
    expect(match.validate({ ...task, rights: [] })[0]).toBe('hot has no partner.');
  });

  describe('a side that is there twice', () => {
    const side = (id: string, text: string) => ({ id, text });
    const pair = (id: string, left: string, partner: string) => ({
      id,
      word: left + partner,
      left: side(`left ${id}`, left),
      partner,
      reason: '',
    });
    const twice: MatchTask = {
      interaction: 'match',
      pairs: [pair('a', 'snow', 'man'), pair('b', 'snow', 'ball'), pair('c', 'rain', 'bow')],
      rights: [side('man', 'man'), side('ball', 'ball'), side('bow', 'bow')],
    };

    test.each([
      [{ a: 'man', b: 'ball', c: 'bow' }, 3],
      // Which snow is joined to which is all the same.
      [{ a: 'ball', b: 'man', c: 'bow' }, 3],
      // But each partner once.
      [{ a: 'man', b: 'man', c: 'bow' }, 2],
      [{ a: 'bow', b: 'ball', c: 'man' }, 1],
    ])('%j scores %i', (response, score) => {
      expect(match.validate(twice)).toEqual([]);
      expect(markTask(twice, response).score).toBe(score);
    });

    test('of two partners that look the same either is right', () => {
      const doubled: MatchTask = {
        ...twice,
        pairs: [pair('a', 'big', 'x'), pair('b', 'large', 'y')],
        rights: [side('x', 'huge'), side('y', 'Huge')],
      };
      expect(markTask(doubled, { a: 'y', b: 'x' }).score).toBe(2);
    });
  });
});

describe('order', () => {
  const task: OrderTask = {
    interaction: 'order',
    items: [
      {
        id: 'a',
        word: 'rain',
        pieces: ['ai', 'n', 'r'],
        key: ['r', 'ai', 'n'],
        reason: 'r · ai · n',
      },
    ],
  };

  test('only the whole order is right', () => {
    expect(markTask(task, { a: ['r', 'ai', 'n'] }).score).toBe(1);
    expect(markTask(task, { a: ['r', 'n', 'ai'] }).score).toBe(0);
    expect(markTask(task, { a: ['r', 'ai'] }).score).toBe(0);
  });

  test('pieces that stand in order already, or do not make the word, are named', () => {
    const with_ = (pieces: string[]) =>
      order.validate({ ...task, items: [{ ...(task.items[0] as object), pieces } as never] });
    expect(with_(['r', 'ai', 'n'])).toEqual(['The pieces of rain stand in order already.']);
    expect(with_(['r', 'ai', 't'])).toEqual(['The pieces of rain do not make it.']);
  });
});

describe('sort', () => {
  const task: SortTask = {
    interaction: 'sort',
    headings: [
      { id: 'ai', label: 'ai' },
      { id: 'ay', label: 'ay' },
    ],
    cards: [
      { id: '1', text: 'rain', home: 'ai', reason: 'In rain it is ai.' },
      { id: '2', text: 'day', home: 'ay', reason: 'In day it is ay.' },
    ],
  };

  test('each card counts', () => {
    expect(markTask(task, { 1: 'ai', 2: 'ai' })).toMatchObject({
      score: 1,
      outOf: 2,
      feedback: ['In day it is ay.'],
    });
  });

  test('a card with no home, a card twice and a lone heading are named', () => {
    expect(
      sort.validate({
        ...task,
        headings: task.headings.slice(0, 1),
        cards: [...task.cards, { id: '3', text: 'Rain', home: 'ai', reason: '' }],
      }),
    ).toEqual([
      'A sort needs two headings or more.',
      'day belongs under no heading.',
      'Rain is there twice.',
    ]);
  });
});

describe('spot', () => {
  const task: SpotTask = {
    interaction: 'spot',
    text: 'rain day',
    layout: 'text',
    listed: false,
    items: [
      { id: 'a', word: 'rain', find: 'ai', place: [1, 2], reason: 'ai says its name.' },
      { id: 'b', word: 'day', find: 'ay', place: [6, 7], reason: 'ay at the end.' },
    ],
  };

  test('the exact letters count, and picking everything is not right', () => {
    expect(markTask(task, { a: [1, 2], b: [6, 7] }).score).toBe(2);
    expect(markTask(task, { a: [0, 1, 2, 3], b: [6, 7] }).score).toBe(1);
    const all = { a: [1, 2], b: [6, 7], x: [0], y: [3] };
    expect(markTask(task, all)).toMatchObject({ score: 0, outOf: 2 });
    expect(markTask(task, all).feedback[0]).toBe('2 more were picked than asked for.');
  });

  test('a key that does not stand where it says is named', () => {
    const moved = { ...task, items: [{ ...(task.items[0] as object), place: [0, 1] } as never] };
    expect(spot.validate(moved)[0]).toContain('does not stand in the text where the key says');
  });

  test('in a grid a word may be picked from either end, and must stand once', () => {
    const grid: SpotTask = {
      ...task,
      layout: 'grid',
      text: 'fog\nxxo\nxxg',
      items: [{ id: 'a', word: 'fog', find: 'fog', place: [0, 1, 2], reason: '' }],
    };
    expect(spot.validate(grid)).toEqual([]);
    expect(markTask(grid, { a: [2, 1, 0] }).score).toBe(1);
    const twice = { ...grid, text: 'fog\nxox\nfxg' };
    expect(spot.validate({ ...twice, text: 'fog\noxx\ngxx' })[0]).toContain('can be found 2 times');
  });
});

describe('a grid of letters', () => {
  const rows = ['cat', 'xao', 'tag'];

  test('is looked through in all eight directions', () => {
    expect(findInGrid(rows, 'cat')).toEqual([[0, 1, 2]]);
    // Down, slantwise and backwards.
    expect(findInGrid(rows, 'tog')).toEqual([[2, 6, 10]]);
    expect(findInGrid(rows, 'cag')).toEqual([[0, 5, 10]]);
    expect(findInGrid(rows, 'tac')).toEqual([[2, 1, 0]]);
    expect(findInGrid(rows, 'dog')).toEqual([]);
  });

  test('a word that reads the same from both ends stands once', () => {
    expect(findInGrid(['noon', 'xxxx'], 'noon')).toHaveLength(1);
  });
});

describe('write', () => {
  const item = {
    id: 'a',
    word: 'rain',
    prompt: '',
    answer: 'The rain fell on us.',
    accepted: [],
    checks: { words: ['rain'], fewest: 4 },
    reason: 'Any good sentence is right.',
  };
  const task: WriteTask = { interaction: 'write', items: [item], script: [] };

  test('a free sentence is marked by what can be computed, and told what is missing', () => {
    expect(markTask(task, { a: 'We like rain in May!' }).score).toBe(1);
    const { feedback } = markTask(task, { a: 'we like snow' });
    expect(feedback).toEqual([
      'Use the word rain. Write 4 words or more: there are 3. Begin with a capital letter. End with a full stop, a question mark or an exclamation mark.',
    ]);
  });

  test('the word must stand whole', () => {
    expect(checkSentence('The train came to us.', item.checks)).toEqual(['Use the word rain.']);
    expect(checkSentence('“Rain fell on us!”', item.checks)).toEqual([]);
    expect(checkSentence('   ', item.checks)).toEqual(['Write a sentence.']);
  });

  test('a model that breaks its own checks is named', () => {
    const broken = { ...task, items: [{ ...item, answer: 'Rain.' }] };
    expect(write.validate(broken)[0]).toContain('does not meet its own checks');
  });
});

describe('point', () => {
  const task: PointTask = {
    interaction: 'point',
    answer: 'ring',
    bank: [],
    scene: {
      height: 0.5,
      things: [
        { id: 'sun', picture: 'sun', x: 0, y: 0, width: 0.2, height: 0.2 },
        { id: 'cat', picture: 'cat', x: 0.5, y: 0.1, width: 0.2, height: 0.2 },
      ],
    },
    items: [{ id: 'a', word: 'cat', thing: 'cat', reason: 'The cat is there.' }],
  };

  test('a point on the thing is right, its edge too, and nothing else', () => {
    expect(markTask(task, { a: [0.6, 0.2] }).score).toBe(1);
    expect(markTask(task, { a: [0.5, 0.1] }).score).toBe(1);
    expect(markTask(task, { a: [0.1, 0.1] }).score).toBe(0);
    expect(markTask(task, {}).feedback).toEqual(['The cat is there.']);
  });

  test('things over each other, or one picture twice, are named', () => {
    const { things } = task.scene;
    const over = { ...(things[0] as object), id: 'sun2', x: 0.1 } as never;
    const problems = point.validate({ ...task, scene: { height: 0.5, things: [...things, over] } });
    expect(problems).toEqual([
      'sun and sun lie over each other.',
      'sun is in the picture twice, so that two places would be right.',
    ]);
  });
});

describe('build', () => {
  const task: BuildTask = {
    interaction: 'build',
    board: 'wheel',
    centre: 'ain',
    places: [
      { id: 'word', label: 'Real words' },
      { id: 'no-word', label: 'Not words' },
    ],
    pieces: [
      { id: '1', text: 'r', word: 'rain', place: 'word', reason: 'rain is a word.' },
      { id: '2', text: 'gl', place: 'no-word', reason: 'glain is none.' },
    ],
  };

  test('each piece counts where it was put', () => {
    expect(markTask(task, { 1: 'word', 2: 'word' })).toMatchObject({
      score: 1,
      outOf: 2,
      feedback: ['glain is none.'],
    });
  });

  test('a piece without a place, or twice, is named; only words are checked for reach', () => {
    const pieces = [...task.pieces, { id: '3', text: 'R', place: 'nowhere', reason: '' }];
    expect(build.validate({ ...task, pieces })).toEqual([
      'The piece R has no place.',
      'The piece R is there twice.',
    ]);
    expect(build.wordsOf(task)).toEqual(['rain']);
  });
});
