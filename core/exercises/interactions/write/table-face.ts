/** Writing in a table: a head, and a row for each item with printed cells and cells to write in. */
import { linesOf, type WriteItem, type WritePaper, type WriteTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { breakLines, sizeThatHolds } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import { itemArea, textAt, type Answers, isAnswered } from '../../../paper/face';
import { readAsCell, spokenGaps } from '../../../paper/reading';

const PAD = 1.8;

interface Column {
  readonly title: string;
  readonly x: number;
  readonly width: number;
}

function columnsOf(task: WriteTask, style: SheetStyle): Column[] {
  let x = 0;
  return (task.columns ?? []).map(({ title, share }) => {
    const column = { title, x, width: share * style.width };
    x += column.width;
    return column;
  });
}

const box = (column: Column, height: number, filled: boolean): PageMark => ({
  kind: 'box',
  x: column.x,
  y: 0,
  width: column.width,
  height,
  stroke: 0.3,
  ...(filled ? { fill: 'tint' as const } : {}),
});

/** One row: cells of text, the empty ones left white to write in. */
function rowBlock(
  cells: readonly string[],
  columns: readonly Column[],
  style: SheetStyle,
  options: {
    row: number;
    size: number;
    least: number;
    head?: boolean;
    name: string;
    id?: string;
    /** Cells as they are printed for the learner: what stands in others is written, in the hand's colour. */
    printed?: readonly string[];
  },
): Block {
  const { size, least, head = false, name } = options;
  const weight = head ? 700 : 400;
  const leading = size * 1.3;
  const broken = columns.map(({ width }, index) =>
    breakLines(cells[index] ?? '', style.font, weight, size, width - 2 * PAD),
  );
  const height = Math.max(least, ...broken.map((lines) => lines.length * leading + 2 * PAD));
  const marks = columns.flatMap((column, index): PageMark[] => {
    const { printed } = options;
    const written = printed !== undefined && printed[index] !== cells[index];
    const lines = broken[index]?.length ? broken[index] : [''];
    return readAsCell(
      [
        box(column, height, head && !style.inkSaver),
        ...lines.map((line, at) =>
          textAt(column.x + PAD, PAD + size + at * leading, line, style, {
            size,
            weight,
            ...(head ? { role: 'small' as const } : {}),
            ...(written ? { grey: true } : {}),
          }),
        ),
      ],
      { row: options.row, column: index, ...(head ? { head } : {}) },
      // What is to be filled in is a gap.
      spokenGaps(cells[index] ?? '') || 'gap',
    );
  });
  const { id } = options;
  const area = id === undefined ? [] : [itemArea({ id }, style.width, height)];
  return { height, marks: [...area, ...marks], keepWithNext: head, name };
}

/** Cells are set a little smaller than what is read, so that a table has room to write in. */
const CELL = 0.82;
const HEAD = 0.72;

/** As large as the narrowest column lets every word of its cells stand whole. */
function sizeOf(
  cells: readonly (readonly string[])[],
  columns: readonly Column[],
  style: SheetStyle,
  head = false,
) {
  const wanted = Math.max(style.body * (head ? HEAD : CELL), style.small * (head ? 1.05 : 1.15));
  const sizes = columns.map(({ width }, at) =>
    sizeThatHolds(
      cells.map((row) => row[at] ?? ''),
      style.font,
      head ? 700 : 400,
      wanted,
      width - 2 * PAD,
    ),
  );
  return Math.max(style.small * 0.9, Math.min(...sizes));
}

function rows(
  task: WriteTask,
  style: SheetStyle,
  cellsOf: (item: WriteItem) => readonly string[],
  roomOf: (item: WriteItem) => number,
): Block[] {
  const columns = columnsOf(task, style);
  const titles = columns.map(({ title }) => title);
  const head = rowBlock(titles, columns, style, {
    row: 0,
    size: sizeOf([titles], columns, style, true),
    least: 6,
    head: true,
    name: 'The head of the table',
  });
  // Of what is printed and of what belongs there: the learner's table and its key look alike.
  const size = sizeOf(
    task.items.flatMap((item) => [item.cells ?? [], item.keyCells ?? []]),
    columns,
    style,
  );
  return [
    head,
    ...task.items.map((item, index) =>
      rowBlock(cellsOf(item), columns, style, {
        row: index + 1,
        size,
        least: roomOf(item),
        name: `The row “${item.word}”`,
        id: item.id,
        ...(item.cells ? { printed: item.cells } : {}),
      }),
    ),
  ];
}

/** The learner's table; where item 1 is worked its row is filled in. */
export function tablePaper(
  task: WriteTask,
  style: SheetStyle,
  answers: Answers,
  needs: WritePaper,
): Block[] {
  return rows(
    task,
    style,
    (item) =>
      isAnswered(answers, task.items.indexOf(item))
        ? (item.keyCells ?? item.cells ?? [])
        : (item.cells ?? []),
    (item) => style.lineRoom * 0.72 * linesOf(item, needs) * style.stretch,
  );
}

/** The same table filled in. */
export const tableKey = (task: WriteTask, style: SheetStyle, needs: WritePaper): Block[] =>
  rows(
    task,
    style,
    (item) => item.keyCells ?? item.cells ?? [],
    (item) => style.small * 1.6 * linesOf(item, needs),
  );
