/** A sheet for a whole class: a copy for each learner with the name on, in roster order, then the keys and a cutting list. */
import type { Copy } from './copy';
import { cuttingList } from './cutting-list';
import { textWidth, MM_PER_POINT } from '../paper/measure';
import type { PageMark, TextMark } from '../paper/marks';
import { papers } from '../kernel/paper-size';
import type { Sheet, SheetPage } from './sheet';
import type { SheetStyle } from '../paper/style';

/** A name longer than this share of its line is set smaller. */
const NAME_ROOM = 0.5;

/** The line for the name on a page, where it has one. */
const nameLine = (page: SheetPage) =>
  page.marks.find((mark): mark is TextMark => mark.kind === 'text' && mark.field === 'name');

/** The learner's name on its line; small at the foot of the pages that have none. */
function nameMark(name: string, sheet: Sheet, line: TextMark | undefined): PageMark {
  const { width, height, margin } = papers[sheet.paper];
  const room = (width - 2 * margin) * NAME_ROOM;
  const wanted = line ? line.size * 1.25 : 9 * MM_PER_POINT;
  const natural = textWidth(name, sheet.font, 400, wanted);
  const size = natural > room ? (wanted * room) / natural : wanted;
  const base = { kind: 'text', text: name, size, weight: 400, role: 'small' } as const;
  return line
    ? {
        ...base,
        x: line.x + textWidth(line.text, sheet.font, 400, line.size) + 5,
        y: line.y,
        align: 'start',
      }
    : { ...base, x: width / 2, y: height - margin, align: 'middle', grey: true };
}

const numbered = (pages: readonly Omit<SheetPage, 'number'>[]): SheetPage[] =>
  pages.map((page, index) => ({ ...page, number: index + 1 }));

/** The pages of the keys of some sheets, each once: those that differ only in a learner's own name have one. */
const keyPages = (sheets: readonly Sheet[]) => [
  ...new Map(
    sheets
      .flatMap(({ pages }) => pages.filter(({ part }) => part === 'key'))
      .map((page) => [JSON.stringify(page), page]),
  ).values(),
];

/**
 * The sheets behind what is given out as one: their keys, and whatever follows them.
 *
 * @param keys laid out together on fewer pages, where they can be
 */
function together(
  sheets: readonly [Sheet, ...Sheet[]],
  learners: readonly Omit<SheetPage, 'number'>[],
  last: readonly Omit<SheetPage, 'number'>[],
  keys?: Sheet,
): Sheet {
  const [{ title, paper, font }] = sheets;
  const used = [...new Set(sheets)];
  return {
    title,
    paper,
    font,
    pages: [...numbered(learners), ...numbered([...keyPages(keys ? [keys] : used), ...last])],
    problems: [...new Set(used.flatMap(({ problems }) => problems))],
  };
}

/** The pages of several sheets behind each other, then their keys: an exercise in all its versions. */
export const sheetsTogether = (sheets: readonly [Sheet, ...Sheet[]], keys?: Sheet): Sheet =>
  together(
    sheets,
    sheets.flatMap(({ pages }) => pages.filter(({ part }) => part === 'learner')),
    [],
    keys,
  );

/**
 * All copies as one sheet.
 *
 * @param copies each learner with the sheet of her version, in roster order
 * @param style of the class, for the cutting list
 * @param keys of the versions on as few pages as can be
 */
export function namedCopies(
  copies: readonly Copy[],
  style: SheetStyle,
  keys?: Sheet,
): Sheet | undefined {
  const [first, ...others] = copies;
  if (first === undefined) return undefined;
  const learners = copies.flatMap(({ name, sheet }) =>
    sheet.pages
      .filter((page) => page.part === 'learner')
      .map((page) => ({
        part: page.part,
        learner: name,
        marks: [...page.marks, nameMark(name, sheet, nameLine(page))],
      })),
  );
  return together(
    [first.sheet, ...others.map(({ sheet }) => sheet)],
    learners,
    cuttingList(copies, style),
    keys,
  );
}
