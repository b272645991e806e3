/**
 * Rooms under load, on this machine alone: fifty rooms of forty learners on two
 * processes with a Redis between them. Printed: answers lost, the time from an
 * answer to the teacher's screen as a ratio to a bare echo over TCP measured
 * meanwhile, and the memory of a room.
 */
import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { connect } from 'node:net';
import { setTimeout as wait } from 'node:timers/promises';
import { LearnerClient } from '../app/room/learner-client';
import { TeacherClient } from '../app/room/teacher-client';

const ROOMS = Number(process.env['ROOMS'] ?? 50);
const LEARNERS = Number(process.env['LEARNERS'] ?? 40);
const ANSWERS = 4;
/** Milliseconds between two answers of one learner. */
const BETWEEN = 5000;
const addresses = (process.env['ROOM_ADDRESSES'] ?? '').split(',');
const pids = (process.env['ROOM_PIDS'] ?? '').split(',').map(Number);

const megabytes = () =>
  pids.reduce((sum, pid) => {
    const status = readFileSync(`/proc/${pid}/status`, 'utf8');
    return sum + Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024;
  }, 0);

const share = (sorted: readonly number[], part: number) =>
  sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))] ?? 0;
const inOrder = (times: readonly number[]) => [...times].sort((one, other) => one - other);

/** A process that sends back what it gets, and nothing else. */
async function bareEcho(): Promise<{ child: ChildProcess; port: number }> {
  const child = spawn(process.execPath, [
    '-e',
    'require("node:net").createServer((s) => s.on("error", () => 0).pipe(s)).listen(0, "127.0.0.1", function () { console.log(this.address().port); })',
  ]);
  const port = await new Promise<number>((done) =>
    child.stdout.once('data', (text: Buffer) => done(Number(text.toString()))),
  );
  return { child, port };
}

const memory = () => {
  let kept: unknown;
  return { read: () => kept, write: (next: unknown) => (kept = next) };
};

const content = { title: 'Storm words', className: 'Kestrels', exercises: [] };
const empty = megabytes();

interface OpenRoom {
  readonly teacher: TeacherClient;
  readonly learners: LearnerClient[];
}

const sent = new Map<string, number>();
const arrived: number[] = [];

const rooms: OpenRoom[] = [];
for (let at = 0; at < ROOMS; at += 1) {
  const teacher: TeacherClient = new TeacherClient(
    content,
    memory(),
    ({ room }) => {
      const now = performance.now();
      for (const answers of Object.values(room.answers)) {
        for (const { response } of Object.values(answers)) {
          const begun = sent.get(String(response['said']));
          if (begun === undefined) continue;
          sent.delete(String(response['said']));
          arrived.push(now - begun);
        }
      }
    },
    addresses[at % addresses.length],
  );
  rooms.push({ teacher, learners: [] });
}
const until = async (what: () => boolean, most: number) => {
  const end = performance.now() + most;
  while (!what() && performance.now() < end) await wait(50);
  return what();
};
await until(() => rooms.every(({ teacher }) => teacher.present.state === 'open'), 30_000);

for (const [at, { teacher, learners }] of rooms.entries()) {
  for (let index = 0; index < LEARNERS; index += 1) {
    // A room's members are on different processes.
    const address = addresses[(at + index) % addresses.length];
    const learner = new LearnerClient(
      teacher.present.code ?? '',
      memory(),
      () => undefined,
      address,
    );
    learner.choose(`Learner ${index}`);
    learners.push(learner);
  }
  await wait(60);
}
const all = rooms.flatMap(({ learners }) => learners);
const came = await until(() => all.every(({ present }) => present.state === 'in'), 90_000);
console.log(
  `rooms ${ROOMS} of ${LEARNERS}: ${all.filter(({ present }) => present.state === 'in').length} of ${all.length} learners in${came ? '' : ', not all'}`,
);
const full = megabytes();

const { child, port } = await bareEcho();
const echo = connect(port, '127.0.0.1');
const echoed: number[] = [];
let echoing = true;
void (async () => {
  while (echoing) {
    const begun = performance.now();
    echo.write('x'.repeat(200));
    await new Promise((done) => echo.once('data', done));
    echoed.push(performance.now() - begun);
    await wait(20);
  }
})();

let given = 0;
await Promise.all(
  all.map(async (learner, index) => {
    await wait((index / all.length) * BETWEEN);
    for (let step = 0; step < ANSWERS; step += 1) {
      const said = `${index} ${step}`;
      sent.set(said, performance.now());
      given += 1;
      learner.answer(`e${step}`, { said });
      await wait(BETWEEN);
    }
  }),
);
await until(() => all.every(({ present }) => present.waiting === 0), 30_000);
echoing = false;

const [answers, bare] = [inOrder(arrived), inOrder(echoed)];
const p95 = share(answers, 0.95);
console.log(`answers: ${given} given, ${given - arrived.length} lost`);
console.log(
  `from answer to the teacher's screen: median ${share(answers, 0.5).toFixed(1)} ms, p95 ${p95.toFixed(1)} ms; a bare echo meanwhile p95 ${share(bare, 0.95).toFixed(1)} ms: ratio ${(p95 / Math.max(0.01, share(bare, 0.95))).toFixed(1)}`,
);
console.log(
  `memory of the two processes: ${empty.toFixed(0)} MB empty, ${full.toFixed(0)} MB with all rooms: ${((full - empty) / ROOMS).toFixed(2)} MB a room`,
);
all.forEach((learner) => learner.leave());
await Promise.all(rooms.map(({ teacher }) => teacher.close()));
echo.destroy();
child.kill();
process.exit(arrived.length === given && came ? 0 : 1);
