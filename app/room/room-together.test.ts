/** What is done together in a room: a slate, games of two, another version for one; and a room over TLS. */
import { generate } from 'selfsigned';
import { describe, expect, onTestFinished, test } from 'vitest';
import { newTable } from '~core/room/games/table';
import { slatePlace } from '~core/room/posts';
import type { RoomContent, RoomExercise } from '~core/room/show';
import { boardFor, boardsIn, callPlace } from '~core/room/word-boards';
import { connectionOptions } from './socket';
import { answersOf, codeOf, learnerAt, memory, serve, teacherAt, until } from './room-harness';

const stroke = { tool: 'ink', points: [100, 100, 400, 300] } as const;
const exercise = (id: string, title: string) =>
  ({ id, print: title, exercise: { title } }) as unknown as RoomExercise;
const content: RoomContent = {
  title: 'Storm words',
  className: 'Kestrels',
  exercises: [exercise('e1', 'Gaps'), exercise('e2', 'Sort')],
};

async function roomOfTwo() {
  const { address } = await serve();
  const store = memory();
  const teacher = teacherAt(address, store, content);
  const code = await codeOf(teacher);
  const [mina, kofi] = [learnerAt(address, code, 'Mina'), learnerAt(address, code, 'Kofi')];
  await until(() => mina.present.state === 'in' && kofi.present.state === 'in');
  const idOf = (name: string) =>
    teacher.present.room.members.find((member) => member.name === name)?.id ?? '';
  return { address, store, code, teacher, mina, kofi, idOf };
}

