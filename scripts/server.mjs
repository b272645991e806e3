// Starts the built application and waits until it answers.
import { setTimeout as wait } from 'node:timers/promises';
import { root, start } from './run.mjs';

/** Starts the server on a port; gives the process and its address. */
export async function startServer(port, stdio = 'ignore') {
  const child = start(process.execPath, [`${root}server/serve.mjs`], {
    stdio,
    env: { ...process.env, NODE_ENV: 'production', PORT: String(port) },
  });
  const address = `http://127.0.0.1:${port}`;
  for (let tries = 0; tries < 120; tries += 1) {
    if (child.exitCode !== null) throw new Error(`The server stopped with ${child.exitCode}.`);
    try {
      await fetch(address);
      return { child, address };
    } catch {
      await wait(250);
    }
  }
  child.kill();
  throw new Error('The server did not answer within 30 seconds.');
}
