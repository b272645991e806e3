// The servers and the Redis that `bench-room.ts` measures: two processes of the built application, one relay.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { bin, run } from './run.mjs';
import { startServer } from './server.mjs';

const PORT = Number(process.env.ROOM_PORT ?? 4410);

const redis = spawn(
  'redis-server',
  ['--port', String(PORT + 9), '--save', '', '--appendonly', 'no', '--bind', '127.0.0.1'],
  { stdio: ['ignore', 'pipe', 'inherit'] },
);
await once(redis.stdout, 'data');
process.env.REDIS_URL = `redis://127.0.0.1:${PORT + 9}`;
const servers = [await startServer(PORT), await startServer(PORT + 1)];
const [node, tsx] = bin('tsx/dist/cli.mjs');
const status = run(node, [tsx, 'scripts/bench-room.ts'], {
  tolerate: true,
  env: {
    ...process.env,
    ROOM_ADDRESSES: servers.map(({ address }) => address).join(','),
    ROOM_PIDS: servers.map(({ child }) => child.pid).join(','),
  },
});
for (const { child } of servers) child.kill();
redis.kill();
process.exit(status);
