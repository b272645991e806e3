import { describe, expect, test } from 'vitest';
import { kestrels } from '../testing/test-lexicon';
import type { TextMark } from './marks';
import { sheetStyle } from './style';
import { wordBox } from './word-box';

const style = sheetStyle(kestrels());

/** The words of the box by the line on which they stand. */
function rowsOf(words: readonly string[], pictured = false): string[][] {
  const [box] = wordBox(
    words.map((text) => ({ text, ...(pictured ? { picture: '1F600' } : {}) })),
    style,
  );
  const texts = (box?.marks ?? []).filter(
    (mark): mark is TextMark => mark.kind === 'text' && words.includes(mark.text),
  );
  const lines = [...new Set(texts.map(({ y }) => y))];
  return lines.map((line) => texts.filter(({ y }) => y === line).map(({ text }) => text));
}

const many = 'rainbow snake cat rain snow train happy city cloud lake play snail hail'.split(' ');

describe('the lines of a word box', () => {
  // On a printed sheet the last of eight pictured words stood alone in its line.
  test.each(Array.from({ length: many.length }, (_, at) => at + 1))(
    'of %i words no line is half as long as another',
    (count) => {
      for (const pictured of [false, true]) {
        const rows = rowsOf(many.slice(0, count), pictured);
        const lengths = rows.map((row) => row.length);
        expect(Math.min(...lengths) * 2 + 1).toBeGreaterThanOrEqual(Math.max(...lengths));
        expect(rows.flat()).toEqual(many.slice(0, count));
      }
    },
  );

  test('what goes into one line stays in one', () => {
    expect(rowsOf(['ai', 'ay', 'a–e'])).toHaveLength(1);
  });

  test('stands in the middle, inside its frame', () => {
    const [box] = wordBox(
      many.map((text) => ({ text })),
      style,
    );
    for (const mark of box?.marks ?? []) {
      if (mark.kind !== 'text') continue;
      expect(mark.x).toBeGreaterThan(0);
      expect(mark.x).toBeLessThan(style.width);
    }
  });
});
