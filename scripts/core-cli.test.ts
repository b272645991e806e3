import { execFileSync, spawnSync } from 'node:child_process';
import { describe, expect, test } from 'vitest';

/** The command as scripts use it, without npm around it. */
const cli = ['node_modules/tsx/dist/cli.mjs', 'scripts/core-cli.ts'];
const core = (...args: string[]) =>
  JSON.parse(execFileSync(process.execPath, [...cli, ...args], { encoding: 'utf8' })) as never;

describe('npm run core', () => {
  test('findWords', () => {
    const query = '{"sound":"EY","spelling":"ai","maxSyllables":1,"limit":20}';
    const { total, words } = core('findWords', query) as {
      total: number;
      words: { word: string }[];
    };
    expect(total).toBeGreaterThan(50);
    expect(words).toHaveLength(20);
  });

  test('analyseWord', () => {
    expect(core('analyseWord', '{"word":"train"}')).toMatchObject({
      graphemes: 't.r.ai.n',
      phonemes: ['T', 'R', 'EY', 'N'],
      syllables: ['train'],
    });
  });

  test('inflect', () => {
    const answer = core('inflect', '{"base":"hit","suffix":"ing"}') as Record<string, string>;
    expect(answer).toMatchObject({ form: 'hitting', rule: 'double-final-consonant' });
    expect(answer['reason']).toContain('double the t');
  });

  test('one object a line, one answer a line, a bad line answered in its place', () => {
    const input = '{"word":"make"}\n\nnot json\n{"word":"zog"}\n';
    const { stdout, status } = spawnSync(process.execPath, [...cli, 'analyseWord'], {
      input,
      encoding: 'utf8',
    });
    const lines = stdout
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as object);
    expect(status).toBe(0);
    expect(lines).toHaveLength(3);
    expect(lines[0]).toMatchObject({ graphemes: 'm.a_e.k' });
    expect(lines[1]).toHaveProperty('error');
    expect(lines[2]).toMatchObject({ known: false });
  });

  test('a function that is not there is refused with the list of those that are', () => {
    const { stderr, status } = spawnSync(process.execPath, [...cli, 'noSuch'], {
      encoding: 'utf8',
    });
    expect(status).toBe(2);
    expect(stderr).toContain('analyseWord');
  });

  test('what a function refuses comes as an error in JSON', () => {
    const { stdout, status } = spawnSync(
      process.execPath,
      [...cli, 'inflect', '{"base":"hit","suffix":"zzz"}'],
      { encoding: 'utf8' },
    );
    expect(status).toBe(1);
    expect(JSON.parse(stdout)).toHaveProperty('error');
  });
});
