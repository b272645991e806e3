import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { Random } from '../../kernel/random';
import { pairable, type PairsGame } from '../../board/pairs-game';
import { SAY_TURNS } from './say-and-do';
import type { GameMove, GameWord } from './rules';
import { simulatedMove } from './simulated';
import {
  gamesWith,
  newTable,
  roomGames,
  standing,
  tableFrom,
  takeMoves,
  viewFor,
  winnerOf,
  type GameTable,
  type RoomGame,
} from './table';

const item = (id: string) => ({ id, question: `${id}?`, answer: `${id}!`, reason: '' });
const items = [...'abcdefgh'].map(item);
const nameOf = (id: string) => ({ m: 'Mina', k: 'Kofi' })[id] ?? '';
const words: GameWord[] = ['hail', 'storm', 'rain', 'frost', 'sleet', 'mist'].map((text) => ({
  text,
  avoid: [text, 'ice'],
}));
const lots = ['hails', 'snows', 'pours', 'blows', 'drips'].map((answer, at) => ({
  id: `l${at}`,
  question: 'It ____ today.',
  answer,
  reason: 'one thing: -s',
  wrong: [answer.slice(0, -1)],
}));
const newGame = (kind: RoomGame, seed = 5, count = 8) =>
  newTable('t', kind, ['m', 'k'], { items: items.slice(0, count), words }, seed);
const line = (count = 8) => newGame('line3', 5, count);
const seen = (table: GameTable, who: string) => {
  const view = viewFor(table, who, nameOf);
  if (!view) throw new Error('not at the table');
  return view;
};

/** Sends a player's next move as she does: with all she made before. */
class Player {
  readonly moves: GameMove[] = [];

  constructor(private readonly id: string) {}

  move(table: GameTable, move: GameMove): GameTable {
    this.moves.push(move);
    return takeMoves(table, this.id, [...this.moves]);
  }
}

describe('squares for two', () => {
  test('one chooses and says, the other alone has the answer and judges', () => {
    const [mina, kofi] = [new Player('m'), new Player('k')];
    let table = mina.move(line(), { at: 4 });
    const [hers, his] = [seen(table, 'm'), seen(table, 'k')];
    expect(hers.question).toBe(his.question);
    expect(hers).not.toHaveProperty('answer');
    expect(his.answer).toBe(his.question?.replace('?', '!'));
    expect(hers.partner).toBe('Kofi');
    // Who answers does not judge herself, and who judges takes no square meanwhile.
    table = mina.move(table, { said: true });
    table = kofi.move(table, { at: 0 });
    expect(standing(table)).toEqual([0, 0]);
    table = kofi.move(table, { said: true });
    expect(seen(table, 'm').squares?.[4]).toBe(0);
    expect(seen(table, 'm').turn).toBe(1);
    expect(seen(table, 'k')).not.toHaveProperty('answer');
  });

  test('three right in a line end it; an item is not asked again before all were', () => {
    const [mina, kofi] = [new Player('m'), new Player('k')];
    let table = line(3);
    const asked: (string | undefined)[] = [];
    for (const [square, other] of [
      [0, 8],
      [1, 7],
      [2, 6],
    ] as const) {
      table = mina.move(table, { at: square });
      asked.push(seen(table, 'm').question);
      table = kofi.move(table, { said: true });
      if (winnerOf(table) !== undefined) break;
      table = kofi.move(table, { at: other });
      asked.push(seen(table, 'm').question);
      table = mina.move(table, { said: false });
    }
    expect(winnerOf(table)).toBe(0);
    expect(seen(table, 'k').line).toEqual([0, 1, 2]);
    expect(new Set(asked.slice(0, 3)).size).toBe(3);
    // What comes after the end changes nothing.
    expect(kofi.move(table, { at: 5 }).state).toEqual(table.state);
  });
});

test('a table that was kept and read back is played on', () => {
  const [mina, kofi] = [new Player('m'), new Player('k')];
  let table = mina.move(line(), { at: 0 });
  const kept = tableFrom(JSON.parse(JSON.stringify(table)));
  if (!kept) throw new Error('not read back');
  table = kofi.move(kept, { said: true });
  expect(seen(table, 'k').squares?.slice(0, 2)).toEqual([0, null]);
  expect(seen(kofi.move(table, { at: 8 }), 'm').question).toBeDefined();
  // What an older Wordane kept, or nobody, is no table.
  expect(tableFrom({ id: 't', kind: 'line3', players: ['m', 'k'], moved: [0, 0] })).toBeUndefined();
  expect(tableFrom({ ...table, kind: 'chess' })).toBeUndefined();
});