describe('together', () => {
  test('who has the pen draws, and all see it; who has it not, draws nothing', async () => {
    const { teacher, mina, kofi, idOf } = await roomOfTwo();
    const slate = { id: 's1', text: 'The wind ___ all night.' };
    teacher.slate({ ...slate, pen: idOf('Mina') });
    teacher.draw([{ tool: 'red', points: [1, 1, 9, 9] }]);
    await until(() => mina.present.show?.slate?.pen === mina.present.member);
    mina.answer(slatePlace('s1'), { strokes: [stroke] });
    kofi.answer(slatePlace('s1'), { strokes: [{ ...stroke, tool: 'light' }] });
    await until(() => kofi.present.slate?.strokes.length === 2);
    expect(kofi.present.slate?.strokes.map(({ tool }) => tool)).toEqual(['red', 'ink']);
    await until(() => kofi.present.waiting === 0);
    expect(answersOf(teacher, 'Kofi')).toEqual({});
    // Handed on, her strokes stay; wiped, it is clean for all.
    teacher.slate({ ...slate, pen: idOf('Kofi') });
    kofi.answer(slatePlace('s1'), { strokes: [{ ...stroke, tool: 'light' }] });
    await until(() => mina.present.slate?.strokes.length === 3);
    teacher.slate({ id: 's2', text: slate.text });
    await until(() => mina.present.slate?.id === 's2');
    expect(mina.present.slate?.strokes).toEqual([]);
    expect(teacher.present.drawn).toEqual([]);
  }, 90_000);

  test('two play on their own screens; a screen or a desk that is loaded anew goes on', async () => {
    const { address, store, code, teacher, mina, kofi, idOf } = await roomOfTwo();
    const items = [...'abcdef'].map((id) => ({ id, question: `${id}?`, answer: id, reason: '' }));
    const players = [idOf('Mina'), idOf('Kofi')] as const;
    teacher.play([newTable('t', 'line3', players, { items, words: [] }, 3)]);
    await until(() => mina.present.game && kofi.present.game);
    expect(mina.present.game?.partner).toBe('Kofi');
    mina.answer('game t', { moves: [{ at: 4 }] });
    await until(() => kofi.present.game?.answer !== undefined);
    expect(mina.present.game).not.toHaveProperty('answer');
    teacher.leave();
    const again = teacherAt(address, store, content);
    await codeOf(again);
    // What Kofi sends while the desk comes back is taken by it.
    kofi.answer('game t', { moves: [{ said: true }] });
    await until(() => mina.present.game?.squares?.[4] === 0);
    await until(() => kofi.present.waiting === 0);
    const late = learnerAt(address, code, 'Late');
    await until(() => late.present.state === 'in');
    expect(late.present.game).toBeUndefined();
    again.play([]);
    await until(() => mina.present.game === undefined && kofi.present.game === undefined);
  }, 90_000);

  test('words are called: each has a board of her own, and nobody knows what comes next', async () => {
    const { address, store, teacher, mina, kofi, idOf } = await roomOfTwo();
    const words = ['hail', 'rain', 'snow', 'mist', 'wind', 'frost', 'cloud', 'storm', 'sleet'];
    teacher.callWords(words, 5);
    await until(() => mina.present.show?.call && kofi.present.show?.call);
    const call = mina.present.show?.call;
    if (!call) throw new Error('no call');
    expect(JSON.stringify(mina.present.show)).not.toContain('order');
    expect(call).not.toHaveProperty('shown');
    teacher.callOn();
    const first = teacher.present.calling?.order[0] ?? '';
    const at = boardFor(call, idOf('Mina')).indexOf(first);
    mina.answer(callPlace(call.id), { marked: [at] });
    await until(() => mina.present.waiting === 0);
    const standing = () => {
      const { room, calling } = teacher.present;
      return calling ? boardsIn(room, call, calling) : [];
    };
    expect(standing().find(({ member }) => member === idOf('Mina'))?.right).toEqual([first]);
    // Shown too where the teacher says so, and what is taken back is not shown.
    teacher.callOn();
    teacher.showCalled(true);
    await until(() => kofi.present.show?.call?.shown?.length === 2);
    teacher.callOn(true);
    await until(() => kofi.present.show?.call?.shown?.length === 1);
    // The desk is loaded anew, and goes on where it was.
    teacher.leave();
    const again = teacherAt(address, store, content);
    await codeOf(again);
    expect(again.present.calling).toMatchObject({ called: 1 });
    again.show({ exercise: 'e1', call: undefined });
    await until(() => kofi.present.show?.call === undefined);
    expect(again.present.calling).toBeUndefined();
  }, 90_000);

  test('one learner has another version of an exercise, and the others do not', async () => {
    const { teacher, mina, kofi, idOf } = await roomOfTwo();
    // Given before they are made: she has it as soon as they are.
    teacher.give(idOf('Mina'), 'support');
    teacher.withVersions({ support: [exercise('e1', 'Gaps, with help')], stretch: [] });
    const titles = (learner: typeof mina) =>
      learner.present.content?.exercises.map(({ exercise: { title } }) => title);
    await until(() => titles(mina)?.[0] === 'Gaps, with help');
    // What has no such version is as it is for all, in its place.
    expect(titles(mina)).toEqual(['Gaps, with help', 'Sort']);
    expect(titles(kofi)).toEqual(['Gaps', 'Sort']);
    mina.drop();
    await until(() => mina.present.state === 'in');
    expect(titles(mina)?.[0]).toBe('Gaps, with help');
    teacher.give(idOf('Mina'), undefined);
    await until(() => titles(mina)?.[0] === 'Gaps');
  }, 90_000);
});

test('over TLS a room is the same room', async () => {
  // Nobody vouches for a certificate that is made for a test.
  connectionOptions.rejectUnauthorized = false;
  onTestFinished(() => void delete connectionOptions.rejectUnauthorized);
  const { private: key, cert } = generate([{ name: 'commonName', value: '127.0.0.1' }], {
    keySize: 2048,
  });
  const { address } = await serve({ tls: { key, cert } });
  expect(address).toMatch(/^https:/);
  const teacher = teacherAt(address, memory(), content);
  const learner = learnerAt(address, await codeOf(teacher), 'Mina');
  await until(() => learner.present.state === 'in');
  learner.answer('e1', { i1: 'hail' });
  await until(() => learner.present.waiting === 0);
  expect(answersOf(teacher, 'Mina')).toEqual({ e1: { i1: 'hail' } });
}, 90_000);
