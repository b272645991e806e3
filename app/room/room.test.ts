import { spawn, type ChildProcess } from 'node:child_process';
import { connect as openSocket, createServer, type AddressInfo } from 'node:net';
import { describe, expect, test } from 'vitest';
import { ask, connect } from './socket';
import { Random } from '~core/kernel/random';
import {
  answersOf,
  closing,
  codeOf,
  learnerAt,
  memory,
  serve,
  teacherAt,
  until,
} from './room-harness';

describe('a room', () => {
  test('forty learners drop, sleep, come late and send twice: each answer is kept once', async () => {
    const { address } = await serve();
    const teacher = teacherAt(address);
    const code = await codeOf(teacher);
    const random = new Random(7);
    const last = new Map<string, Record<string, unknown>>();
    const learners = Array.from({ length: 40 }, (_, at) => ({ name: `Learner ${at}`, at }));
    const clients = await Promise.all(
      learners.map(async ({ name, at }) => {
        // The last ten come late.
        await new Promise((done) => setTimeout(done, at < 30 ? at * 5 : 600 + at * 10));
        const store = memory();
        let client = learnerAt(address, code, name, store);
        const given: Record<string, unknown> = {};
        for (let step = 0; step < 8; step += 1) {
          const exercise = `e${step % 3}`;
          const response = { i1: `${name} ${step}` };
          given[exercise] = response;
          client.answer(exercise, response);
          const chance = random.next();
          if (chance < 0.15 && client.present.state === 'in') client.drop();
          if (chance > 0.9) {
            // The page is loaded anew: only what is kept on the device goes on.
            client.leave();
            client = learnerAt(address, code, '', store);
          }
          await new Promise((done) => setTimeout(done, 20 + random.next() * 60));
        }
        last.set(name, given);
        return client;
      }),
    );
    await until(() => clients.every((client) => client.present.waiting === 0));
    expect(teacher.present.room.members.map(({ name }) => name).sort()).toEqual(
      learners.map(({ name }) => name).sort(),
    );
    for (const { name } of learners) expect(answersOf(teacher, name)).toEqual(last.get(name));
  }, 90_000);

  test('a server that is stopped in the middle: answers wait and arrive, in the same room', async () => {
    const first = await serve();
    const teacher = teacherAt(first.address);
    const code = await codeOf(teacher);
    const learner = learnerAt(first.address, code, 'Mina');
    await until(() => learner.present.state === 'in');
    await first.stop();
    await until(() => teacher.present.state === 'away');
    learner.answer('e1', { i1: 'hail' });
    expect(learner.present.waiting).toBe(1);
    await serve({ port: first.port });
    await until(() => learner.present.waiting === 0);
    expect(teacher.present.code).toBe(code);
    expect(answersOf(teacher, 'Mina')).toEqual({ e1: { i1: 'hail' } });
  }, 90_000);

  test('the teacher’s window is loaded anew: room, answers and class are there again', async () => {
    const { address } = await serve();
    const store = memory();
    const before = teacherAt(address, store);
    const code = await codeOf(before);
    const learner = learnerAt(address, code, 'Kofi');
    learner.answer('e1', { i1: 'rain' });
    await until(() => learner.present.state === 'in' && learner.present.waiting === 0);
    before.leave();
    learner.answer('e1', { i1: 'sleet' });
    const after = teacherAt(address, store);
    expect(await codeOf(after)).toBe(code);
    await until(() => learner.present.waiting === 0);
    expect(answersOf(after, 'Kofi')).toEqual({ e1: { i1: 'sleet' } });
    await until(() => after.present.room.members.filter(({ here }) => here).length === 1);
  }, 90_000);

  test('what is not stored is not said to be stored', async () => {
    const { address } = await serve();
    const store = memory();
    let full = false;
    const teacher = teacherAt(address, {
      ...store,
      write: (next: unknown) => {
        if (full) throw new Error('QuotaExceededError');
        store.write(next);
      },
    });
    const code = await codeOf(teacher);
    const learner = learnerAt(address, code, 'Asha');
    await until(() => learner.present.state === 'in');
    full = true;
    learner.answer('e1', { i1: 'gale' });
    await until(() => /no room left/.test(teacher.present.message));
    expect(learner.present.waiting).toBe(1);
    full = false;
    await until(() => learner.present.waiting === 0);
  }, 90_000);

  test('two of one name are told apart; one who is sent out does not come back by herself', async () => {
    const { address } = await serve();
    const teacher = teacherAt(address);
    const code = await codeOf(teacher);
    const one = learnerAt(address, code, 'Mina');
    await until(() => one.present.name === 'Mina');
    const other = learnerAt(address, code, 'mina');
    await until(() => other.present.name === 'mina 2');
    const id = teacher.present.room.members.find(({ name }) => name === 'mina 2')?.id ?? '';
    teacher.sendOut(id);
    await until(() => other.present.state === 'refused');
    expect(teacher.present.room.members.map(({ name }) => name)).toEqual(['Mina']);
    await teacher.close();
    await until(() => one.present.state === 'closed');
  }, 90_000);
});

