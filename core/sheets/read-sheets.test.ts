import { describe, expect, test } from 'vitest';
import { readSheets } from './read-sheets';

const own = `data:image/jpeg;base64,${'QUJD'.repeat(100)}`;
const picture = (name: unknown) => ({
  kind: 'picture',
  ...{ x: 0, y: 0, width: 20, height: 20 },
  picture: name,
  name: 'A rain gauge',
});
const sheet = (...marks: unknown[]) => [
  { title: 'Storm', paper: 'a4', font: 'andika', pages: [{ part: 'learner', number: 1, marks }] },
];

describe('sheets that come to be printed', () => {
  test('may show a shipped picture and one of the teacher’s own', () => {
    const [read] = readSheets(sheet(picture('rain'), picture(own)));
    expect(read?.pages[0]?.marks).toHaveLength(2);
    expect(read?.pages[0]?.marks[1]).toMatchObject({ picture: own });
  });

  test.each([
    ['an address', 'https://elsewhere.example/a.png'],
    ['a drawing that could hold a script', 'data:image/svg+xml;base64,PHN2Zz4='],
    ['a page', 'data:text/html;base64,PHA+'],
    ['a path', '../secret'],
    ['more than a picture', `${own}"><script>`],
    ['too large a picture', `data:image/png;base64,${'A'.repeat(4_100_000)}`],
    ['no text', 7],
  ])('may not show %s', (_, name) => {
    expect(() => readSheets(sheet(picture(name)))).toThrow(RangeError);
  });

  test('hold no more marks than paper does', () => {
    const mark = { kind: 'line', x1: 0, y1: 0, x2: 1, y2: 1, width: 0.3 };
    const many = Array.from({ length: 400_001 }, () => mark);
    expect(() => readSheets(sheet(...many.slice(0, 1000)))).not.toThrow();
    expect(() =>
      readSheets([{ ...sheet()[0], pages: [{ part: 'learner', number: 1, marks: many }] }]),
    ).toThrow(/400001 marks; 400000 is the most/);
  });

  test('keep nothing that is not a mark of ours', () => {
    const sly = { ...picture('rain'), onload: 'alert(1)' };
    expect(readSheets(sheet(sly))[0]?.pages[0]?.marks[0]).not.toHaveProperty('onload');
    expect(() => readSheets(sheet({ kind: 'script', text: 'x' }))).toThrow(/kind of a mark/);
  });
});
