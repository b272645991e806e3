import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  gamesWith,
  keptTable,
  newTable,
  pairable,
  standing,
  takeMoves,
  viewFor,
  winnerOf,
  type GameMove,
  type GameTable,
} from './games';

const item = (id: string) => ({ id, question: `${id}?`, answer: `${id}!`, reason: '' });
const items = [...'abcdefgh'].map(item);
const nameOf = (id: string) => ({ m: 'Mina', k: 'Kofi' })[id] ?? '';
const line = (count = 8) => newTable('t', 'line3', ['m', 'k'], items.slice(0, count), 5);
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
    expect(kofi.move(table, { at: 5 }).line).toEqual(table.line);
  });
});

test('a table that was kept and read back is played on', () => {
  const [mina, kofi] = [new Player('m'), new Player('k')];
  let table = mina.move(line(), { at: 0 });
  table = keptTable(JSON.parse(JSON.stringify(table)) as GameTable);
  table = kofi.move(table, { said: true });
  expect(seen(table, 'k').squares?.slice(0, 2)).toEqual([0, null]);
  expect(kofi.move(table, { at: 8 }).line?.asked).toBe(8);
});

describe('pairs to find', () => {
  const pairs = () => newTable('t', 'pairs', ['m', 'k'], items, 9);
  const places = (table: GameTable) => {
    const by = new Map<number, number[]>();
    table.pairs?.cards.forEach(({ pair }, at) => by.set(pair, [...(by.get(pair) ?? []), at]));
    return [...by.values()];
  };

  test('each pair is a question and its answer, both once', () => {
    const texts = pairs().pairs?.cards.map(({ text }) => text) ?? [];
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
    expect(table.pairs?.turn).toBe(0);
    // Two that do not belong together lie open until the other one turns a card.
    const d = places(table)[2]?.[0] ?? 0;
    table = mina.move(table, { at: c });
    table = mina.move(table, { at: d });
    expect(seen(table, 'k').cards?.[d]?.text).toBeDefined();
    expect(table.pairs?.turn).toBe(1);
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
    expect(gamesWith(odd)).toEqual(['line3', 'line4']);
    expect(gamesWith(items)).toEqual(['line3', 'line4', 'pairs']);
    expect(gamesWith([])).toEqual([]);
  });
});

test('whatever is sent, twice, late or nonsense: nothing is taken twice, and both see one game', () => {
  const move = fc.oneof(
    fc.record({ at: fc.integer({ min: -2, max: 40 }) }),
    fc.record({ said: fc.boolean() }),
    fc.constant(null),
    fc.constant('</script>'),
  );
  const steps = fc.array(fc.tuple(fc.constantFrom('m', 'k', 'stranger'), move), { maxLength: 80 });
  fc.assert(
    fc.property(fc.constantFrom('line3', 'line4', 'pairs'), steps, fc.nat(), (kind, all, seed) => {
      let table = newTable('t', kind as 'line3', ['m', 'k'], items, seed);
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
      expect(viewFor(table, 'stranger', nameOf)).toBeUndefined();
    }),
    { numRuns: 200 },
  );
});