describe('the relay', () => {
  test('refuses what is none of a room, in words', async () => {
    const { address } = await serve();
    const socket = connect(address);
    closing.push(() => socket.disconnect());
    const key = 'a-key-of-a-device';
    const say = async (event: string, message: object) => {
      const done = await ask(socket, event, message);
      return done.ok ? 'ok' : done.message;
    };
    expect(await say('join', { code: 'BCDFGH', key, name: '' })).toMatch(/no room with this code/);
    expect(await say('join', { code: 'nothing', key, name: '' })).toMatch(/none of a room/);
    expect(await say('join', { code: 'BCDFGH', key: 'x', name: '' })).toMatch(/key/);
    expect(await say('join', { code: 'BCDFGH', key, name: 'x'.repeat(41) })).toMatch(/40 letters/);
    expect(await say('join', { code: 'BCDFGH', key, name: '', more: 1 })).not.toBe('ok');
    expect(await say('tell', { kind: 'show', body: {} })).toMatch(/Only who opened/);
    const answer = { id: 'an-answer', exercise: 'e', turn: 1, response: {} };
    expect(await say('answer', answer)).toMatch(/Come into the room first/);
    expect(await say('answer', { ...answer, response: { i: 'x'.repeat(50_000) } })).toMatch(
      /too long/,
    );
  }, 90_000);

  test('lets nobody try codes for long', async () => {
    const { address } = await serve();
    const socket = connect(address);
    closing.push(() => socket.disconnect());
    const said = await Promise.all(
      Array.from({ length: 40 }, (_, at) =>
        ask(socket, 'join', {
          code: `BCDFG${'BCDFGHJKMNPQRSTVWXZ2456789'[at % 26]}`,
          key: 'a-key-of-a-device',
          name: '',
        }),
      ),
    );
    expect(said.filter((each) => !each.ok && /Too many codes/.test(each.message)).length).toBe(20);
  }, 90_000);

  test('hands no learner’s answer to another, and knows a stolen code from its owner', async () => {
    const { address } = await serve();
    const teacher = teacherAt(address);
    const code = await codeOf(teacher);
    const spy = connect(address);
    closing.push(() => spy.disconnect());
    const heard: string[] = [];
    spy.onAny((event: string) => heard.push(event));
    await ask(spy, 'join', { code, key: 'the-key-of-a-spy', name: 'Spy' });
    // With the code alone, the room is not hers: she gets one of her own.
    const stolen = await ask<{ code: string }>(spy, 'open', { secret: 'another-secret-key', code });
    expect(stolen.ok && stolen.code).not.toBe(code);
    const learner = learnerAt(address, code, 'Mina');
    await until(() => learner.present.state === 'in');
    learner.answer('e1', { i1: 'frost' });
    await until(() => learner.present.waiting === 0);
    expect(heard).not.toContain('answer');
    expect(heard).not.toContain('joined');
    expect(answersOf(teacher, 'Mina')).toEqual({ e1: { i1: 'frost' } });
  }, 90_000);

  test.each([
    ['another page’s origin', { Origin: 'http://elsewhere.example' }],
    ['a name that is not this server’s', { Host: 'elsewhere.example' }],
  ])('%s gets no connection', async (_, headers: Record<string, string>) => {
    const { port } = await serve();
    const all: Record<string, string> = { Host: `127.0.0.1:${port}`, ...headers };
    const status = await new Promise<string>((done) => {
      const socket = openSocket(port, '127.0.0.1', () =>
        socket.write(
          `GET /socket.io/?EIO=4&transport=polling HTTP/1.1\r\n${Object.entries(all)
            .map(([name, value]) => `${name}: ${value}`)
            .join('\r\n')}\r\nConnection: close\r\n\r\n`,
        ),
      );
      socket.once('data', (bytes) => done(bytes.toString().split('\r\n')[0] ?? ''));
    });
    expect(status).toContain('403');
  });
});

function freePort(): Promise<number> {
  return new Promise((done) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      server.close(() => done(port));
    });
  });
}

describe('two processes with a Redis between them', () => {
  /** Debian's redis-server in memory, on a port that is free; another where somebody is quicker. */
  async function redis(): Promise<string> {
    const port = await freePort();
    const running: ChildProcess = spawn(
      'redis-server',
      ['--port', String(port), '--save', '', '--appendonly', 'no', '--bind', '127.0.0.1'],
      { stdio: ['ignore', 'pipe', 'ignore'] },
    );
    closing.push(() => running.kill());
    const ready = await new Promise<boolean>((done, failed) => {
      running.once('error', failed);
      running.once('exit', () => done(false));
      running.stdout?.on('data', (text: Buffer) => {
        if (text.toString().includes('Ready to accept')) done(true);
      });
    });
    if (!ready) return redis();
    return `redis://127.0.0.1:${port}`;
  }

  test('one room has its members on both', async () => {
    const url = await redis();
    const [one, other] = [await serve({ redis: url }), await serve({ redis: url })];
    const teacher = teacherAt(one.address);
    const code = await codeOf(teacher);
    const near = learnerAt(one.address, code, 'Near');
    const far = learnerAt(other.address, code, 'Far');
    await until(() => near.present.state === 'in' && far.present.state === 'in');
    teacher.show({ paused: true });
    await until(() => near.present.show?.paused === true && far.present.show?.paused === true);
    far.answer('e1', { i1: 'far' });
    near.answer('e1', { i1: 'near' });
    await until(() => near.present.waiting + far.present.waiting === 0);
    expect(answersOf(teacher, 'Far')).toEqual({ e1: { i1: 'far' } });
    expect(answersOf(teacher, 'Near')).toEqual({ e1: { i1: 'near' } });
    // A process that starts later learns which rooms there are.
    const third = await serve({ redis: url });
    const late = learnerAt(third.address, code, 'Late');
    await until(() => late.present.state === 'in');
    await teacher.close();
    await until(() => far.present.state === 'closed');
  }, 90_000);
});
