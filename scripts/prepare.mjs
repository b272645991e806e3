// Builds what is made from sources and not kept in git: the maker registry and the word pack.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { writeRegistry } from './make-registry.mjs';
import { bin, root, run } from './run.mjs';

const packs = `${root}data/packs`;
const stamp = `${packs}/lexicon.stamp`;

/** What the word pack depends on: its script, its tables, and the code that takes words apart. */
function inputs() {
  const files = readdirSync(`${root}data`)
    .filter((file) => /\.(ts|tsv|txt)$/.test(file) && file !== 'pack-fonts.ts')
    .map((file) => `data/${file}`);
  for (const folder of ['core/sounds', 'core/words']) {
    for (const file of readdirSync(`${root}${folder}`)) {
      if (file.endsWith('.ts') && !file.endsWith('.test.ts')) files.push(`${folder}/${file}`);
    }
  }
  files.push('core/texts/analysis/syllable-count.ts');
  return [...files.sort(), 'package-lock.json'];
}

export function prepare() {
  writeRegistry();
  const hash = createHash('sha256');
  for (const file of inputs()) hash.update(file).update(readFileSync(root + file));
  const wanted = hash.digest('hex');
  const present =
    existsSync(`${packs}/syllables.pack`) && existsSync(stamp) ? readFileSync(stamp, 'utf8') : '';
  if (present === wanted) return;
  mkdirSync(packs, { recursive: true });
  console.error('Packing the word bank (about a minute) …');
  const [node, tsx] = bin('tsx/dist/cli.mjs');
  for (const script of [
    'pack-lexicon.ts',
    'pack-meanings.ts',
    'pack-pictures.ts',
    'pack-syllables.ts',
  ]) {
    run(node, [tsx, `data/${script}`, 'data/packs'], { stdio: ['ignore', 'ignore', 'inherit'] });
  }
  writeFileSync(stamp, wanted);
}

if (process.argv[1]?.endsWith('prepare.mjs')) prepare();
