import { beforeAll, describe, expect, test } from 'vitest';
import { makeExercise } from '../../exercises/make-exercise';
import { beginningOf, SIGN_GRID } from '../../kernel/sign-strokes';
import { testLexicon } from '../../testing/test-lexicon';
import { packOf } from '../registry/registry';
import type { WriteTask } from '../../exercises/interactions/write/task';

beforeAll(async () => {
  await packOf('ja').load?.();
});

const strokes = (sign: string) => packOf('ja').strokes?.()?.(sign)?.strokes ?? [];

describe('the strokes of kana and kanji', () => {
  // As they are counted in schools of Japan (from memory).
  test.each([
    ['あいうえお', [3, 2, 2, 2, 3]],
    ['かきくけこ', [3, 4, 1, 3, 2]],
    ['さしすせそ', [3, 1, 2, 3, 1]],
    ['たちつてと', [4, 2, 1, 1, 2]],
    ['なにぬねの', [4, 3, 2, 2, 1]],
    ['はひふへほ', [3, 1, 4, 1, 4]],
    ['まみむめも', [3, 2, 3, 2, 3]],
    ['やゆよらりるれろわをん', [3, 2, 2, 2, 2, 1, 2, 1, 2, 3, 1]],
    ['アイウエオ', [2, 2, 3, 3, 3]],
    ['カキクケコ', [2, 3, 2, 3, 2]],
    ['マミムメモ', [2, 3, 2, 2, 3]],
    ['がぱ', [5, 4]],
    ['山川雨雪風水火木日月人大', [3, 3, 8, 11, 9, 4, 4, 4, 4, 4, 2, 3]],
  ])('%s', (signs, counts) => {
    expect([...signs].map((sign) => strokes(sign).length)).toEqual(counts);
  });

  test('every kana of the syllabaries is known', () => {
    const hiragana = Array.from({ length: 0x3094 - 0x3041 }, (_, at) =>
      String.fromCodePoint(0x3041 + at),
    );
    const katakana = Array.from({ length: 0x30f7 - 0x30a1 }, (_, at) =>
      String.fromCodePoint(0x30a1 + at),
    );
    expect([...hiragana, ...katakana].filter((kana) => strokes(kana).length === 0)).toEqual([]);
  });

  // The rules of order that schools teach (common practice): from the top, from the left, the
  // middle before its sides.
  test('the first stroke begins where the rules of writing say', () => {
    const begins = (sign: string) => strokes(sign).map(beginningOf);
    const [bar, stem] = begins('十');
    expect(bar && stem && bar.x < stem.x && stem.y < bar.y).toBe(true);
    const heights = begins('三').map(({ y }) => y);
    expect(heights).toEqual([...heights].sort((one, other) => one - other));
    const sides = begins('川').map(({ x }) => x);
    expect(sides).toEqual([...sides].sort((one, other) => one - other));
    const [middle, left, right] = begins('小');
    expect(middle && left && right && left.x < middle.x && middle.x < right.x).toBe(true);
  });

  test('all begin inside their square', () => {
    for (const sign of [...'あんアン山雨雪風']) {
      for (const stroke of strokes(sign)) {
        const { x, y } = beginningOf(stroke);
        expect(Math.min(x, y)).toBeGreaterThan(0);
        expect(Math.max(x, y)).toBeLessThan(SIGN_GRID);
      }
    }
  });
});

describe('stroke by stroke', () => {
  const made = (words: string[]) =>
    makeExercise(
      { maker: 'stroke-order', words, parameters: { language: 'ja' }, seed: 1 },
      testLexicon(),
    );

  test('each sign once, as the words bring them; what is not known is named', () => {
    const { task, notes } = made(['かぜ', 'かさ', '雪', 'rain']);
    expect((task as WriteTask).items.map(({ answer }) => answer)).toEqual(['か', 'ぜ', 'さ', '雪']);
    expect(notes.map(({ text }) => text).join(' ')).toContain('not known here for r a i n');
  });

  test('without a sign of the script there is no sheet, and what is missing is said', () => {
    expect(made(['rain', 'snow']).short).toBeDefined();
  });

  test('more than a sheet holds is left for another, and named', () => {
    const syllabary = 'あいうえおかきくけこさしすせそたちつてとなにぬねのはひふへほ';
    const { task, notes } = made([syllabary]);
    expect((task as WriteTask).items).toHaveLength(24);
    expect(notes.map(({ text }) => text).join(' ')).toContain('は ひ');
  });
});
