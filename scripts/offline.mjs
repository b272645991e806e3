// What lets the built application open without its server: a shell, a service worker, and all pictures in one file.
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequestHandler } from 'react-router';
import { root } from './run.mjs';

const client = `${root}build/client/`;

/**
 * The page of any address, without what only the server knows: rendered once by the
 * server build as the shell of a single page. It carries no nonce, so its inline
 * scripts are named in its policy by their hashes (CSP Level 3, 6.6.3).
 */
async function writeShell() {
  const build = await import(`${root}build/server/index.js`);
  const before = process.env.IS_RR_BUILD_REQUEST;
  process.env.IS_RR_BUILD_REQUEST = 'yes';
  try {
    const handler = createRequestHandler(build, 'production');
    const request = new Request('http://localhost/', {
      headers: { 'X-React-Router-SPA-Mode': 'yes' },
    });
    const response = await handler(request);
    if (!response.ok) throw new Error(`The shell could not be rendered: ${response.status}`);
    const html = (await response.text()).replaceAll(/ nonce="[^"]*"/g, '');
    const inline = [...html.matchAll(/<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g)];
    const hashes = inline.map(
      ([, code]) => `'sha256-${createHash('sha256').update(code).digest('base64')}'`,
    );
    const policy = [
      "default-src 'self'",
      `script-src 'self' ${hashes.join(' ')}`,
      "style-src 'self' 'unsafe-inline'",
      "img-src 'self' data: blob:",
      "media-src 'self' data: blob:",
      "object-src 'none'",
      "base-uri 'none'",
    ].join('; ');
    const meta = `<meta http-equiv="Content-Security-Policy" content="${policy}">`;
    writeFileSync(
      `${client}shell.html`,
      html.replace('<head>', () => `<head>${meta}`),
    );
  } finally {
    if (before === undefined) delete process.env.IS_RR_BUILD_REQUEST;
    else process.env.IS_RR_BUILD_REQUEST = before;
  }
}

/** Every picture by its address, in one file: thousands of single ones would keep the browser busy for a minute. */
function writePictures() {
  const folder = `${client}pictures/`;
  const pictures = Object.fromEntries(
    readdirSync(folder, { recursive: true })
      .filter((path) => path.endsWith('.svg'))
      .map((path) => [`/pictures/${path}`, readFileSync(folder + path, 'utf8')]),
  );
  writeFileSync(`${client}all-pictures.json`, JSON.stringify(pictures));
}

/**
 * A service worker that keeps the application and its packs. Pages come from the
 * server while it is there, else from the shell. What only the server can do (PDF,
 * speech, rare meanings) is never kept, and says so. A new version waits until it
 * is asked for.
 */
async function writeServiceWorker() {
  const { generateSW } = await import('workbox-build');
  await generateSW({
    swDest: `${client}service-worker.js`,
    globDirectory: client,
    globPatterns: [
      'shell.html',
      'assets/*.{js,css,pack}',
      'assets/{andika,hanken,bricolage,lexend,atkinson}*latin*.woff2',
      'pictures/index.json',
      '*.svg',
    ],
    globIgnores: ['assets/server-build*'],
    dontCacheBustURLsMatching: /assets\//,
    maximumFileSizeToCacheInBytes: 6_000_000,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    skipWaiting: false,
    clientsClaim: true,
    navigationPreload: false,
    runtimeCaching: [
      {
        urlPattern: ({ request }) => request.mode === 'navigate',
        handler: 'NetworkOnly',
        options: { precacheFallback: { fallbackURL: '/shell.html' } },
      },
      {
        urlPattern: /\/(?:assets|pictures)\//,
        handler: 'CacheFirst',
        options: { cacheName: 'files' },
      },
    ],
  });
}

export async function writeOfflineFiles() {
  await writeShell();
  writePictures();
  await writeServiceWorker();
}
