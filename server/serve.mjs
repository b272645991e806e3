// Serves the built application: its files with the headers they need, everything else through React Router.
// It listens on PORT, on this machine alone unless HOST says otherwise, and knows by itself under which address it answers.
import { fileURLToPath } from 'node:url';
import { createRequestHandler } from '@react-router/express';
import compression from 'compression';
import express from 'express';
import { allowed, guard } from './guard.mjs';

const client = fileURLToPath(new URL('../build/client/', import.meta.url));
const build = await import(new URL('../build/server/index.js', import.meta.url).href);

const A_YEAR = '365d';

const app = express();
app.disable('x-powered-by');
// Names beside this machine's own under which the server is reached, parted by commas.
const hosts = (process.env.WORDANE_HOSTS ?? '').split(',').filter(Boolean);
app.use(guard(hosts));
app.use(compression());
// Names of built files change with what is in them.
app.use(
  '/assets',
  express.static(`${client}assets`, { immutable: true, maxAge: A_YEAR, setHeaders }),
);
// The service worker and its list are asked for anew each time.
app.use(express.static(client, { maxAge: '1h', setHeaders }));
app.all('*', createRequestHandler({ build, mode: 'production' }));

function setHeaders(response, path) {
  response.setHeader('X-Content-Type-Options', 'nosniff');
  if (/(?:service-worker\.js|manifest\.webmanifest)$/.test(path)) {
    response.setHeader('Cache-Control', 'no-cache');
  }
}

const server = app.listen(Number(process.env.PORT ?? 3000), process.env.HOST ?? '127.0.0.1', () => {
  const { port } = server.address();
  process.env.WORDANE_OWN_ADDRESS = `http://127.0.0.1:${port}`;
  console.log(`Wordane answers at http://localhost:${port}`);
});
// Rooms; several processes are one where they share a Redis.
const closeRooms = await build.entry.module.attachRoom(server, {
  allows: allowed(hosts),
  redis: process.env.REDIS_URL,
});
for (const signal of ['SIGINT', 'SIGTERM']) {
  process.once(signal, () => {
    void closeRooms();
    server.close();
  });
}
