import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { codeFrom, CODE_SIGNS } from './messages';
import { answering, emptyOutbox, outboxFrom, storedAt } from './outbox';
import { pairsOf } from './pairs';
import { answered, emptyRoom, joined, left, plainName, roomFrom, sentOut } from './room-state';
import { thoughts } from './thoughts';
import type { RoomQuestion } from './show';

const withNames = (...names: string[]) =>
  names.reduce((room, name, at) => joined(room, `m${at}`, name) ?? room, emptyRoom);
const answer = (turn: number, said = `turn ${turn}`) => ({
  id: `answer-${turn}`,
  exercise: 'e',
  turn,
  response: { i: said },
});

describe('a code', () => {
  test('is read as it may be typed', () => {
    for (const typed of ['KF47TB', 'kf47tb', 'kf4 7tb', ' KF4-7TB ']) {
      expect(codeFrom(typed)).toBe('KF47TB');
    }
    for (const wrong of ['', 'KF47T', 'KF47TBB', 'AF47TB', 'KF47T!']) {
      expect(codeFrom(wrong)).toBeUndefined();
    }
  });

  test('has no vowel to make a word of, and no signs that look alike', () => {
    expect(CODE_SIGNS).not.toMatch(/[AEIOUYL013]/);
  });
});

describe('who is in the room', () => {
  test('a second of a name gets a number; who comes back keeps hers', () => {
    const room = withNames('Mina', 'MINA', 'mina', 'Kofi');
    expect(room.members.map(({ name }) => name)).toEqual(['Mina', 'MINA 2', 'mina 3', 'Kofi']);
    const back = joined(left(room, 'm1'), 'm1', 'Somebody else');
    expect(back?.members[1]).toEqual({ id: 'm1', name: 'MINA 2', here: true });
  });

  test('signs that are not seen, and lines, are no part of a name', () => {
    expect(plainName('  Mi\u200Bna\n\u202EK. ')).toBe('MinaK.');
    expect(plainName('<b>Mina</b>')).toBe('<b>Mina</b>');
  });

  test('sixty come in, no more; one who leaves for good makes room', () => {
    const full = withNames(...Array.from({ length: 60 }, (_, at) => `Learner ${at}`));
    expect(joined(full, 'late', 'Late')).toBeUndefined();
    expect(joined(sentOut(full, 'm0'), 'late', 'Late')?.members).toHaveLength(60);
  });

  test('what was kept is a room again, with nobody in it yet; what is no room is an empty one', () => {
    const room = answered(withNames('Mina'), 'm0', answer(1));
    const kept = roomFrom(JSON.parse(JSON.stringify(room)));
    expect(kept.members[0]?.here).toBe(false);
    expect(kept.answers).toEqual(room.answers);
    for (const wrong of [undefined, null, 7, {}, { members: 1 }]) {
      expect(roomFrom(wrong)).toEqual(emptyRoom);
    }
  });
});

describe('answers', () => {
  test('in whatever order and however often they come, the last turn is kept, once', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 30 }),
        (turns) => {
          const room = turns.reduce(
            (present, turn) => answered(present, 'm0', answer(turn)),
            withNames('Mina'),
          );
          const last = Math.max(...turns);
          expect(room.answers.m0).toEqual({
            e: { id: `answer-${last}`, turn: last, response: { i: `turn ${last}` } },
          });
        },
      ),
      { numRuns: 500, seed: 20261128 },
    );
  });

  test('of somebody who is not in the room they are not kept', () => {
    expect(answered(withNames('Mina'), 'stranger', answer(1)).answers).toEqual({});
  });

  test('wait in the outbox until stored; a newer one waits on', () => {
    const first = answering(emptyOutbox, 'one', 'e', { i: 'a' });
    const second = answering(first, 'two', 'e', { i: 'b' });
    expect(second.waiting.e?.turn).toBe(2);
    expect(Object.keys(storedAt(second, ['one']).waiting)).toEqual(['e']);
    const done = storedAt(second, ['two']);
    expect(done.waiting).toEqual({});
    // The next turn counts on, also after a reload.
    expect(answering(outboxFrom(JSON.parse(JSON.stringify(done))), 'x', 'e', {}).turns.e).toBe(3);
    expect(outboxFrom('nothing')).toEqual(emptyOutbox);
  });
});

describe('pairs', () => {
  test('everybody is in one; of an odd number three are together', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 41 }), fc.nat(1000), (count, seed) => {
        const all = Array.from({ length: count }, (_, at) => at);
        const pairs = pairsOf(all, seed);
        expect(pairs.flat().sort((one, other) => one - other)).toEqual(all);
        expect(pairs.filter(({ length }) => length === 3)).toHaveLength(count % 2);
        expect(pairs.every(({ length }) => length === 2 || length === 3)).toBe(true);
      }),
      { numRuns: 200, seed: 20261128 },
    );
    expect(pairsOf(['alone'], 1)).toEqual([]);
  });
});

describe('what a class thinks', () => {
  const ask = (kind: RoomQuestion['kind'], options: string[] = []): RoomQuestion => ({
    id: 'e',
    kind,
    text: 'What is it?',
    options,
  });
  const room = (...said: Record<string, unknown>[]) =>
    said.reduce<ReturnType<typeof withNames>>(
      (present, response, at) =>
        answered(present, `m${at}`, { id: `answer-${at}`, exercise: 'e', turn: 1, response }),
      withNames(...said.map((_, at) => `Learner ${at}`)),
    );

  test('options stand in their order with how many chose each; nothing else counts', () => {
    const found = thoughts(
      room({ said: 'no' }, { said: 'no' }, { said: 'yes' }, { said: '<script>' }),
      ask('choice', ['yes', 'no', 'not sure']),
    );
    expect(found.map(({ text, count }) => [text, count])).toEqual([
      ['yes', 1],
      ['no', 2],
      ['not sure', 0],
    ]);
  });

  test('words are gathered without their capitals, the most said first, five of each learner', () => {
    const many = Object.fromEntries(Array.from({ length: 9 }, (_, at) => [`said${at}`, `w${at}`]));
    const found = thoughts(
      room({ said1: 'Rain' }, { said1: 'rain ', said2: 'hail' }, many),
      ask('words'),
    );
    expect(found[0]).toEqual({ text: 'Rain', count: 2, members: ['m0', 'm1'] });
    expect(found).toHaveLength(2 + 5);
  });

  test('a sentence is one answer, in one line, of a bounded length', () => {
    const found = thoughts(
      room({ said: 'It  was\ncold.' }, { said: 'x'.repeat(900) }),
      ask('open'),
    );
    expect(found.map(({ text }) => text.length)).toEqual([12, 200]);
  });
});
