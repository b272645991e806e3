import { describe, expect, test } from 'vitest';
import { makeExercise } from '../exercises/make-exercise';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import type { PageMark } from '../paper/marks';
import { papers, type PaperName } from '../kernel/paper-size';
import { layOutSheet, type SheetPage } from './sheet';

const words = [
  'rain',
  'snail',
  'snake',
  'cloud',
  'rainbow',
  'umbrella',
  'sun',
  'cat',
  'train',
  'snow',
];

function cardPages(paper: PaperName, duplex: 'long' | 'short', card = 'fit') {
  const exercise = makeExercise(
    { maker: 'two-sided-cards', words, parameters: { partner: 'picture', duplex, card }, seed: 3 },
    testLexicon(),
    testMeanings(),
  );
  const sheet = layOutSheet(exercise, kestrels(), 'Cards', ['learner'], { paper });
  return { exercise, sheet };
}

/** The middle of what stands on a page, by what it shows. */
function middles(page: SheetPage): Map<string, readonly [number, number]> {
  const found = new Map<string, readonly [number, number]>();
  const boxes = page.marks.filter(
    (mark): mark is Extract<PageMark, { kind: 'box' }> =>
      mark.kind === 'box' && mark.dashed === true,
  );
  for (const mark of page.marks) {
    if (mark.kind === 'picture') {
      found.set(mark.picture, [mark.x + mark.width / 2, mark.y + mark.height / 2]);
    }
    if (mark.kind === 'word') {
      const box = boxes.find(
        ({ x, y, width, height }) =>
          mark.x >= x && mark.x <= x + width && mark.y >= y && mark.y <= y + height,
      );
      if (box) found.set(mark.word, [box.x + box.width / 2, box.y + box.height / 2]);
    }
  }
  return found;
}

/**
 * Paper turned over its left or right edge mirrors from side to side, over its
 * top or bottom edge from top to bottom: where a point of the back lies, seen
 * from the front.
 */
function throughPaper(
  [x, y]: readonly [number, number],
  { width, height }: { width: number; height: number },
  edge: 'side' | 'top',
): readonly [number, number] {
  return edge === 'side' ? [width - x, y] : [x, height - y];
}

// Which edge is the long one: on A4 upright (210 × 297 mm) the left, on A4 landscape the top.
describe.each([
  ['a4', 'long', 'side', 'fit'],
  ['a4', 'short', 'top', 'fit'],
  ['a4', 'long', 'side', 'a7'],
  ['a4', 'short', 'top', 'a8'],
  ['letter', 'short', 'top', 'a7'],
  ['a4-landscape', 'long', 'top', 'a6'],
  ['letter', 'long', 'side', 'fit'],
  ['letter', 'short', 'top', 'fit'],
  ['a5', 'long', 'side', 'fit'],
  ['a4-landscape', 'long', 'top', 'fit'],
  ['a4-landscape', 'short', 'side', 'fit'],
] as const)(
  'cards on %s turned over the %s edge, from the %s, size %s',
  (paper, duplex, edge, card) => {
    const { exercise, sheet } = cardPages(paper, duplex, card);

    test('come as pairs of pages, front and back', () => {
      expect(sheet.problems).toEqual([]);
      expect(sheet.pages.length % 2).toBe(0);
      expect(sheet.pages.length).toBeGreaterThan(0);
    });

    test('have each back behind its own front, to a tenth of a millimetre', () => {
      if (exercise.task.interaction !== 'match') throw new Error('no cards');
      const { pairs, rights } = exercise.task;
      let met = 0;
      for (let page = 0; page < sheet.pages.length; page += 2) {
        const fronts = middles(sheet.pages[page] as SheetPage);
        const backs = middles(sheet.pages[page + 1] as SheetPage);
        for (const pair of pairs) {
          const front = fronts.get(pair.word);
          if (front === undefined) continue;
          const picture = rights.find(({ id }) => id === pair.partner)?.picture ?? '';
          const back = backs.get(picture);
          expect(back, pair.word).toBeDefined();
          const [x, y] = throughPaper(back as readonly [number, number], papers[paper], edge);
          expect(Math.abs(x - front[0])).toBeLessThan(0.1);
          expect(Math.abs(y - front[1])).toBeLessThan(0.1);
          met += 1;
        }
      }
      expect(met).toBe(pairs.length);
    });

    test('credit the pictures at the foot', () => {
      const texts = sheet.pages.flatMap((page) =>
        page.marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])),
      );
      expect(texts.some((text) => text.includes('OpenMoji'))).toBe(true);
    });
  },
);

describe('cards of a standard size', () => {
  // ISO 216: A6 is 105 × 148 mm, A7 74 × 105, A8 52 × 74.
  test.each([
    ['a6', 'a4-landscape', [105, 148]],
    ['a7', 'a4', [74, 105]],
    ['a8', 'letter', [52, 74]],
  ] as const)('%s on %s are exact', (card, paper, size) => {
    const { sheet } = cardPages(paper, 'long', card);
    const boxes = sheet.pages
      .flatMap(({ marks }) => marks)
      .filter((mark) => mark.kind === 'box' && mark.dashed === true);
    expect(boxes).toHaveLength(words.length);
    for (const box of boxes) {
      if (box.kind !== 'box') continue;
      const [short, long] = [box.width, box.height].sort((one, other) => one - other);
      expect(short).toBeCloseTo(size[0], 6);
      expect(long).toBeCloseTo(size[1], 6);
      const { width, height } = papers[paper];
      expect(box.x).toBeGreaterThan(0);
      expect(box.x + box.width).toBeLessThan(width);
      expect(box.y + box.height).toBeLessThan(height);
    }
  });
});
