/**
 * How a page is read aloud and tagged: in which order, and what is said for marks
 * that only together mean something (the letters of a word, a box and its text).
 */
import type { HandMark, PageMark, PictureMark, TextMark } from './marks';

export interface Reading {
  /** Its item's place among the items it stands between: columns are read one after the other. */
  readonly item?: number;
  /** What is said for all marks of one item that carry the same. */
  readonly as?: string;
  /** The cell of a table that it stands in. */
  readonly cell?: Cell;
}

/** A cell of a table: cells of one row follow each other, and rows too. */
export interface Cell {
  readonly row: number;
  readonly column: number;
  /** It says what stands under it. */
  readonly head?: boolean;
}

export type ReadMark = TextMark | PictureMark | HandMark;

const isRead = (mark: PageMark): mark is ReadMark =>
  mark.kind === 'text' || mark.kind === 'picture' || mark.kind === 'hand';

/** The marks as parts of an item, said together as one text where that is given. */
export const readAs = (
  marks: readonly PageMark[],
  item: number | undefined,
  as?: string,
): PageMark[] =>
  marks.map((mark) =>
    isRead(mark)
      ? {
          ...mark,
          reading: { ...(item === undefined ? {} : { item }), ...(as === undefined ? {} : { as }) },
        }
      : mark,
  );

/** The marks as a cell of a table. */
export const readAsCell = (marks: readonly PageMark[], cell: Cell, as: string): PageMark[] =>
  marks.map((mark) => (isRead(mark) ? { ...mark, reading: { cell, as } } : mark));

/** A gap, however it is drawn, said as a word. */
export const spokenGaps = (text: string) =>
  text
    .replace(/_{2,}/g, ' gap ')
    .replace(/\s+/g, ' ')
    .replace(/gap ([,.;:!?])/g, 'gap$1')
    .trim();

/** Marks that are one thing to whoever listens. */
export interface ReadGroup {
  /** What is said. */
  readonly text: string;
  /** True where that is another text than the marks themselves show. */
  readonly differs: boolean;
  readonly role: TextMark['role'];
  readonly marks: readonly ReadMark[];
  readonly cell?: Cell;
}

/** What a mark says by itself; a picture whose word is the answer is only a picture. */
const sayingOf = (mark: ReadMark) =>
  mark.kind === 'picture' ? mark.name || 'picture' : spokenGaps(mark.text);

/** Runs of items are put in the order of their items; everything else keeps its place. */
function inOrder(marks: readonly ReadMark[]): ReadMark[] {
  const ordered: ReadMark[] = [];
  let run: ReadMark[] = [];
  const close = () => {
    ordered.push(
      ...run.sort((left, right) => (left.reading?.item ?? 0) - (right.reading?.item ?? 0)),
    );
    run = [];
  };
  for (const mark of marks) {
    if (mark.reading?.item === undefined) {
      close();
      ordered.push(mark);
    } else run.push(mark);
  }
  close();
  return ordered;
}

/** The marks of a page that say something, in the order in which they are read. */
export function readingOf(marks: readonly PageMark[]): ReadGroup[] {
  const groups: (Reading & { marks: ReadMark[] })[] = [];
  for (const mark of inOrder(marks.filter(isRead))) {
    const reading = mark.reading ?? {};
    // Only neighbours: the same line may stand on a page twice.
    const last = groups.at(-1);
    if (reading.as !== undefined && last !== undefined && isSame(last, reading)) {
      last.marks.push(mark);
    } else groups.push({ ...reading, marks: [mark] });
  }
  return groups.map(({ as, cell, marks: together }) => {
    const said = as ?? together.map(sayingOf).join(' ');
    const shown = together
      .map((mark) => (mark.kind === 'picture' ? sayingOf(mark) : mark.text))
      .join(' ');
    const [first] = together;
    return {
      text: said,
      differs: said !== shown,
      role: first?.kind === 'text' ? first.role : 'text',
      marks: together,
      ...(cell === undefined ? {} : { cell }),
    };
  });
}

const isSame = (one: Reading, other: Reading) =>
  one.as === other.as &&
  one.item === other.item &&
  one.cell?.row === other.cell?.row &&
  one.cell?.column === other.cell?.column;

/** A table as its rows of cells. */
export interface ReadTable {
  readonly rows: readonly (readonly ReadGroup[])[];
}

/** Whether the rows of one table go on: a head or a smaller number begins another. */
const goesOn = (before: Cell, cell: Cell) =>
  cell.row === before.row
    ? cell.column > before.column
    : cell.row > before.row && cell.head !== true;

/** The groups of a page, those of a table together in their rows. */
export function withTables(groups: readonly ReadGroup[]): (ReadGroup | ReadTable)[] {
  const found: (ReadGroup | { rows: ReadGroup[][] })[] = [];
  for (const group of groups) {
    const { cell } = group;
    const open = found.at(-1);
    if (cell === undefined) {
      found.push(group);
      continue;
    }
    const row = open !== undefined && 'rows' in open ? open.rows.at(-1) : undefined;
    const before = row?.at(-1)?.cell;
    if (open === undefined || !('rows' in open) || before === undefined || !goesOn(before, cell)) {
      found.push({ rows: [[group]] });
    } else if (before.row === cell.row) row?.push(group);
    else open.rows.push([group]);
  }
  return found;
}

/** The rows of a table as lines: a cell is said under its head. */
function tableLines({ rows }: ReadTable): string[] {
  const [first] = rows;
  const heads = first?.every(({ cell }) => cell?.head) ? first : undefined;
  return rows.map((row, index) =>
    row === heads
      ? `table with columns: ${row.map(({ text }) => text).join('; ')}`
      : heads === undefined
        ? `row ${index + 1}: ${row.map(({ text }) => text).join(', ')}`
        : `row: ${row.map(({ text }, at) => `${heads[at]?.text ?? ''}: ${text}`).join('; ')}`,
  );
}

/** A page as it is read aloud, a line for each thing. */
export const readAloud = (marks: readonly PageMark[]): string[] =>
  withTables(readingOf(marks))
    .flatMap((read) => ('rows' in read ? tableLines(read) : [read.text]))
    .filter((text) => text !== '');
