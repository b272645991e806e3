// Builds what is made from sources and not kept in git: the maker registry and the word pack.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { writeRegistry } from './make-registry.mjs';
import { writeLanguageWords } from './make-language-words.mjs';
import { writeSentenceSets } from './make-sentence-sets.mjs';
import { bin, root, run } from './run.mjs';

const packs = `${root}data/packs`;

/** What the word pack depends on: its script, its tables, and the code that takes words apart. */
function inputs() {
  const files = readdirSync(`${root}data`)
    .filter(
      (file) => /\.(ts|tsv|txt)$/.test(file) && !['pack-fonts.ts', 'pack-maps.ts'].includes(file),
    )
    .map((file) => `data/${file}`);
  for (const file of readdirSync(`${root}data/wordbook`)) files.push(`data/wordbook/${file}`);
  for (const folder of [
    'core/languages/en/sounds',
    'core/languages/en/words',
    'core/languages/en/lexicon',
  ]) {
    for (const file of readdirSync(`${root}${folder}`)) {
      if (file.endsWith('.ts') && !file.endsWith('.test.ts')) files.push(`${folder}/${file}`);
    }
  }
  files.push('core/texts/analysis/syllable-count.ts');
  return [...files.sort(), 'package-lock.json'];
}

/** The sources that what is to choose from depends on. */
function makerInputs(folder = 'core') {
  return readdirSync(root + folder, { withFileTypes: true }).flatMap((entry) => {
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return makerInputs(path);
    return /\.ts$/.test(path) && !/\.test\.ts$/.test(path) ? [path] : [];
  });
}

/** What the file that goes home is built from. */
function playerInputs() {
  const screens = ['player', 'app/faces'].flatMap((folder) =>
    readdirSync(root + folder, { withFileTypes: true, recursive: true })
      .filter((entry) => entry.isFile() && !entry.name.includes('.test.'))
      .map((entry) => `${entry.parentPath.slice(root.length)}/${entry.name}`),
  );
  return [
    ...screens,
    'app/styles/_play.scss',
    'scripts/build-player.mjs',
    'scripts/make-play-page.ts',
    'package-lock.json',
    ...makerInputs(),
  ].sort();
}

/** The seeds of the starter library, and what chooses and measures by them. */
function libraryInputs() {
  return [
    ...readdirSync(`${root}data/library`).map((file) => `data/library/${file}`),
    'scripts/make-library.ts',
    'data/packs/lexicon.stamp',
    ...['core/library', 'core/search', 'core/reach', 'core/texts/analysis'].flatMap(makerInputs),
  ].sort();
}

/** Runs `make` where what it is made from has changed since, or `product` is not there. */
function make(product, stampName, files, work) {
  const hash = createHash('sha256');
  for (const file of files) hash.update(file).update(readFileSync(root + file));
  const wanted = hash.digest('hex');
  const stampFile = `${packs}/${stampName}.stamp`;
  if (existsSync(product) && existsSync(stampFile) && readFileSync(stampFile, 'utf8') === wanted) {
    return;
  }
  mkdirSync(packs, { recursive: true });
  work();
  writeFileSync(stampFile, wanted);
}

/** The script and style of the player, and the page that has both in it. */
function writePlayer(node, tsx) {
  run(node, ['scripts/build-player.mjs'], { stdio: ['ignore', 'ignore', 'inherit'] });
  run(node, [tsx, 'scripts/make-play-page.ts']);
}

export function prepare() {
  writeRegistry();
  writeSentenceSets();
  writeLanguageWords();
  const [node, tsx] = bin('tsx/dist/cli.mjs');
  make(`${root}core/exercises/catalogue.json`, 'catalogue', makerInputs().sort(), () =>
    run(node, [tsx, 'scripts/make-catalogue.ts']),
  );
  make(`${root}public/player/player.js`, 'player', playerInputs(), () => writePlayer(node, tsx));
  make(`${packs}/syllables.pack`, 'lexicon', inputs(), () => {
    console.error('Packing the word bank (about a minute) …');
    for (const script of [
      'pack-lexicon.ts',
      'pack-meanings.ts',
      'pack-pictures.ts',
      'pack-syllables.ts',
    ]) {
      run(node, [tsx, `data/${script}`, 'data/packs'], { stdio: ['ignore', 'ignore', 'inherit'] });
    }
  });
  make(`${packs}/maps.pack`, 'maps', ['data/pack-maps.ts', 'package.json'], () =>
    run(node, [tsx, 'data/pack-maps.ts', 'data/packs'], { stdio: ['ignore', 'ignore', 'inherit'] }),
  );
  make(`${root}core/library/library.json`, 'library', libraryInputs(), () =>
    run(node, [tsx, 'scripts/make-library.ts']),
  );
}
