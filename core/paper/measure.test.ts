import { describe, expect, test } from 'vitest';
import { breakLines, textWidth } from './measure';
import { textBlock } from './text-block';
import { sheetStyle } from './style';
import { kestrels } from '../testing/test-lexicon';

const SIZE = 5;
const lines = (text: string, width: number) => breakLines(text, 'andika', 400, SIZE, width);

describe('lines of scripts without spaces', () => {
  test('end between any two characters, without a hyphen, and nothing is lost', () => {
    const text = '把缺少的部分写上把每一个放到它该在的地方';
    const broken = lines(text, 8 * SIZE);
    expect(broken).toEqual([text.slice(0, 8), text.slice(8, 16), text.slice(16)]);
    expect(broken.join('')).toBe(text);
  });

  // What may not begin or end a line: JIS X 4051, 4.3 (from memory).
  test('no line begins with a full stop, a small kana or a long mark, and none ends with an opening bracket', () => {
    const text = 'きょうは「つよい」雨がふって、ラッキーではありません。';
    for (let width = 3; width < 14; width += 1) {
      const broken = lines(text, width * SIZE);
      expect(broken.join(''), String(width)).toBe(text);
      for (const line of broken) {
        expect(line).not.toMatch(/^[、。」ーょっ]/);
        expect(line).not.toMatch(/「$/);
      }
    }
  });

  test('words of other scripts among them keep together', () => {
    expect(lines('用sunshine造句', 6 * SIZE).join('|')).toMatch(/sunshine/);
  });

  test('words with spaces are broken at spaces as before', () => {
    expect(lines('rain and hail', 1000)).toEqual(['rain and hail']);
    expect(lines('rain and hail', textWidth('rain and', 'andika', 400, SIZE) + 0.1)).toEqual([
      'rain and',
      'hail',
    ]);
  });
});

describe('text that is written from the right', () => {
  const style = sheetStyle(kestrels());
  const marksOf = (text: string) =>
    textBlock(text, style, { size: SIZE, role: 'text' }).marks.flatMap((mark) =>
      mark.kind === 'text' ? [mark] : [],
    );

  test('begins at the right edge of the sheet, on every line', () => {
    const marks = marksOf('اكتب ما ينقص. '.repeat(12));
    expect(marks.length).toBeGreaterThan(1);
    for (const mark of marks) {
      expect(mark).toMatchObject({ align: 'end', x: style.width });
      expect(textWidth(mark.text, style.font, 400, SIZE)).toBeLessThanOrEqual(style.width);
    }
  });

  test('what is written from the left begins at the left', () => {
    expect(marksOf('Write what is missing.')).toMatchObject([{ align: 'start', x: 0 }]);
  });
});
