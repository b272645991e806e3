/** The last page of a class's copies: who has which pages, and what is to be cut. */
import type { Copy } from './copy';
import { titleBlock } from './furniture';
import type { PageMark } from '../paper/marks';
import { paginate } from '../paper/paginate';
import type { Sheet, SheetPage } from './sheet';
import { COLUMN_GAP, type SheetStyle } from '../paper/style';
import { textBlock } from '../paper/text-block';

/** What is cut out of a page: everything with a dashed outline. */
const isPiece = (mark: PageMark) =>
  (mark.kind === 'box' || mark.kind === 'path') && mark.dashed === true;

interface Cuts {
  /** Numbers of the pages, within the copy, that have something to cut. */
  readonly pages: readonly number[];
  readonly pieces: number;
}

function cutsOf(sheet: Sheet): Cuts {
  const cut = sheet.pages
    .filter((page) => page.part === 'learner')
    .map((page) => ({ number: page.number, pieces: page.marks.filter(isPiece).length }))
    .filter(({ pieces }) => pieces > 0);
  return {
    pages: cut.map(({ number }) => number),
    pieces: cut.reduce((sum, { pieces }) => sum + pieces, 0),
  };
}

/** One line for each learner, in the order of the printed pages. */
export function cuttingList(
  copies: readonly Copy[],
  style: SheetStyle,
): Omit<SheetPage, 'number'>[] {
  const first = copies[0]?.sheet;
  if (first === undefined) return [];
  const width = (style.paper.width - 2 * style.paper.margin - COLUMN_GAP) / 2;
  const line = (text: string, options: { after?: number; wide?: boolean } = {}) => ({
    ...textBlock(
      text,
      { ...style, width: options.wide ? 2 * width + COLUMN_GAP : width },
      {
        size: style.small * 1.15,
        role: 'text',
        after: options.after ?? 1.2,
      },
    ),
    ...(options.wide ? { wide: true } : {}),
  });
  let next = 1;
  const lines = copies.map(({ name, version, sheet }) => {
    const count = sheet.pages.filter((page) => page.part === 'learner').length;
    const from = next;
    next += count;
    const { pages, pieces } = cutsOf(sheet);
    const at = pages.map((page) => from + page - 1).join(', ');
    const cut =
      pieces === 0 ? '' : ` · cut page ${at}: ${pieces} ${pieces === 1 ? 'piece' : 'pieces'}`;
    const place = count === 1 ? `${from}` : `${from}–${next - 1}`;
    return `${place}  ${name}${version === undefined ? '' : ` · ${version}`}${cut}`;
  });
  const toCut = copies.reduce((sum, { sheet }) => sum + cutsOf(sheet).pieces, 0);
  const blocks = [
    {
      ...titleBlock(`Cutting list: ${first.title}`, { ...style, title: style.body * 1.2 }),
      wide: true,
    },
    line(
      `${copies.length} copies on ${next - 1} pages. ${
        toCut === 0
          ? 'Nothing is to be cut.'
          : `Cut along the dashed lines: ${toCut} pieces in all. One envelope for each name.`
      }`,
      { after: 4, wide: true },
    ),
    ...lines.map((text) => line(text)),
  ];
  const { pages } = paginate(blocks, style.paper, { count: 2, width, gap: COLUMN_GAP });
  return pages.map(({ marks }) => ({ part: 'key', marks }));
}
