/** Writes core/library/library.json: the starter library, made from its seeds by the application's own search. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { makeLibrary } from '../core/library/library';
import { readLessonSeeds, readListSeeds, readTextSeed } from '../core/library/seeds';
import { testSyllables } from '../core/testing/texts';
import { testLexicon } from '../core/testing/test-lexicon';

const folder = new URL('../data/library/', import.meta.url);
const read = (name: string) => readFileSync(new URL(name, folder), 'utf8');
const texts = readdirSync(folder)
  .filter((name) => name.endsWith('.txt'))
  .sort()
  .map((name) => readTextSeed(read(name)));
const library = makeLibrary(
  {
    lists: readListSeeds(read('lists.tsv')),
    texts,
    lessons: readLessonSeeds(read('lessons.tsv')),
  },
  testLexicon(),
  testSyllables(),
);
const target = new URL('../core/library/library.json', import.meta.url);
writeFileSync(target, `${JSON.stringify(library, null, 1)}\n`);
