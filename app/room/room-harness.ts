/** A relay and those who use it, for tests: everything that was opened is closed after each. */
import { createServer as createHttp, type RequestListener, type Server } from 'node:http';
import { createServer as createHttps } from 'node:https';
import type { AddressInfo } from 'node:net';
import { afterEach, vi } from 'vitest';
import type { RoomContent } from '~core/room/show';
import { allowed } from '../../server/guard.mjs';
import { attachRoom } from '../../server/room/attach';
import { LearnerClient } from './learner-client';
import { TeacherClient } from './teacher-client';
import { t } from '~/phrases/t';

const nothing: RoomContent = { title: t('room.stormWords'), className: 'Kestrels', exercises: [] };
export const closing: (() => unknown)[] = [];
afterEach(async () => {
  for (const close of closing.splice(0).reverse()) await close();
});

export const until = <Value>(what: () => Value) =>
  vi.waitFor(
    () => {
      const value = what();
      if (!value) throw new Error(t('room.itNeverCame', { toString: what.toString() }));
      return value;
    },
    { timeout: 50_000, interval: 20 },
  );

interface Served {
  readonly port?: number;
  readonly redis?: string | undefined;
  /** Served over TLS with these, as PEM. */
  readonly tls?: { readonly key: string; readonly cert: string };
}

export async function serve({ port = 0, redis, tls }: Served = {}) {
  const hears: RequestListener = (_, response) => response.end();
  const server: Server = tls ? createHttps(tls, hears) : createHttp(hears);
  const close = await attachRoom(server, { allows: allowed(), redis });
  await new Promise<void>((done) => server.listen(port, '127.0.0.1', done));
  const { port: taken } = server.address() as AddressInfo;
  let open = true;
  const stop = async () => {
    if (!open) return;
    open = false;
    await close();
    server.close();
  };
  closing.push(stop);
  return { address: `${tls ? 'https' : 'http'}://127.0.0.1:${taken}`, port: taken, stop };
}

export const memory = () => {
  let kept: unknown;
  let writes = 0;
  return {
    read: () => kept,
    write: (next: unknown) => {
      writes += 1;
      kept = JSON.parse(JSON.stringify(next));
    },
    count: () => writes,
  };
};

export function teacherAt(address: string, store = memory(), content = nothing) {
  const teacher = new TeacherClient(content, store, () => undefined, address);
  closing.push(() => teacher.leave());
  return teacher;
}

export function learnerAt(address: string, code: string, name: string, store = memory()) {
  const learner = new LearnerClient(code, store, () => undefined, address);
  if (name !== '') learner.choose(name);
  closing.push(() => learner.leave());
  return learner;
}

export const codeOf = (teacher: TeacherClient) =>
  until(() => (teacher.present.state === 'open' ? teacher.present.code : undefined));

/** What the teacher has of a learner, by her name. */
export function answersOf(teacher: TeacherClient, name: string) {
  const { members, answers } = teacher.present.room;
  const id = members.find((member) => member.name === name)?.id ?? '';
  return Object.fromEntries(
    Object.entries(answers[id] ?? {}).map(([exercise, { response }]) => [exercise, response]),
  );
}
