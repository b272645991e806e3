import { beforeAll, describe, expect, test } from 'vitest';
import { fernhillDemo } from '../demo/fernhill';
import { findMaker, makeExercise } from '../exercises/make-exercise';
import type { Exercise } from '../exercises/making/exercise';
import { makers } from '../exercises/makers';
import { startWords } from '../exercises/start-words';
import { papers } from '../kernel/paper-size';
import { lookNames } from '../kernel/look';
import { ageSizes, grown, sizesOf } from '../paper/age-sizes';
import { textWidth } from '../paper/measure';
import { paginate, type Block } from '../paper/paginate';
import { inItsLanguage, loadLanguage, wordsToTry } from '../testing/language-for';
import { ownMaterial } from '../testing/own-material';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { materialOf } from '../texts/reading/text-material';
import { compose, FULL, roomOf } from './compose';
import { layOutSheet } from './sheet';

const lexicon = testLexicon();
const meanings = testMeanings();
const paper = papers.a4;
const column = { count: 1, width: 174, gap: 0 } as const;

/** Items of so many millimetres at the usual size, that grow by half at most and shrink by 12 %. */
const items = (count: number, height: number) => (growth: number) => ({
  blocks: Array.from({ length: count }, (): Block => ({
    height: growth < 0 ? height * (1 + 0.12 * growth) : height * (1 + 0.5 * growth),
    marks: [],
    loose: true,
  })),
  problems: [],
});

describe('sizes by age', () => {
  // Common practice: 18 pt and more to the age of seven, 14 pt to eleven, 12 pt after.
  test.each([
    [1, 18],
    [4, 14],
    [6, 14],
    [8, 12],
    [undefined, 12],
  ])('year %s reads %i pt and more', (years, least) => {
    expect(sizesOf(years).type.usual).toBeGreaterThanOrEqual(least);
  });

  test('nothing is drawn in by more than 12 %, and the young get pictures of 18 to 30 mm', () => {
    for (const { type, line } of Object.values(ageSizes)) {
      for (const { least, usual, most } of [type, line]) {
        expect(least / usual).toBeGreaterThanOrEqual(0.875);
        expect(most).toBeGreaterThan(usual);
      }
    }
    expect([ageSizes.five.picture.least, ageSizes.five.picture.most]).toEqual([18, 30]);
  });

  test('growth runs from the least over the usual to the most', () => {
    const range = { least: 8, usual: 10, most: 15 };
    expect([-1, 0, 0.5, 1].map((growth) => grown(range, growth))).toEqual([8, 10, 12.5, 15]);
  });
});

describe('composition', () => {
  const room = roomOf(paper);

  test('few items grow to what is allowed, and white is shared out between them', () => {
    const made = compose(items(6, 15), paper, column);
    expect(made.growth).toBe(1);
    const [page] = paginate(made.blocks, paper).pages;
    const used = made.blocks.reduce((sum, { height }) => sum + height, 0);
    expect(page?.blocks).toHaveLength(6);
    expect(used).toBeLessThanOrEqual(room * FULL + 1e-6);
    expect(used).toBeGreaterThan(6 * 15 * 1.5);
  });

  test('a page that would spill one item draws it in', () => {
    // 18 items of 15 mm are 270 mm; the page has less, and 12 % tighter they fit.
    const made = compose(items(18, 15), paper, column);
    expect(room).toBeLessThan(270);
    expect(made.pages).toBe(1);
    expect(made.growth).toBeLessThan(0);
  });

  test('what cannot be drawn in is balanced: no page has one item alone', () => {
    const made = compose(items(20, 15), paper, column);
    const counts = paginate(made.blocks, paper).pages.map(({ blocks }) => blocks.length);
    expect(counts).toHaveLength(2);
    expect(Math.min(...counts)).toBeGreaterThanOrEqual(9);
  });

  test('a sheet that is to stay as it is stays so', () => {
    const made = compose(items(6, 15), paper, column, true);
    expect(made.growth).toBe(0);
    expect(made.blocks.map(({ height }) => height)).toEqual(Array(6).fill(15));
  });

  test('a face that does not fit when it is large is set smaller', () => {
    const made = compose(
      (growth) => ({
        blocks: [{ height: 20, marks: [] }],
        problems: growth > 0.5 ? ['too wide'] : [],
      }),
      paper,
      column,
    );
    expect(made.problems).toEqual([]);
    expect(made.growth).toBe(0.45);
  });

  test('a title is not left alone so that what it heads can stand with the rest', () => {
    const made = compose(
      () => ({
        blocks: [
          { height: 60, marks: [], keepWithNext: false },
          { height: room - 65, marks: [] },
          { height: 50, marks: [] },
        ],
        problems: [],
      }),
      paper,
      column,
    );
    const [first] = paginate(made.blocks, paper).pages;
    expect(first?.blocks).toEqual([0, 1]);
  });

  test('what would leave a page half empty is set a little smaller', () => {
    // Two fit under the title at the usual size, none at the largest.
    const made = compose(
      (growth) => ({
        blocks: [
          { height: 110, marks: [] },
          ...Array.from({ length: 4 }, () => ({ height: 100 + 50 * growth, marks: [] })),
        ],
        problems: [],
      }),
      paper,
      column,
    );
    const counts = paginate(made.blocks, paper).pages.map(({ blocks }) => blocks.length);
    expect(counts[0]).toBe(2);
  });

  test('rows of cards go on until the page is full: no white can stand between them', () => {
    // Eight rows of which six fit: four and four would leave two holes.
    const row = (): Block => ({ height: room / 6.5, marks: [] });
    const made = compose(
      () => ({ blocks: Array.from({ length: 8 }, row), problems: [] }),
      paper,
      column,
    );
    expect(paginate(made.blocks, paper).pages.map(({ blocks }) => blocks.length)).toEqual([6, 2]);
    // Items with white between them are shared out evenly.
    const loose = (): Block => ({ ...row(), loose: true });
    const shared = compose(
      () => ({ blocks: Array.from({ length: 8 }, loose), problems: [] }),
      paper,
      column,
    );
    const counts = paginate(shared.blocks, paper).pages.map(({ blocks }) => blocks.length);
    expect(Math.min(...counts)).toBeGreaterThanOrEqual(3);
  });

  test('the same line set many times is as many blocks', () => {
    const line: Block = { height: 15, marks: [] };
    const { pages } = paginate(
      Array.from({ length: 20 }, () => line),
      paper,
    );
    expect(pages.flatMap(({ blocks }) => blocks)).toEqual(
      Array.from({ length: 20 }, (_, at) => at),
    );
  });

  test('what belongs together is not torn apart for the sake of size', () => {
    const kept = (growth: number) => ({
      blocks: [
        { height: 120 * (1 + growth), marks: [], keepWithNext: true },
        { height: 120 * (1 + growth), marks: [] },
      ],
      problems: [],
    });
    const made = compose(kept, paper, column);
    expect(made.blocks.reduce((sum, { height }) => sum + height, 0)).toBeLessThanOrEqual(room);
  });
});

