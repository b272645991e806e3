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

function cardPages(paper: PaperName, duplex: 'long' | 'short') {
  const exercise = makeExercise(
    { maker: 'two-sided-cards', words, parameters: { partner: 'picture', duplex }, seed: 3 },
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
  ['a4', 'long', 'side'],
  ['a4', 'short', 'top'],
  ['letter', 'long', 'side'],
  ['letter', 'short', 'top'],
  ['a5', 'long', 'side'],
  ['a4-landscape', 'long', 'top'],
  ['a4-landscape', 'short', 'side'],
] as const)('cards on %s turned over the %s edge', (paper, duplex, edge) => {
  const { exercise, sheet } = cardPages(paper, duplex);

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
});