describe('pairs to find', () => {
  const pairs = () => newGame('pairs', 9);
  const of = (table: GameTable) => table.state as PairsGame;
  const places = (table: GameTable) => {
    const by = new Map<number, number[]>();
    of(table).cards.forEach(({ pair }, at) => by.set(pair, [...(by.get(pair) ?? []), at]));
    return [...by.values()];
  };

  test('each pair is a question and its answer, both once', () => {
    const texts = of(pairs()).cards.map(({ text }) => text);
    expect([...texts].sort()).toEqual(
      items.flatMap(({ question, answer }) => [question, answer]).sort(),
    );
  });

  test('a closed card is not told to anybody; a pair stays with who found it, who goes on', () => {
    const mina = new Player('m');
    const kofi = new Player('k');
    let table = pairs();
    const [[a = 0, b = 0] = [], [c = 0] = []] = places(table);
    expect(seen(table, 'm').cards?.every((card) => Object.keys(card).length === 0)).toBe(true);
    table = kofi.move(table, { at: a });
    expect(standing(table)).toEqual([0, 0]);
    table = mina.move(table, { at: a });
    table = mina.move(table, { at: b });
    expect(standing(table)).toEqual([1, 0]);
    expect(seen(table, 'k').cards?.[a]?.of).toBe(0);
    expect(of(table).turn).toBe(0);
    // Two that do not belong together lie open until the other one turns a card.
    const d = places(table)[2]?.[0] ?? 0;
    table = mina.move(table, { at: c });
    table = mina.move(table, { at: d });
    expect(seen(table, 'k').cards?.[d]?.text).toBeDefined();
    expect(of(table).turn).toBe(1);
    table = kofi.move(table, { at: c });
    expect(seen(table, 'm').cards?.[d]).toEqual({});
  });

  test('words that could be taken for each other are on no two cards', () => {
    const odd = [
      item('a'),
      { ...item('b'), answer: 'A!' },
      { ...item('c'), question: 'c', answer: 'c' },
      { ...item('d'), answer: '' },
    ];
    expect(pairable(odd).map(({ id }) => id)).toEqual(['a']);
    const all = ['line3', 'line4', 'tug', 'path'];
    expect(gamesWith({ items: odd, words: [] })).toEqual(all);
    expect(gamesWith({ items, words: [] })).toEqual(['line3', 'line4', 'pairs', 'tug', 'path']);
    expect(gamesWith({ items: [], words })).toEqual(['describe', 'vane', 'dice']);
    expect(gamesWith({ items: [...items, ...lots], words })).toEqual(Object.keys(roomGames));
    expect(gamesWith({ items: [], words: [] })).toEqual([]);
  });
});

describe('a rope and a path', () => {
  test('the one in turn answers, the other judges; five steps win', () => {
    const [mina, kofi] = [new Player('m'), new Player('k')];
    let table = newGame('tug');
    expect(seen(table, 'm')).not.toHaveProperty('answer');
    expect(seen(table, 'k').answer).toBeDefined();
    // She cannot judge herself.
    table = mina.move(table, { said: true });
    expect(seen(table, 'm').knot).toBe(0);
    for (let step = 0; step < 3; step += 1) {
      table = kofi.move(table, { said: true });
      if (winnerOf(table) === undefined) table = mina.move(table, { said: false });
    }
    // Right of hers and wrong of his both pull to her side.
    expect(standing(table)).toEqual([5, 0]);
    expect(winnerOf(table)).toBe(0);
    expect(seen(table, 'k')).not.toHaveProperty('question');
  });

  test('a throw is made once, and is walked only where the answer was right', () => {
    const [mina, kofi] = [new Player('m'), new Player('k')];
    let table = newGame('path');
    expect(seen(table, 'k')).not.toHaveProperty('question');
    table = kofi.move(table, { does: 'throw' });
    expect(seen(table, 'm').path?.thrown).toBeUndefined();
    table = mina.move(table, { does: 'throw' });
    const thrown = seen(table, 'm').path?.thrown ?? 0;
    expect(thrown).toBeGreaterThan(0);
    table = mina.move(table, { does: 'throw' });
    expect(seen(table, 'm').path?.thrown).toBe(thrown);
    table = kofi.move(table, { said: true });
    expect(standing(table)).toEqual([thrown, 0]);
    table = kofi.move(table, { does: 'throw' });
    table = mina.move(table, { said: false });
    expect(standing(table)).toEqual([thrown, 0]);
  });
});

