// npm run demo: installs what is missing, builds, starts, and prints the address that puts the demo in.
import { createServer } from 'node:net';
import { ensurePackages } from './run.mjs';

function isFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, () => probe.close(() => resolve(true)));
  });
}

ensurePackages();
const { build } = await import('./build.mjs');
const { startServer } = await import('./server.mjs');
await build();
let port = Number(process.env.PORT ?? 4310);
while (!(await isFree(port))) port += 1;
const { child } = await startServer(port);
console.log(`\nWordane is running. Open the Fernhill demo at  http://localhost:${port}/demo`);
console.log(`or begin with an empty desk at                 http://localhost:${port}/\n`);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill());
child.on('exit', (code) => process.exit(code ?? 0));
