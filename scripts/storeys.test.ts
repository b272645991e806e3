import { Linter } from 'eslint';
import { describe, expect, test } from 'vitest';
import { fileURLToPath } from 'node:url';
import house, { heightOf, storeys } from './storeys.mjs';

const linter = new Linter();

/** What the rule says of one import in a file of core/. */
function said(file: string, source: string): string[] {
  const filename = fileURLToPath(new URL(`../core/${file}`, import.meta.url));
  return linter
    .verify(
      source,
      [
        {
          files: ['**/*.ts'],
          plugins: { house },
          rules: { 'house/storeys': 'error' },
          languageOptions: { ecmaVersion: 2022, sourceType: 'module' },
        } as never,
      ],
      { filename },
    )
    .map(({ message }) => message);
}

describe('the storeys of core', () => {
  test('an import goes down or stays on its floor', () => {
    expect(said('reach/check-word.ts', "import { x } from '../kernel/level';")).toEqual([]);
    expect(said('reach/check-word.ts', "import { x } from './reach-table';")).toEqual([]);
  });

  test('an import upward is refused, by value, by export and through the alias', () => {
    const upward = /core\/kernel may not import core\/reach/;
    expect(said('kernel/level.ts', "import { x } from '../reach/check-word';")[0]).toMatch(upward);
    expect(said('kernel/level.ts', "export { x } from '../reach/check-word';")[0]).toMatch(upward);
    expect(said('kernel/level.ts', "import { x } from '~core/reach/check-word';")[0]).toMatch(
      upward,
    );
  });

  test('two interactions, or two languages, know nothing of each other', () => {
    expect(
      said('exercises/interactions/gap/index.ts', "import { x } from '../match/task';")[0],
    ).toMatch(/beside/);
    expect(said('languages/fr/french.ts', "import { x } from '../la/latin';")[0]).toMatch(/beside/);
  });

  test('a folder that no storey names is told', () => {
    expect(said('attic/old.ts', 'export const x = 1;')[0]).toMatch(/stands on no storey/);
  });

  test('no folder is named twice', () => {
    const all = storeys.flat();
    expect(new Set(all).size).toBe(all.length);
    expect(heightOf('languages/xx')).toBe(heightOf('languages/*'));
  });
});
