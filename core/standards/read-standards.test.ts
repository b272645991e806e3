import { describe, expect, test } from 'vitest';
import { toCase } from './case-json';
import { standardsOfClass } from './of-class';
import { readStandardsFile } from './read-standards';
import type { Standard } from './standard';

const read = (text: string) => readStandardsFile(text, 'Hill schools');

describe('a table of standards', () => {
  test('columns may be called as other tables call them, in any order', () => {
    const { standards, problems } = read(
      'Statement,Identifier,Level\n"Spell words with ai, and ay",H.1,G1\nRead them,H.2,G1\n',
    );
    expect(problems).toEqual([]);
    expect(standards).toMatchObject([
      { set: 'Hill schools', code: 'H.1', grade: 'G1', wording: 'Spell words with ai, and ay' },
      { set: 'Hill schools', code: 'H.2', wording: 'Read them' },
    ]);
  });

  test('fields may be parted by tabs or semicolons, with a mark at the start of the file', () => {
    expect(read('\uFEFFcode\twording\nA\tSay it').standards).toHaveLength(1);
    expect(read('code;wording;grade\nA;Say it;2').standards[0]?.grade).toBe('2');
  });

  test('of two with one code the first is kept, and the other is named', () => {
    const { standards, problems } = read('code,wording\nA,Say it\nA,Say it again\nB,\n');
    expect(standards.map(({ wording }) => wording)).toEqual(['Say it']);
    expect(problems).toEqual([
      'A stands twice in Hill schools: “Say it again” was left out.',
      'Line 3 has no wording and was left out.',
    ]);
  });

  test.each([
    ['', /empty/],
    ['code,strand\nA,Reading\n', /no column “wording”/],
    ['hello', /no column “code” and no column “wording”/],
    ['{"CFItems":', /not JSON, or it is cut off/],
    ['{"name":"x"}', /no CFItems/],
    ['[1,2]', /no CFItems/],
  ])('%j is refused with what is wrong', (text, says) => {
    const { standards, problems } = read(text);
    expect(standards).toEqual([]);
    expect(problems.join(' ')).toMatch(says);
  });
});

describe('a CASE package', () => {
  const many: Standard[] = Array.from({ length: 5000 }, (_, at) => ({
    set: 'Hill schools',
    code: `H.${at}`,
    grade: at % 2 === 0 ? '2' : '3',
    strand: 'Reading',
    wording: `Do thing ${at}`,
    serves: [],
    source: '',
  }));

  test('five thousand standards come in as they went out', () => {
    const { standards, problems } = read(JSON.stringify(toCase(many, '2026-11-28T00:00:00Z')));
    expect(problems).toEqual([]);
    expect(standards).toEqual(many);
  });

  test('those of a class are its grade, beside the shipped ones', () => {
    const own = standardsOfClass(many, { system: 'us', value: 'G2' });
    expect(own).toHaveLength(2500);
    expect(own.every(({ grade }) => grade === '2')).toBe(true);
    const [first] = many;
    const all = first ? [{ ...first, grade: '' }] : [];
    expect(standardsOfClass(all, { system: 'cefr', value: 'A2' })).toHaveLength(1);
  });
});