describe('words between two', () => {
  test('a right answer opens a letter, and only she who was right may say the word', () => {
    const [mina, kofi] = [new Player('m'), new Player('k')];
    let table = newGame('hidden');
    const { word } = (table.state as { hidden: { word: string } }).hidden;
    expect(seen(table, 'k').letters?.every((letter) => letter === null)).toBe(true);
    // Before the answer was right, nothing can be said.
    const { state } = table;
    table = mina.move(table, { word });
    expect(table.state).toEqual(state);
    table = kofi.move(table, { said: true });
    expect(seen(table, 'm').letters?.filter((letter) => letter !== null)).toHaveLength(1);
    expect(seen(table, 'k')).not.toHaveProperty('guesses');
    table = mina.move(table, { word: ` ${word.toUpperCase()} ` });
    expect(standing(table)).toEqual([1, 0]);
    expect(seen(table, 'k').found).toEqual({ word, by: 0 });
    // A wrong word passes the turn, and the word stays covered.
    table = mina.move(table, { said: true });
    table = kofi.move(table, { word: 'sunshine' });
    expect(standing(table)).toEqual([1, 0]);
    expect(seen(table, 'm').turn).toBe(0);
  });

  test('no task says the word that is looked for', () => {
    const told = words.map(({ text }, at) => ({
      id: `${at}`,
      question: `The ${text} came.`,
      answer: text,
      reason: '',
    }));
    for (let seed = 0; seed < 30; seed += 1) {
      const table = newTable('t', 'hidden', ['m', 'k'], { items: told, words }, seed);
      const { word } = (table.state as { hidden: { word: string } }).hidden;
      expect(seen(table, 'm').question).not.toContain(word);
    }
  });

  test('the word that is described is seen by one alone, and then by the other', () => {
    const [mina, kofi] = [new Player('m'), new Player('k')];
    let table = newGame('describe');
    expect(seen(table, 'm').describe?.avoid).toContain('ice');
    expect(seen(table, 'k')).not.toHaveProperty('describe');
    // Who guesses does not say herself that she was right.
    const { state } = table;
    table = kofi.move(table, { said: true });
    expect(table.state).toEqual(state);
    table = mina.move(table, { said: true });
    // Found by the one who guessed.
    expect(standing(table)).toEqual([0, 1]);
    expect(seen(table, 'k').describe).toBeDefined();
    for (const [at, player] of [kofi, mina, kofi, mina, kofi].entries()) {
      table = player.move(table, { said: at !== 0 });
    }
    expect(winnerOf(table)).toBe(1);
  });

  test.each(['vane', 'dice'] as const)(
    '%s: a word comes up, the other says whether it was done',
    (kind) => {
      const [mina, kofi] = [new Player('m'), new Player('k')];
      let table = newGame(kind);
      const came: string[] = [];
      for (let turn = 0; turn < 2 * SAY_TURNS; turn += 1) {
        const [player, judge] = turn % 2 === 0 ? [mina, kofi] : [kofi, mina];
        table = judge.move(table, { does: 'throw' });
        table = player.move(table, { does: 'throw' });
        const { task, judges } = seen(table, turn % 2 === 0 ? 'm' : 'k');
        expect(judges).toBeUndefined();
        came.push(task?.word ?? '');
        table = judge.move(table, { said: turn < 3 });
      }
      expect(came.every((word) => words.some(({ text }) => text === word))).toBe(true);
      // Nobody gets the word that was just done.
      expect(came.every((word, at) => at === 0 || word !== came[at - 1])).toBe(true);
      expect(standing(table)).toEqual([2, 1]);
      expect(winnerOf(table)).toBe(0);
    },
  );

  test('bids go in turn; right sentences win what was bid, wrong ones lose it', () => {
    const [mina, kofi] = [new Player('m'), new Player('k')];
    let table = newTable('t', 'auction', ['m', 'k'], { items: lots, words: [] }, 3);
    expect(seen(table, 'm').lot).toMatchObject({ number: 1, of: 5, raises: true });
    expect(seen(table, 'm').lot).not.toHaveProperty('settled');
    table = mina.move(table, { does: 'raise' });
    const { state } = table;
    table = kofi.move(table, { does: 'next' });
    expect(table.state).toEqual(state);
    table = kofi.move(table, { does: 'raise' });
    table = mina.move(table, { does: 'pass' });
    const { settled } = seen(table, 'm').lot ?? {};
    expect(standing(table)).toEqual([100, settled?.right ? 120 : 80]);
    table = kofi.move(table, { does: 'next' });
    // The second begins with Kofi; nobody bids, and nobody wins.
    const before = standing(table);
    table = kofi.move(table, { does: 'pass' });
    table = mina.move(table, { does: 'pass' });
    expect(standing(table)).toEqual(before);
    expect(seen(table, 'k').lot?.settled).toBeDefined();
  });
});

