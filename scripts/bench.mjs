// npm run bench: sizes and speeds, as ratios where a ratio says more than milliseconds.
import { ensurePackages, bin, run } from './run.mjs';

ensurePackages();
const { prepare } = await import('./prepare.mjs');
prepare();
const [node, tsx] = bin('tsx/dist/cli.mjs');
const status = run(node, [tsx, 'scripts/bench.ts'], { tolerate: true });

// The doors in Chromium, where there is one.
const { ensureChromium, chromiumPath } = await import('./chromium.mjs');
const { build } = await import('./build.mjs');
const { startServer } = await import('./server.mjs');
ensureChromium();
await build();
const { child, address } = await startServer(Number(process.env.E2E_PORT ?? 4392));
const env = { ...process.env, WORDANE_ADDRESS: address, CHROMIUM: chromiumPath() };
const doors = run(node, [tsx, 'scripts/bench-browser.ts'], { env, tolerate: true });
const home = run(node, [tsx, 'scripts/bench-take-home.ts'], { env, tolerate: true });
child.kill();
const rooms = run(process.execPath, ['scripts/bench-room.mjs'], { tolerate: true });
process.exit(status || doors || home || rooms);
