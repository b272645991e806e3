/** Booklets: small pages two abreast on larger paper, in the order in which they are printed on both sides, folded and stapled. */
import { papers, type PaperName } from '../kernel/paper-size';
import { moveMark } from '../paper/marks';
import type { Sheet, SheetPage } from './sheet';

/** The paper that two pages of another stand on side by side. */
const spreads: Partial<Record<PaperName, PaperName>> = {
  a5: 'a4-landscape',
  'half-letter': 'letter-landscape',
};

/** The small paper of a booklet that is printed on a paper. */
export const bookletPaper = (paper: PaperName): PaperName =>
  paper.startsWith('letter') || paper === 'half-letter' ? 'half-letter' : 'a5';

/**
 * Which pages stand at the left and right of each printed side, in the order of printing; numbers
 * from 1, 0 for an empty page. Sides 1 and 2 are the front and back of the outermost sheet, which
 * is turned over its short edge (common practice of saddle stitching).
 */
export function bookletOrder(pages: number): readonly (readonly [number, number])[] {
  const all = Math.ceil(pages / 4) * 4;
  const page = (number: number) => (number <= pages ? number : 0);
  return Array.from({ length: all / 2 }, (_, side): readonly [number, number] => {
    const outer = page(all - side);
    const inner = page(side + 1);
    return side % 2 === 0 ? [outer, inner] : [inner, outer];
  });
}

/**
 * The learner's pages of sheets as one booklet.
 *
 * @throws RangeError where a paper has no larger one that holds two of it
 */
export function imposed(sheets: readonly Sheet[], title: string): Sheet | undefined {
  const [first] = sheets;
  if (first === undefined) return undefined;
  const spread = spreads[first.paper];
  if (spread === undefined) {
    throw new RangeError(
      `A booklet is made of A5 or half-Letter pages, not of ${papers[first.paper].label}.`,
    );
  }
  const pages = sheets.flatMap((sheet) => sheet.pages.filter(({ part }) => part === 'learner'));
  const half = papers[spread].width / 2;
  // A5 is a hair narrower than half of A4.
  const inset = (half - papers[first.paper].width) / 2;
  const at = (number: number, dx: number) =>
    (pages[number - 1]?.marks ?? []).map((mark) => moveMark(mark, dx + inset, 0));
  const sides = bookletOrder(pages.length).map(([left, right], index): SheetPage => ({
    part: 'learner',
    number: index + 1,
    marks: [...at(left, 0), ...at(right, half)],
  }));
  return {
    ...first,
    title,
    paper: spread,
    pages: sides,
    problems: [...new Set(sheets.flatMap(({ problems }) => problems))],
  };
}
