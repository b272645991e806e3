import { describe, expect, test } from 'vitest';
import { Random } from '../../kernel/random';
import { kestrels, testLexicon } from '../../testing/test-lexicon';
import { layOutSheet } from '../../sheets/sheet';
import { makeExercise } from '../make-exercise';
import { dealBoards, firstLine, linesOf } from './bingo';

const words =
  'rain train snail day play spray lake snake wave gale hail drain flake stay cloud snow'.split(
    ' ',
  );

describe('bingo boards', () => {
  test.each([1, 2, 3, 4, 5])(
    'thirty boards of twelve words, seed %i: all differ, all are fair',
    (seed) => {
      const { boards } = dealBoards(words.slice(0, 12), 3, 30, new Random(seed));
      const sets = new Set(boards.map((board) => [...board].sort().join(' ')));
      expect(sets.size).toBeGreaterThanOrEqual(29);
      expect(new Set(boards.map((board) => board.join(' '))).size).toBe(30);
      for (const board of boards) expect(new Set(board).size).toBe(9);
      const counts = words
        .slice(0, 12)
        .map((word) => boards.filter((board) => board.includes(word)).length);
      expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1);
    },
  );

  test('a board of three has eight lines, one of four ten', () => {
    expect([linesOf(3).length, linesOf(4).length]).toEqual([8, 10]);
  });

  test('the first line is found as it is played', () => {
    const boards = [
      ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h', 'i'],
      ['i', 'h', 'g', 'f', 'e', 'd', 'c', 'b', 'a'],
    ];
    const calls = ['a', 'e', 'b', 'c', 'i', 'd', 'f', 'g', 'h'];
    // After four words the first has its top row; the second its bottom row, the same words.
    expect(firstLine({ boards, calls }, 3)).toEqual({ board: 1, calls: 4, together: 2 });
  });

  test('on paper: four boards a page, and a caller’s list of every word as the key', () => {
    const exercise = makeExercise(
      { maker: 'bingo-boards', words, parameters: { boards: 30 }, seed: 2 },
      testLexicon(),
    );
    const { pages, problems } = layOutSheet(exercise, kestrels(), '');
    expect(problems).toEqual([]);
    expect(pages.filter(({ part }) => part === 'learner')).toHaveLength(8);
    const key = pages
      .filter(({ part }) => part === 'key')
      .flatMap(({ marks }) => marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])))
      .join(' ');
    for (const word of words) expect(key).toContain(word);
    expect(key).toMatch(/board \d+ has a line first, after \d+ words/);
  });

  test('nine words make boards that differ in their places, and it is said', () => {
    const nine = makeExercise(
      { maker: 'bingo-boards', words: words.slice(0, 9), parameters: {}, seed: 2 },
      testLexicon(),
    );
    expect(nine.short).toBeUndefined();
    expect(nine.notes.map(({ text }) => text).join(' ')).toContain('the same words');
    const eight = makeExercise(
      { maker: 'bingo-boards', words: words.slice(0, 8), parameters: {}, seed: 2 },
      testLexicon(),
    );
    expect(eight.short).toContain('9 words or more');
  });
});
