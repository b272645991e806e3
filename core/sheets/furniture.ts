/** What stands on a sheet beside its exercises: the line for the name, titles, the head and foot of each page, its border. */
import { packOf } from '../languages/registry/registry';
import type { SheetLayout } from '../paper/sheet-layout';
import type { PageMark, TextMark } from '../paper/marks';
import { MM_PER_POINT, textWidth } from '../paper/measure';
import type { Block } from '../paper/paginate';
import type { Paper } from '../kernel/paper-size';
import type { Look } from '../kernel/look';
import type { SheetStyle } from '../paper/style';
import { textBlock } from '../paper/text-block';
import { borderMarks } from './borders';

/** Size of the line for name and date, in points. */
const NAME_POINTS = 12;

/** The line for name and date at the head of a learner's sheet, in the language of what is learned. */
export function nameBlock(style: SheetStyle, language = 'en'): Block {
  const { name, date } = packOf(language).phrases;
  const size = NAME_POINTS * MM_PER_POINT;
  const y = size * 1.2;
  const dateAt = style.width * 0.68;
  const label = (text: string, x: number): TextMark => ({
    kind: 'text',
    x,
    y,
    text,
    size,
    weight: 400,
    align: 'start',
    role: 'small',
  });
  const rule = (x1: number, x2: number): PageMark => ({
    kind: 'line',
    x1,
    y1: y + 0.8,
    x2,
    y2: y + 0.8,
    width: 0.3,
  });
  const nameEnd = textWidth(name, style.font, 400, size) + 3;
  const dateEnd = dateAt + textWidth(date, style.font, 400, size) + 3;
  return {
    height: size * 1.2 + 9,
    marks: [
      { ...label(name, 0), field: 'name' },
      rule(nameEnd, dateAt - 5),
      label(date, dateAt),
      rule(dateEnd, style.width),
    ],
    keepWithNext: true,
    wide: true,
  };
}

export function titleBlock(title: string, style: SheetStyle): Block {
  return textBlock(title, style, {
    size: style.title,
    weight: 700,
    role: 'title',
    after: 1,
    keepWithNext: true,
  });
}

export function instructionBlock(instruction: string, style: SheetStyle): Block {
  return textBlock(instruction, style, {
    size: style.body * 0.92,
    role: 'text',
    after: 4,
    keepWithNext: true,
  });
}

/** A shipped picture stands on the sheet: the teacher's own needs no credit of ours. */
export const hasPicture = (blocks: readonly Block[]) =>
  blocks.some((block) =>
    block.marks.some((mark) => mark.kind === 'picture' && !mark.picture.startsWith('data:')),
  );

/** A text of one line, cut with an ellipsis where it is longer than its room. */
function fitted(text: string, font: string, size: number, room: number): string {
  if (textWidth(text, font, 400, size) <= room) return text;
  let left = text;
  while (left.length > 1 && textWidth(`${left}…`, font, 400, size) > room) left = left.slice(0, -1);
  return `${left.trim()}…`;
}

/** Size of the print at the head and foot of a page. */
const SMALL = 9 * MM_PER_POINT;

export interface PageFurniture {
  readonly footer: string;
  readonly number: number;
  readonly total: number;
  readonly paper: Paper;
  readonly font: string;
  readonly layout: SheetLayout;
  readonly look?: Look;
}

/** The foot of a page, its head where it has one, and its border. */
export function pageFurniture(page: PageFurniture): PageMark[] {
  const { footer, number, total, paper, font, layout } = page;
  const { width, height, margin } = paper;
  const pageText = total > 1 ? `Page ${number} of ${total}` : '';
  const room = width - 2 * margin - textWidth(pageText, font, 400, SMALL) - 6;
  const mark = (x: number, y: number, content: string, align: 'start' | 'end'): PageMark => ({
    kind: 'text',
    x,
    y,
    text: content,
    size: SMALL,
    weight: 400,
    align,
    role: 'small',
    grey: true,
  });
  const { header = '', border = 'none' } = layout;
  return [
    mark(margin, height - margin, fitted(footer, font, SMALL, room), 'start'),
    ...(pageText === '' ? [] : [mark(width - margin, height - margin, pageText, 'end')]),
    ...(header === ''
      ? []
      : [mark(margin, margin - 3, fitted(header, font, SMALL, width - 2 * margin), 'start')]),
    ...(page.look === 'log'
      ? [
          {
            kind: 'line' as const,
            x1: margin,
            x2: width - margin,
            y1: height - margin - SMALL * 1.5,
            y2: height - margin - SMALL * 1.5,
            width: 0.25,
          },
        ]
      : []),
    ...borderMarks(border, paper),
  ];
}
