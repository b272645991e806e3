// Builds the application where its sources are newer than the build.
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { prepare } from './prepare.mjs';
import { bin, root, run } from './run.mjs';

const stamp = `${root}build/sources.stamp`;

function sources(folder) {
  return readdirSync(root + folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile())
    .map((entry) => `${entry.parentPath}/${entry.name}`)
    .sort();
}

/**
 * A service worker that keeps the application and its packs, so that it opens again
 * without the server: files by their names, pages as they were last seen. What only
 * the server can do (PDF, speech, rare meanings) is never kept, and says so.
 */
async function writeServiceWorker() {
  const { generateSW } = await import('workbox-build');
  await generateSW({
    swDest: `${root}build/client/service-worker.js`,
    globDirectory: `${root}build/client`,
    globPatterns: ['assets/*.{js,css,pack}', 'assets/{andika,hanken,bricolage}*.woff2', '*.svg'],
    globIgnores: ['assets/server-build*'],
    dontCacheBustURLsMatching: /assets\//,
    maximumFileSizeToCacheInBytes: 4_000_000,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    skipWaiting: true,
    clientsClaim: true,
    navigationPreload: false,
    runtimeCaching: [
      {
        urlPattern: ({ request }) => request.mode === 'navigate',
        handler: 'NetworkFirst',
        options: {
          cacheName: 'pages',
          matchOptions: { ignoreSearch: true },
          expiration: { maxEntries: 60 },
        },
      },
      {
        urlPattern: /\/(?:assets|pictures)\//,
        handler: 'CacheFirst',
        options: { cacheName: 'files', expiration: { maxEntries: 600 } },
      },
    ],
  });
}

/** Prepares the packs and builds, unless the build is of just these sources. */
export async function build() {
  prepare();
  const hash = createHash('sha256');
  const files = ['app', 'core', 'server', 'public'].flatMap(sources);
  const settings = [
    'package-lock.json',
    'vite.config.ts',
    'react-router.config.ts',
    'tsconfig.json',
  ];
  for (const file of [
    ...files,
    ...settings.map((name) => root + name),
    `${root}data/packs/lexicon.stamp`,
  ]) {
    if (!file.endsWith('.test.ts')) hash.update(file).update(readFileSync(file));
  }
  const wanted = hash.digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.error('Building …');
  const [node, cli] = bin('@react-router/dev/bin.js');
  run(node, [cli, 'build'], { stdio: ['ignore', 'ignore', 'inherit'] });
  await writeServiceWorker();
  writeFileSync(stamp, wanted);
}
