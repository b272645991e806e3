import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import opentype from 'opentype.js';
import { describe, expect, test } from 'vitest';
import { kestrels, testLexicon } from '../testing/test-lexicon';
import { makeExercise } from '../exercises/make-exercise';
import { breakLines, textWidth } from '../paper/measure';
import { FOOT_HEIGHT, paginate, type Block } from '../paper/paginate';
import { papers } from '../kernel/paper-size';
import { readSheets } from './read-sheets';
import { layOutSheet } from './sheet';

const block = (height: number, more: Partial<Block> = {}): Block => ({
  height,
  marks: [],
  ...more,
});
const room = papers.a4.height - 2 * papers.a4.margin - FOOT_HEIGHT;

test('paper sizes are those of ISO 216 and ANSI', () => {
  // ISO 216: A4 is 210 × 297 mm. ANSI/ASME Y14.1: Letter is 8.5 × 11 inches of 25.4 mm.
  expect([papers.a4.width, papers.a4.height]).toEqual([210, 297]);
  expect(papers.letter.width).toBeCloseTo(8.5 * 25.4, 6);
  expect(papers.letter.height).toBeCloseTo(11 * 25.4, 6);
});

describe('measuring', () => {
  test('a line is as wide as opentype.js makes it without kerning', () => {
    const file = readFileSync('node_modules/@fontsource/andika/files/andika-latin-400-normal.woff');
    const font = opentype.parse(
      file.buffer.slice(file.byteOffset, file.byteOffset + file.byteLength) as ArrayBuffer,
    );
    for (const text of ['The vane turns in the rain.', 'AVATAR', 'gale – flake']) {
      const reference = font.getAdvanceWidth(text, 10, { kerning: false, features: {} as never });
      // opentype.js applies no ligature with features off; the widths agree to a hundredth.
      expect(textWidth(text, 'andika', 400, 10)).toBeCloseTo(reference, 2);
    }
  });

  test('lines are never wider than asked, and nothing is lost', () => {
    fc.assert(
      fc.property(fc.lorem({ maxCount: 30 }), fc.integer({ min: 20, max: 120 }), (text, width) => {
        const lines = breakLines(text, 'andika', 400, 6, width);
        for (const line of lines) {
          expect(textWidth(line, 'andika', 400, 6)).toBeLessThanOrEqual(width);
        }
        expect(lines.join('').replace(/[-\s]/g, '')).toBe(text.replace(/[-\s]/g, ''));
      }),
    );
  });

  test('a word of 40 letters is cut, not clipped', () => {
    const lines = breakLines('a'.repeat(40), 'andika', 400, 8, 50);
    expect(lines.length).toBeGreaterThan(1);
    expect(lines.join('').replaceAll('-', '')).toBe('a'.repeat(40));
  });
});

describe('pagination', () => {
  test('every block is on a page, in order, and inside the margins', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 120 }), { maxLength: 60 }), (heights) => {
        const blocks = heights.map((height, index) =>
          block(height, {
            marks: [{ kind: 'word', x: 0, y: 0, width: 1, height, word: String(index) }],
          }),
        );
        const { pages, problems } = paginate(blocks, papers.a4);
        expect(problems).toEqual([]);
        const placed = pages.flatMap((page) => page.marks) as {
          word: string;
          y: number;
          height: number;
        }[];
        expect(placed.map((mark) => Number(mark.word))).toEqual(heights.map((_, index) => index));
        for (const mark of placed) {
          expect(mark.y).toBeGreaterThanOrEqual(papers.a4.margin);
          expect(mark.y + mark.height).toBeLessThanOrEqual(papers.a4.margin + room + 1e-6);
        }
      }),
    );
  });

  test('a heading stays with what follows it', () => {
    const { pages } = paginate(
      [block(room - 10), block(8, { keepWithNext: true, marks: [] }), block(5)],
      papers.a4,
    );
    expect(pages).toHaveLength(2);
  });

  test('a block that cannot fit says so', () => {
    const { problems } = paginate([block(400, { name: 'The row of boxes' })], papers.a4);
    expect(problems[0]).toMatch(/^The row of boxes is 400 mm high and the page has 253 mm/);
  });
});

