// npm run attack: breaks things on purpose, seeded and bounded, and prints what was lost. Rounds from ROUNDS (20).
import { bin, ensurePackages, run } from './run.mjs';

ensurePackages();
const { ensureChromium, chromiumPath } = await import('./chromium.mjs');
const { build } = await import('./build.mjs');
const { startServer } = await import('./server.mjs');
ensureChromium();
await build();
const { child, address } = await startServer(Number(process.env.E2E_PORT ?? 4394));
const env = {
  ...process.env,
  WORDANE_ADDRESS: address,
  CHROMIUM: chromiumPath(),
  SERVER_PID: String(child.pid),
};
const [node, tsx] = bin('tsx/dist/cli.mjs');
const status = run(node, [tsx, 'scripts/attack.ts', ...process.argv.slice(2)], {
  env,
  tolerate: true,
});
child.kill();
process.exit(status);
