/** A page as a poster: enlarged over several pages of the usual paper, which are cut and glued together. */
import { papers, type Paper } from '../kernel/paper-size';
import { moveMark, scaleMark, type PageMark } from '../paper/marks';
import { textWidth } from '../paper/measure';
import type { Sheet, SheetPage } from './sheet';

/** Pages beside each other, and one below another. */
export const posterSizes = [2, 3] as const;
export type PosterSize = (typeof posterSizes)[number];

/** What every printer can print to, and how far a page lies under the next, in millimetres. */
const EDGE = 10;
export const OVERLAP = 10;
/** Length of the ticks at the corners to cut at. */
const TICK = 5;
const SMALL = 3.2;

export interface PosterForm {
  /** Pages across, and pages down. */
  readonly across: number;
  /** How many times as large it is. */
  readonly times: number;
  /** What of the poster one page shows, in millimetres of the poster. */
  readonly tile: { readonly width: number; readonly height: number };
  /** The poster as it hangs, in millimetres. */
  readonly width: number;
  readonly height: number;
}

/**
 * How a page is enlarged over so many pages across and down: as large as they hold it, with its own
 * proportions.
 */
export function posterForm({ width, height }: Paper, across: PosterSize): PosterForm {
  const tile = { width: width - 2 * EDGE, height: height - 2 * EDGE };
  const whole = (one: number) => across * one - (across - 1) * OVERLAP;
  const times = Math.min(whole(tile.width) / width, whole(tile.height) / height);
  return { across, times, tile, width: width * times, height: height * times };
}

/** The outermost places of a mark, or more: a text counts with its line. */
function boundsOf(mark: PageMark, font: string) {
  if (mark.kind === 'line') {
    return {
      left: Math.min(mark.x1, mark.x2),
      right: Math.max(mark.x1, mark.x2),
      top: Math.min(mark.y1, mark.y2),
      bottom: Math.max(mark.y1, mark.y2),
    };
  }
  if (mark.kind === 'text' || mark.kind === 'hand') {
    const family = mark.kind === 'text' ? font : mark.font;
    const wide =
      mark.kind === 'text'
        ? textWidth(mark.text, family, mark.weight, mark.size)
        : mark.size * mark.text.length;
    // Turned or not, and wherever it is aligned: it is within its own length.
    return {
      left: mark.x - wide,
      right: mark.x + wide,
      top: mark.y - wide - mark.size,
      bottom: mark.y + wide + mark.size,
    };
  }
  // What a path draws is not measured: it is on every page of the poster.
  if (mark.kind === 'path') return { left: -1e6, right: 1e6, top: -1e6, bottom: 1e6 };
  return { left: mark.x, right: mark.x + mark.width, top: mark.y, bottom: mark.y + mark.height };
}

/** Ticks in the corners of what stays, outside of it; and which page it is, in the edge that is cut off. */
function trimMarks(form: PosterForm, paper: Paper, row: number, column: number): PageMark[] {
  const { tile, across } = form;
  const [left, top] = [EDGE, EDGE];
  const [right, bottom] = [left + tile.width, top + tile.height];
  const line = (x1: number, y1: number, x2: number, y2: number): PageMark => ({
    kind: 'line',
    x1,
    y1,
    x2,
    y2,
    width: 0.25,
  });
  const last = column === across - 1;
  const lowest = row === across - 1;
  const glue = [
    ...(last ? [] : ['the next page lies on the right edge']),
    ...(lowest ? [] : ['the page below on the lower edge']),
  ];
  const says = `Row ${row + 1}, page ${column + 1} of ${across}.${glue.length > 0 ? ` Cut at the ticks on the left and above; ${glue.join(', ')}.` : ' Cut at the ticks.'}`;
  return [
    ...[left, right].flatMap((x) => [
      line(x, top - TICK - 1, x, top - 1),
      line(x, bottom + 1, x, bottom + TICK + 1),
    ]),
    ...[top, bottom].flatMap((y) => [
      line(left - TICK - 1, y, left - 1, y),
      line(right + 1, y, right + TICK + 1, y),
    ]),
    {
      kind: 'text',
      x: left + 4,
      y: paper.height - EDGE / 2 + SMALL / 2,
      text: says,
      size: SMALL,
      weight: 400,
      align: 'start',
      role: 'small',
      grey: true,
    },
  ];
}

/** The learner's pages of a sheet, each as a poster of several pages; keys are not enlarged. */
export function posterOf(sheet: Sheet, across: PosterSize): Sheet {
  const paper = papers[sheet.paper];
  const form = posterForm(paper, across);
  const { tile, times } = form;
  const pages = sheet.pages
    .filter(({ part }) => part === 'learner')
    .flatMap(({ marks }): SheetPage[] => {
      const large = marks
        .filter(({ kind }) => kind !== 'word' && kind !== 'item')
        .map((mark) => scaleMark(mark, times));
      return Array.from({ length: across * across }, (_, place): SheetPage => {
        const [row, column] = [Math.floor(place / across), place % across];
        const x = column * (tile.width - OVERLAP);
        const y = row * (tile.height - OVERLAP);
        // What reaches over the edge is cut off with it.
        const shown = large.filter((mark) => {
          const { left, right, top, bottom } = boundsOf(mark, sheet.font);
          return (
            left < x + tile.width + EDGE &&
            right > x - EDGE &&
            top < y + tile.height + EDGE &&
            bottom > y - EDGE
          );
        });
        return {
          part: 'learner',
          number: place + 1,
          marks: [
            ...shown.map((mark) => moveMark(mark, EDGE - x, EDGE - y)),
            ...trimMarks(form, paper, row, column),
          ],
        };
      });
    });
  const { room: _room, ...rest } = sheet;
  return { ...rest, pages: pages.map((page, at) => ({ ...page, number: at + 1 })) };
}