test('every game that two simulated learners play comes to an end', () => {
  for (const kind of Object.keys(roomGames) as RoomGame[]) {
    for (let seed = 0; seed < 20; seed += 1) {
      const random = new Random(seed);
      const players = [new Player('m'), new Player('k')] as const;
      let table = newTable(
        't',
        kind,
        ['m', 'k'],
        { items: kind === 'auction' ? lots : items, words },
        seed,
      );
      let steps = 0;
      while (winnerOf(table) === undefined && steps < 400) {
        const before = table;
        for (const [at, id] of (['m', 'k'] as const).entries()) {
          const move = simulatedMove(seen(table, id), random);
          if (move) table = players[at as 0 | 1].move(table, move);
          if (table !== before) break;
        }
        // Somebody can always do something.
        expect(table, `${kind} ${seed}`).not.toBe(before);
        steps += 1;
      }
      expect(winnerOf(table), `${kind} ${seed}`).toBeDefined();
    }
  }
});

test('whatever is sent, twice, late or nonsense: nothing is taken twice, and both see one game', () => {
  const move = fc.oneof(
    fc.record({ at: fc.integer({ min: -2, max: 40 }) }),
    fc.record({ said: fc.boolean() }),
    fc.record({ word: fc.string() }),
    fc.record({ does: fc.constantFrom('throw', 'raise', 'pass', 'next', 'cheat') }),
    fc.constant(null),
    fc.constant('</script>'),
  );
  const steps = fc.array(fc.tuple(fc.constantFrom('m', 'k', 'stranger'), move), { maxLength: 80 });
  fc.assert(
    fc.property(
      fc.constantFrom(...(Object.keys(roomGames) as RoomGame[])),
      steps,
      fc.nat(),
      (kind, all, seed) => {
        const material = { items: [...items, ...lots], words };
        let table = newTable('t', kind, ['m', 'k'], material, seed);
        const sent: Record<string, unknown[]> = {};
        for (const [who, each] of all) {
          const moves = [...(sent[who] ?? []), each];
          sent[who] = moves;
          table = takeMoves(table, who, moves);
          const before = table;
          // What is sent again, or came on the way behind it, changes nothing.
          expect(takeMoves(table, who, moves)).toBe(before);
          expect(takeMoves(table, who, moves.slice(0, -1))).toBe(before);
        }
        const [one, other] = [seen(table, 'm'), seen(table, 'k')];
        expect(one.turn).toBe(other.turn);
        expect(one.squares).toEqual(other.squares);
        expect(one.cards).toEqual(other.cards);
        expect(one.letters).toEqual(other.letters);
        // The answer stands with the referee alone.
        expect(one.answer !== undefined && other.answer !== undefined).toBe(false);
        // It is kept as it is.
        expect(tableFrom(JSON.parse(JSON.stringify(table)))).toEqual(table);
        expect(viewFor(table, 'stranger', nameOf)).toBeUndefined();
      },
    ),
    { numRuns: 200 },
  );
});
