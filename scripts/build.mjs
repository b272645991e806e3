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
  await (await import('./offline.mjs')).writeOfflineFiles();
  writeFileSync(stamp, wanted);
}
