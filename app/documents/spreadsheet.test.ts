import { strFromU8, unzipSync } from 'fflate';
import { describe, expect, test } from 'vitest';
import { fromSpreadsheet, toSpreadsheet } from './spreadsheet';

const rows = [
  ['rain', 'water that falls from clouds', 3],
  ['=1+1', 'a "quoted", odd\tone', 0],
  ['niño', '', 12],
];

describe('a spreadsheet', () => {
  test('comes back as it went', async () => {
    const text = await fromSpreadsheet(await toSpreadsheet(['word', 'meaning', 'count'], rows));
    expect(text.split('\n').slice(0, 2)).toEqual([
      'word\tmeaning\tcount',
      'rain\twater that falls from clouds\t3',
    ]);
    expect(text).toContain('=1+1');
    expect(text).toContain('niño');
  });

  // ECMA-376 part 1, 18.3.1.40: a formula stands in an element f.
  test('nothing in it is a formula', async () => {
    const bytes = new Uint8Array(await (await toSpreadsheet(['word'], rows)).arrayBuffer());
    const parts = unzipSync(bytes);
    const sheet = Object.entries(parts).find(([name]) => /worksheets\/sheet1\.xml$/.test(name));
    expect(sheet && strFromU8(sheet[1])).not.toMatch(/<f[ >]/);
  });

  test('what is no spreadsheet says what to do', async () => {
    await expect(fromSpreadsheet(new Blob(['PK no zip at all']))).rejects.toThrow(/Save it as/);
  });
});
