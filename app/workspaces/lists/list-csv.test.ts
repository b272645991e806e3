import Papa from 'papaparse';
import { describe, expect, test } from 'vitest';
import { readWords } from '~core/lists/read-list';
import { completeList } from '~core/lists/word-list';
import { testLexicon } from '~core/testing/test-lexicon';
import { listCsv } from './list-csv';

const list = completeList({
  id: 'a',
  classId: 'b',
  name: 'Storm words',
  words: ['rain', 'hail', 'gale'],
  details: [
    { word: 'rain', definition: '=HYPERLINK("http://evil.example")', note: '+1, of course' },
    { word: 'hail', definition: 'ice, that "falls"', translation: 'la grêle', note: 'two\nlines' },
  ],
});

describe('a list as a spreadsheet', () => {
  // OWASP, “CSV Injection”: cells that begin with = + - @ are run by spreadsheets.
  test('has no cell that a spreadsheet would run', () => {
    const { data } = Papa.parse<string[]>(listCsv(list));
    for (const cell of data.flat()) expect(cell).not.toMatch(/^[=+\-@]/);
  });

  test('is read back as it was', () => {
    const { words } = readWords(listCsv(list), testLexicon());
    expect(words.map(({ word }) => word)).toEqual(list.words);
    expect(words[0]).toMatchObject({
      definition: '=HYPERLINK("http://evil.example")',
      note: '+1, of course',
    });
    expect(words[1]).toMatchObject({
      definition: 'ice, that "falls"',
      translation: 'la grêle',
      note: 'two\nlines',
    });
  });
});