describe('a sheet', () => {
  const words = ['rain', 'train', 'paint', 'day', 'spray', 'play', 'gale', 'lake', 'wave'];
  const sheetOf = (maker: string, list = words, settings = {}) =>
    layOutSheet(
      makeExercise({ maker, words: list, parameters: {}, seed: 5 }, testLexicon()),
      kestrels(settings),
      'Storm words · Kestrels',
    );

  test.each(['sort-by-spelling', 'missing-grapheme', 'build-ing'])(
    '%s has learner’s pages and a key, each mark inside the paper',
    (maker) => {
      for (const paper of ['a4', 'letter'] as const) {
        const sheet = sheetOf(maker, words, { paper });
        expect(sheet.problems).toEqual([]);
        expect(new Set(sheet.pages.map((page) => page.part))).toEqual(new Set(['learner', 'key']));
        const { width, height, margin } = papers[paper];
        for (const mark of sheet.pages.flatMap((page) => page.marks)) {
          if (mark.kind !== 'text') continue;
          const length = textWidth(mark.text, sheet.font, mark.weight, mark.size);
          const left = mark.x - { start: 0, middle: length / 2, end: length }[mark.align];
          expect(left, mark.text).toBeGreaterThanOrEqual(margin - 0.01);
          expect(left + length, mark.text).toBeLessThanOrEqual(width - margin + 0.01);
          expect(mark.y).toBeLessThanOrEqual(height - margin + 0.01);
        }
      }
    },
  );

  test('the learner’s page of a sort shows every word once and no answer', () => {
    const sheet = sheetOf('sort-by-spelling');
    const texts = sheet.pages
      .filter((page) => page.part === 'learner')
      .flatMap((page) => page.marks)
      .flatMap((mark) => (mark.kind === 'text' ? [mark.text] : []));
    for (const word of words) expect(texts.filter((text) => text === word)).toHaveLength(1);
  });

  test('many words run over pages, which are numbered', () => {
    const many = testLexicon()
      .entries.filter((entry) => /^[a-z]*ai[a-z]*$|ay$/.test(entry.word))
      .filter((entry) => entry.readings[0].units.some((unit) => unit.phonemes.join() === 'EY'))
      .slice(0, 120)
      .map((entry) => entry.word);
    const sheet = sheetOf('missing-grapheme', many);
    const learner = sheet.pages.filter((page) => page.part === 'learner');
    expect(learner.length).toBeGreaterThan(2);
    const last = learner[learner.length - 1];
    const foot = last?.marks.find((mark) => mark.kind === 'text' && mark.text.startsWith('Page'));
    expect(foot).toMatchObject({ text: `Page ${learner.length} of ${learner.length}` });
  });

  test('a title of 300 letters is broken into lines', () => {
    const exercise = makeExercise(
      { maker: 'missing-grapheme', words, parameters: { title: 'storm '.repeat(50) }, seed: 1 },
      testLexicon(),
    );
    const sheet = layOutSheet(exercise, kestrels(), 'x'.repeat(300));
    expect(sheet.problems).toEqual([]);
    const titles = sheet.pages[0]?.marks.filter((m) => m.kind === 'text' && m.role === 'title');
    expect(titles?.length).toBeGreaterThan(3);
  });

  test('comes back from JSON as it was, and anything else is refused', () => {
    const sheet = sheetOf('build-ing');
    const { room: _, ...printed } = sheet;
    expect(readSheets(JSON.parse(JSON.stringify([sheet])))).toEqual([printed]);
    expect(() => readSheets({})).toThrow(/list of sheets/);
    expect(() => readSheets([{ ...sheet, paper: 'napkin' }])).toThrow(/paper/i);
    const broken = { ...sheet, pages: [{ part: 'learner', number: 1, marks: [{ kind: 'text' }] }] };
    expect(() => readSheets([broken])).toThrow(RangeError);
  });
});
