import jsQR from 'jsqr';
import { describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import { ruleCard } from '../rule-cards/rule-card';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import type { SheetBlock } from './blocks/sheet-block';
import { qrMark } from './blocks/qr';
import { layOutBlocks, type ResolvedBlock } from './lay-out-blocks';
import type { SheetLayout } from '../paper/sheet-layout';
import { textWidth } from '../paper/measure';
import { FOOT_HEIGHT } from '../paper/paginate';
import { papers } from '../kernel/paper-size';
import { readSheets } from './read-sheets';
import type { Sheet } from './sheet';

const lexicon = testLexicon();
const words = ['rain', 'train', 'snail', 'lake', 'snake', 'day', 'play', 'cloud'];
const exercise = (maker: string, parameters = {}) =>
  makeExercise({ maker, words, parameters, seed: 2 }, lexicon, testMeanings());

let count = 0;
const block = (kind: SheetBlock['kind'], fields: Partial<SheetBlock> = {}): ResolvedBlock => {
  count += 1;
  return { block: { id: `b${count}`, kind, ...fields } };
};
const exerciseBlock = (maker: string, parameters = {}): ResolvedBlock => ({
  ...block('exercise', { part: maker }),
  exercise: exercise(maker, parameters),
});

const lay = (blocks: readonly ResolvedBlock[], layout: SheetLayout = {}) =>
  layOutBlocks(
    {
      title: 'Storm sheet',
      blocks,
      layout,
      pictureOf: (word) => lexicon.picturesOf(word)[0],
    },
    kestrels(),
    'Fernhill weather club',
  );

const textsOf = (sheet: Sheet, part: 'learner' | 'key' = 'learner') =>
  sheet.pages
    .filter((page) => page.part === part)
    .flatMap((page) => page.marks)
    .flatMap((mark) => (mark.kind === 'text' ? [mark.text] : []));

const everything = [
  block('name'),
  block('heading', { text: 'The storm log', decorative: true }),
  block('text', { text: 'Rain fell on the hill all day.\n\nThe snail hid.' }),
  block('words', { words, pictures: true }),
  exerciseBlock('missing-grapheme'),
  exerciseBlock('sort-by-spelling'),
  { ...block('rule', { size: 'small' }), card: ruleCard('sound:EY', kestrels(), lexicon) },
  block('picture', { text: 'rainbow', size: 'small' }),
  block('lines', { rows: 3 }),
  block('can-do', { text: 'read the words\nI can spell them' }),
  block('qr', { text: 'https://fernhill.example/log\nThe log book' }),
];

describe('a sheet of every block', () => {
  const layouts: SheetLayout[] = [
    {},
    { columns: 2 },
    { paper: 'a5' },
    { paper: 'letter', largePrint: true },
    { paper: 'a4-landscape', columns: 2, border: 'drops' },
    { wideSpacing: true, inkSaver: true, border: 'waves', header: 'Kestrels, Thursday' },
  ];

  test.each(layouts)('keeps inside the margins on %o', (layout) => {
    const sheet = lay(everything, layout);
    expect(sheet.problems.filter((text) => !text.includes('too narrow'))).toEqual([]);
    const { width, height, margin } = papers[sheet.paper];
    for (const mark of sheet.pages.flatMap((page) => page.marks)) {
      if (mark.kind === 'text' && !mark.grey && !mark.outline) {
        const wide = textWidth(mark.text, sheet.font, mark.weight, mark.size);
        const left = mark.x - { start: 0, middle: wide / 2, end: wide }[mark.align];
        expect([mark.text, left >= margin - 0.7]).toEqual([mark.text, true]);
        expect([mark.text, left + wide <= width - margin + 0.7]).toEqual([mark.text, true]);
      }
      if (mark.kind === 'picture') {
        expect(mark.y + mark.height).toBeLessThanOrEqual(height - margin - FOOT_HEIGHT + 0.6);
      }
    }
  });

  test('comes back from JSON as it was', () => {
    const sheet = lay(everything, { border: 'drops', header: 'Kestrels' });
    const { room: _, ...printed } = sheet;
    expect(readSheets(JSON.parse(JSON.stringify([sheet])))).toEqual([{ ...printed, problems: [] }]);
  });

  test('numbers its exercises, and keys each under its own name', () => {
    const sheet = lay(everything);
    expect(textsOf(sheet)).toContain('1. Write the missing /ā/ spelling');
    expect(textsOf(sheet)).toContain('2. Sort the /ā/ words');
    expect(textsOf(sheet, 'key').filter((text) => /^[12]\. (Write|Sort) /.test(text))).toHaveLength(
      2,
    );
  });

  test('says “I can” once on each line of the can-do slip', () => {
    const lines = textsOf(lay(everything)).filter((text) => text.startsWith('I can'));
    expect(lines).toEqual(['I can read the words', 'I can spell them']);
  });
});

describe('paper', () => {
  test('large print is 18 points and more for everything a learner reads', () => {
    // Royal National Institute of Blind People, clear print: large print is 16 to 18 points and over.
    const sheet = lay([block('heading', { text: 'Log' }), exerciseBlock('missing-grapheme')], {
      largePrint: true,
    });
    const point = 25.4 / 72;
    for (const mark of sheet.pages.flatMap((page) => page.marks)) {
      if (mark.kind !== 'text' || mark.grey || mark.role === 'small') continue;
      if (sheet.pages[0]?.marks.includes(mark))
        expect(mark.size / point).toBeGreaterThanOrEqual(18);
    }
  });

  test('two columns put blocks side by side, and a heading across both', () => {
    const paragraphs = Array.from({ length: 8 }, (_, index) =>
      block('text', { text: `${index} rain fell on the hill and the log book got wet.` }),
    );
    const sheet = lay([block('heading', { text: 'Log' }), ...paragraphs], { columns: 2 });
    const starts = new Set(
      sheet.pages[0]?.marks.flatMap((mark) =>
        mark.kind === 'text' && mark.role === 'text' ? [Math.round(mark.x)] : [],
      ),
    );
    expect([...starts].sort((left, right) => left - right)).toEqual([18, 110]);
  });

  test('sparing ink thins every line and fills nothing but the QR code', () => {
    const marksOf = (inkSaver: boolean) =>
      lay(everything, { inkSaver }).pages.flatMap((page) => page.marks);
    const widths = (inkSaver: boolean) =>
      marksOf(inkSaver).flatMap((mark) => (mark.kind === 'line' ? [mark.width] : []));
    const usual = widths(false);
    widths(true).forEach((width, index) => expect(width).toBeLessThan(usual[index] ?? 0));
    const filled = (inkSaver: boolean) =>
      marksOf(inkSaver).filter(
        (mark) => mark.kind !== 'path' && 'fill' in mark && mark.fill === 'tint',
      );
    expect(filled(false).length).toBeGreaterThan(0);
    expect(filled(true)).toEqual([]);
    expect(marksOf(true).some((mark) => mark.kind === 'path' && mark.fill === 'ink')).toBe(true);
  });

  test('a new page is begun where it is asked for', () => {
    const sheet = lay([
      block('text', { text: 'One.' }),
      block('page'),
      block('text', { text: 'Two.' }),
    ]);
    expect(sheet.pages.filter((page) => page.part === 'learner')).toHaveLength(2);
  });

  test('a header stands on every page, a border on learners’ pages only', () => {
    const sheet = lay(
      [block('text', { text: 'One.' }), block('page'), exerciseBlock('build-ing')],
      {
        header: 'Kestrels, Thursday',
        border: 'line',
      },
    );
    for (const page of sheet.pages) {
      expect(
        page.marks.some((mark) => mark.kind === 'text' && mark.text === 'Kestrels, Thursday'),
      ).toBe(true);
      const framed = page.marks.some((mark) => mark.kind === 'box' && mark.width > 180);
      expect(framed).toBe(page.part === 'learner');
    }
  });
});

describe('what cannot be set says what to do', () => {
  test.each([
    [block('words'), /word box is empty. Add words/],
    [block('text', { text: '' }), /text is empty. Write it/],
    [block('picture', { text: 'justice' }), /no picture of “justice”. Try another word/],
    [block('qr', { text: '' }), /QR code holds 1 to 300 letters/],
    [block('qr', { text: 'x'.repeat(400) }), /QR code holds 1 to 300 letters/],
    [block('exercise', { part: 'gone' }), /was removed from the lesson. Take its block away/],
    [block('rule'), /no rule. Choose one/],
    [block('can-do', { text: ' ' }), /can-do slip has no lines/],
    [block('heading', { text: '' }), /heading has no text/],
  ])('%o', (given, message) => {
    expect(lay([given]).problems.join(' ')).toMatch(message);
  });

  test('an empty sheet says so', () => {
    expect(lay([]).problems).toEqual(['This sheet is empty. Add a block to it.']);
  });
});

describe('a QR code', () => {
  test('is read back by jsQR as what was written', () => {
    const text = 'https://fernhill.example/log?day=3';
    const side = 60;
    const mark = qrMark(text, 0, 0, side);
    if (mark.kind !== 'path') throw new Error('no path');
    // The path's bars painted at ten pixels a millimetre.
    const pixels = side * 10;
    const image = new Uint8ClampedArray(pixels * pixels * 4).fill(255);
    for (const [, x1, y1, x2, y2] of mark.d.matchAll(/M([\d.]+) ([\d.]+) H([\d.]+) V([\d.]+)/g)) {
      for (let y = Math.round(Number(y1) * 10); y < Math.round(Number(y2) * 10); y += 1) {
        for (let x = Math.round(Number(x1) * 10); x < Math.round(Number(x2) * 10); x += 1) {
          image.fill(0, (y * pixels + x) * 4, (y * pixels + x) * 4 + 3);
        }
      }
    }
    expect(jsQR(image, pixels, pixels)?.data).toBe(text);
  });

  test('too much text is refused', () => {
    expect(() => qrMark('x'.repeat(301), 0, 0, 30)).toThrow(/holds 1 to 300 letters: this has 301/);
  });
});

test.each(['sound:EY', 'ending:ing', 'pattern:CVC', 'grammar:past simple'] as const)(
  'a large card of %s fills one page, with the credit of its picture on it',
  (topic) => {
    const card = {
      ...block('rule', { size: 'large' }),
      card: ruleCard(topic, kestrels(), lexicon),
    };
    const sheet = lay([card]);
    expect(sheet.problems).toEqual([]);
    expect(sheet.pages.filter(({ part }) => part === 'learner')).toHaveLength(1);
  },
);
