import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { expect, test } from 'vitest';

/** What is made from sources; a clone makes it again. */
const generated = [
  'core/exercises/catalogue.json',
  'core/exercises/makers/index.ts',
  'core/languages/en/sentence-sets/sets.json',
  'core/languages/la/words.json',
  'core/languages/concepts/concepts.json',
  'core/languages/ja/words.json',
  'core/languages/ja/strokes.json',
  'core/library/library.json',
];

test.runIf(existsSync('.git'))('no source is kept out of git by a pattern meant for output', () => {
  const ignored = execFileSync(
    'git',
    [
      ...'ls-files --others --ignored --exclude-standard --'.split(' '),
      ...'app core data e2e scripts server'.split(' '),
      ':!data/packs',
    ],
    { encoding: 'utf8' },
  );
  expect(ignored.split('\n').filter((path) => path !== '' && !generated.includes(path))).toEqual(
    [],
  );
});