describe('every maker in every look', () => {
  beforeAll(async () => {
    for (const maker of makers) await loadLanguage(maker);
  });

  const stories = fernhillDemo(lexicon).texts.map(materialOf);
  const words =
    'rain hail train snail lake snake day play cloud snow rainbow snowman city cat happy big';
  const beside = { rain: { translation: 'pluie' }, hail: { translation: 'grêle' } };
  const papersUsed = ['a4', 'letter'] as const;

  const exerciseOf = (maker: string, profile: ReturnType<typeof kestrels>): Exercise => {
    const recipe = {
      maker,
      words: wordsToTry(findMaker(maker), words.split(' ')),
      parameters: {
        beside: { ...beside, snow: { translation: 'neige' } },
        ...ownMaterial,
        ...inItsLanguage(findMaker(maker)),
      },
      seed: 5,
    };
    const given = startWords(recipe, profile, lexicon, meanings);
    const tries = [undefined, ...stories].map((reading) =>
      makeExercise({ ...recipe, words: given, reading }, lexicon, meanings, profile),
    );
    return tries.find(({ short }) => short === undefined) as Exercise;
  };

  test.each(makers.map(({ id }) => id))('%s stands inside its margins', (id) => {
    for (const [index, look] of lookNames.entries()) {
      const paperName = papersUsed[index % 2] ?? 'a4';
      const profile = kestrels({ look, paper: paperName });
      const sheet = layOutSheet(exerciseOf(id, profile), profile, 'Fernhill', undefined, {
        finish: index % 2 === 0 ? 'can-do' : 'challenge',
        key: index % 2 === 0 ? 'written' : 'list',
        keyStrip: index % 3 === 0,
      });
      expect(sheet.problems).toEqual([]);
      const { width, height, margin } = papers[paperName];
      for (const mark of sheet.pages.flatMap((page) => page.marks)) {
        if (mark.kind !== 'text' || mark.turn !== undefined) continue;
        const wide = textWidth(mark.text, profile.font, mark.weight, mark.size);
        const left =
          mark.x - (mark.align === 'start' ? 0 : mark.align === 'middle' ? wide / 2 : wide);
        const inside =
          left >= margin - 0.7 &&
          left + wide <= width - margin + 0.7 &&
          mark.y <= height - margin + 0.7;
        expect([look, mark.text, inside]).toEqual([look, mark.text, true]);
      }
    }
  });

  /** Millimetres from the top of each page to the last thing on it, its foot left out. */
  const depths = (id: string, profile: ReturnType<typeof kestrels>) => {
    const { height, margin } = papers[profile.paper];
    const foot = height - margin - 8;
    return layOutSheet(exerciseOf(id, profile), profile, '', ['learner']).pages.map(
      ({ marks }) =>
        Math.max(
          0,
          ...marks
            .map((mark) =>
              mark.kind === 'line'
                ? Math.max(mark.y1, mark.y2)
                : mark.y + ('height' in mark ? mark.height : 0),
            )
            .filter((y) => y < foot),
        ) / foot,
    );
  };

  test('no page of a sheet has next to nothing on it', () => {
    const lone = makers.flatMap(({ id }) => {
      const pages = depths(id, kestrels({ look: 'plain' }));
      return pages.length > 1 && Math.min(...pages) < 0.22 ? [id] : [];
    });
    expect(lone).toEqual([]);
  });

  test.each([
    ['young', 'letter'],
    ['calm', 'letter'],
    ['calm', 'a4'],
    ['exam', 'letter'],
  ] as const)('%s on %s leaves no page half empty before the last', (look, paperName) => {
    const left = makers.flatMap(({ id }) => {
      const pages = depths(id, kestrels({ look, paper: paperName }));
      return pages.slice(0, -1).some((depth) => depth < 0.5) ? [[id, pages]] : [];
    });
    expect(left).toEqual([]);
  });
});
