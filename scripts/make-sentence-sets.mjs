// Writes core/languages/en/sentence-sets/sets.json: the tables of data/sentences as rows of cells.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';

const folder = new URL('../data/sentences/', import.meta.url);
const target = new URL('../core/languages/en/sentence-sets/sets.json', import.meta.url);

export function writeSentenceSets() {
  const sets = Object.fromEntries(
    readdirSync(folder)
      .filter((file) => file.endsWith('.tsv'))
      .sort()
      .map((file) => [
        file.slice(0, -4),
        readFileSync(new URL(file, folder), 'utf8')
          .split('\n')
          .filter((line) => line !== '')
          .map((line) => line.split('\t').map((cell) => (cell === '-' ? '' : cell))),
      ]),
  );
  const source = JSON.stringify(sets);
  if (!existsSync(target) || readFileSync(target, 'utf8') !== source) writeFileSync(target, source);
}
