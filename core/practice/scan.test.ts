import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { endMarks, partsOfSentence, withoutLast, withPart } from '../kernel/sentence-parts';
import { helperWords } from '../exercises/making/helper-words';
import { testLexicon } from '../testing/test-lexicon';
import { choosingFrom, scanOn, scanStart, scanTake, usualChoosing, type ScanState } from './scan';

const grid = [3, 0, 1, 4];
/** The light moved so many times. */
const on = (state: ScanState, times: number, repeats = 9) =>
  Array.from({ length: times }).reduce<ScanState>(
    (present) => scanOn(present, grid, repeats),
    state,
  );

// Row–column scanning: a row is lit and taken, then a cell in it (common practice in access for
// one and two switches).
describe('choosing with a switch', () => {
  test('the first press begins, the next opens a row, the next takes a cell', () => {
    const rows = scanTake(scanStart, grid).state;
    expect(rows).toMatchObject({ level: 'rows', row: 0 });
    const cells = scanTake(rows, grid).state;
    expect(cells).toMatchObject({ level: 'cells', row: 0, cell: 0 });
    const { chosen, state } = scanTake(on(cells, 2), grid);
    expect(chosen).toEqual({ row: 0, cell: 2 });
    // It goes on with the rows, for the next word.
    expect(state).toMatchObject({ level: 'rows', row: 0 });
  });

  test('a row without cells is passed over; a row of one is taken at once', () => {
    const second = on(scanTake(scanStart, grid).state, 1);
    expect(second.row).toBe(2);
    expect(scanTake(second, grid).chosen).toEqual({ row: 2, cell: 0 });
  });

  test('after its rounds the light rests; out of a row it goes back to the rows', () => {
    const rows = scanTake(scanStart, grid).state;
    expect(on(rows, 3, 1).level).toBe('rest');
    expect(on(rows, 3, 2).level).toBe('rows');
    const cells = scanTake(rows, grid).state;
    expect(on(cells, 3, 1)).toMatchObject({ level: 'rows', row: 0 });
  });

  test('every cell of every grid can be reached', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat(6), { minLength: 1, maxLength: 8 }),
        fc.nat(7),
        fc.nat(5),
        (rows, row, cell) => {
          fc.pre((rows[row] ?? 0) > cell);
          let state = scanTake(scanStart, rows).state;
          while (state.row !== row) state = scanOn(state, rows, 99);
          const opened = scanTake(state, rows);
          state = opened.state;
          while (opened.chosen === undefined && state.cell !== cell)
            state = scanOn(state, rows, 99);
          expect(opened.chosen ?? scanTake(state, rows).chosen).toEqual({ row, cell });
        },
      ),
      { numRuns: 500, seed: 20261128 },
    );
    expect(scanTake(scanStart, [0, 0]).state).toEqual(scanStart);
  });

  test('settings that are not fit are as usual', () => {
    for (const wrong of [undefined, null, 7, { by: 'eye', pace: -1, repeats: 99, filter: '0' }]) {
      expect(choosingFrom(wrong)).toEqual(usualChoosing);
    }
    expect(choosingFrom({ by: 'two', pace: 600, tone: true })).toMatchObject({
      by: 'two',
      pace: 600,
      tone: true,
    });
  });
});

describe('a sentence of chosen words', () => {
  const build = (...parts: string[]) => parts.reduce(withPart, '');

  test('has a capital first, blanks between its words, and none before its end mark', () => {
    expect(build('the', 'rain', 'is', 'cold', '.')).toBe('The rain is cold.');
    expect(build('rain', '.', 'we', 'went', 'in', '!')).toBe('Rain. We went in!');
  });

  test('a mark stands behind a word alone; a second one takes its place', () => {
    expect(build('.', '?')).toBe('');
    expect(build('is', 'it', 'cold', '.', '?')).toBe('Is it cold?');
  });

  test('each part is taken back again', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('rain', 'I', 'went', "don't", 'ice cream'), { maxLength: 12 }),
        fc.constantFrom(...endMarks),
        (words, mark) => {
          const whole = [...words].reduce(withPart, '');
          fc.pre(whole !== '');
          expect(withoutLast(withPart(whole, mark))).toBe(whole);
          expect(partsOfSentence(withPart(whole, mark)).at(-1)).toBe(mark);
        },
      ),
      { numRuns: 300, seed: 20261128 },
    );
  });
});

// Frequencies of the shipped data (wordfreq's Zipf scale: 5 is a hundred times in a million words).
test('the words that help a sentence are among the commonest', () => {
  const lexicon = testLexicon();
  for (const word of Object.values(helperWords).flat()) {
    expect(lexicon.find(word.toLowerCase())?.zipf ?? 0, word).toBeGreaterThan(5.2);
  }
});
