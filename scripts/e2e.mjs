// Builds, starts the server, and runs the end-to-end tests (or takes the screenshots) against it.
import { ensureChromium, chromiumPath } from './chromium.mjs';
import { bin, ensurePackages, run } from './run.mjs';

ensurePackages();
ensureChromium();
const { build } = await import('./build.mjs');
const { startServer } = await import('./server.mjs');
await build();
const { child, address } = await startServer(Number(process.env.E2E_PORT ?? 4390));
const env = { ...process.env, WORDANE_ADDRESS: address, CHROMIUM: chromiumPath() };
let status;
if (process.argv.includes('--screenshots')) {
  const [node, tsx] = bin('tsx/dist/cli.mjs');
  status = run(node, [tsx, 'e2e/screenshots.ts'], { env, tolerate: true });
} else {
  const [node, vitest] = bin('vitest/vitest.mjs');
  const reporters = process.argv.slice(2);
  status = run(node, [vitest, 'run', '--config', 'e2e/vitest.config.ts', ...reporters], {
    env,
    tolerate: true,
  });
}
child.kill();
process.exit(status);
