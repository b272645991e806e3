/** The spot on paper: words in rows to underline, or a grid of letters to ring words in. */
import type { SpotItem, SpotTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import { keyLine, textAt, type Face, type Answers, answeredOf } from '../../../paper/face';
import { wordBox } from '../../../paper/word-box';
import { readAs, readAsCell } from '../../../paper/reading';

const LARGEST_CELL = 11;
/** Words in columns are separated by at least this many spaces in the text. */
const COLUMN_BREAK = /\s{3,}/;

interface PlacedWord {
  readonly text: string;
  /** Its offset in the text. */
  readonly start: number;
  readonly x: number;
  readonly line: number;
}

/** Where each word of the text stands: in columns where the text is columns, else line after line. */
function placeWords(task: SpotTask, style: SheetStyle): PlacedWord[] {
  const rows = task.text.split('\n');
  const columns = Math.max(1, ...rows.map((row) => row.split(COLUMN_BREAK).length));
  // In columns several words stand together as one: la salle de bains.
  const wordOrWords = columns > 1 ? /\S+(?: {1,2}\S+)*/g : /\S+/g;
  const widest = Math.max(
    0,
    ...(task.text.match(wordOrWords) ?? []).map((word) =>
      textWidth(word, style.font, 400, style.body),
    ),
  );
  const inColumns = columns > 1 && widest + 4 <= style.width / columns;
  const space = textWidth(' ', style.font, 400, style.body);
  const placed: PlacedWord[] = [];
  let offset = 0;
  let line = -1;
  for (const row of rows) {
    line += 1;
    let x = 0;
    let column = 0;
    for (const found of row.matchAll(wordOrWords)) {
      const text = found[0];
      const width = textWidth(text, style.font, 400, style.body);
      if (inColumns) {
        x = (column * style.width) / columns;
        column += 1;
      } else if (x > 0 && x + width > style.width) {
        line += 1;
        x = 0;
      }
      placed.push({ text, start: offset + found.index, x, line });
      x += width + space * (columns > 1 ? 4 : 1);
    }
    offset += row.length + 1;
  }
  return placed;
}

/** Runs of neighbouring offsets: a split digraph is two. */
function runs(place: readonly number[]): [number, number][] {
  const found: [number, number][] = [];
  for (const offset of place) {
    const last = found[found.length - 1];
    if (last?.[1] === offset) last[1] = offset + 1;
    else found.push([offset, offset + 1]);
  }
  return found;
}

/** The text with the places of some items underlined. */
function textBlocks(task: SpotTask, style: SheetStyle, shown: readonly SpotItem[]): Block[] {
  const words = placeWords(task, style);
  const leading = Math.max(style.body * 1.9, style.lineRoom * 0.85);
  const lines = Math.max(-1, ...words.map((word) => word.line)) + 1;
  return Array.from({ length: lines }, (_, line): Block => {
    const y = leading * 0.68;
    const marks = words
      .filter((word) => word.line === line)
      .flatMap((word): PageMark[] => {
        const to = (offset: number) =>
          word.x + textWidth(word.text.slice(0, offset - word.start), style.font, 400, style.body);
        const end = word.start + word.text.length;
        const lit = shown
          .flatMap((item) => runs(item.place))
          .filter(([from]) => from >= word.start && from < end);
        const item = task.items.find(({ place }) =>
          place.some((offset) => offset >= word.start && offset < end),
        );
        return [
          textAt(word.x, y, word.text, style),
          ...lit.map(([from, until]): PageMark => ({
            kind: 'line',
            x1: to(from),
            x2: to(until),
            y1: y + 1.2,
            y2: y + 1.2,
            width: 0.6,
          })),
          ...(item === undefined
            ? []
            : [
                {
                  kind: 'word',
                  x: word.x,
                  y: y - style.body,
                  width: to(end) - word.x,
                  height: style.body * 1.3,
                  word: item.word,
                } as const,
              ]),
        ];
      });
    // A line of running text is read as one; words in columns one by one.
    const said = words.filter((word) => word.line === line).map(({ text }) => text);
    return {
      height: leading,
      marks: readAs(marks, undefined, said.join(COLUMN_BREAK.test(task.text) ? ', ' : ' ')),
      name: 'A line of the text',
      // Rows of words may stand further apart; lines of a text may not.
      loose: COLUMN_BREAK.test(task.text),
    };
  });
}

/** The outline round a run of cells, as path data. */
function ringOf(from: readonly [number, number], to: readonly [number, number], radius: number) {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const length = Math.hypot(dx, dy) || 1;
  const [nx, ny] = [(-dy / length) * radius, (dx / length) * radius];
  const point = (x: number, y: number) => `${x.toFixed(2)} ${y.toFixed(2)}`;
  const r = radius.toFixed(2);
  return (
    `M${point(from[0] + nx, from[1] + ny)} L${point(to[0] + nx, to[1] + ny)} ` +
    `A${r} ${r} 0 0 0 ${point(to[0] - nx, to[1] - ny)} L${point(from[0] - nx, from[1] - ny)} ` +
    `A${r} ${r} 0 0 0 ${point(from[0] + nx, from[1] + ny)} Z`
  );
}

/** The grid of letters with some items ringed. */
function gridBlock(task: SpotTask, style: SheetStyle, ringed: readonly SpotItem[]): Block {
  const rows = task.text.split('\n');
  const columns = rows[0]?.length ?? 0;
  const cell = Math.min(LARGEST_CELL * style.stretch, (style.width - 4) / Math.max(1, columns));
  const left = (style.width - cell * columns) / 2;
  const centre = (offset: number): [number, number] => [
    left + ((offset % (columns + 1)) + 0.5) * cell,
    (Math.floor(offset / (columns + 1)) + 0.5) * cell,
  ];
  const marks: PageMark[] = [
    {
      kind: 'box',
      x: left - 2,
      y: -1,
      width: cell * columns + 4,
      height: cell * rows.length + 2,
      stroke: 0.4,
      radius: 2,
    },
    ...rows.flatMap((row, down) =>
      [...row].flatMap((letter, along) =>
        readAsCell(
          [
            textAt(left + (along + 0.5) * cell, (down + 0.5) * cell + cell * 0.2, letter, style, {
              size: cell * 0.58,
              align: 'middle',
            }),
          ],
          { row: down, column: along },
          letter,
        ),
      ),
    ),
    ...ringed.map((item): PageMark => ({
      kind: 'path',
      x: 0,
      y: 0,
      d: ringOf(
        centre(item.place[0] ?? 0),
        centre(item.place[item.place.length - 1] ?? 0),
        cell * 0.42,
      ),
      stroke: 0.4,
    })),
  ];
  return { height: cell * rows.length + 7, marks, name: 'The grid of letters' };
}

export function spotPaper(task: SpotTask, style: SheetStyle, answers: Answers): Face {
  const shown = answeredOf(task.items, answers);
  const list = task.listed
    ? wordBox(
        task.items.map(({ word }) => ({ text: word, word })),
        style,
      )
    : [];
  const body =
    task.layout === 'grid'
      ? task.text === ''
        ? []
        : [gridBlock(task, style, shown)]
      : textBlocks(task, style, shown);
  return { blocks: [...list, ...body], problems: [] };
}

export function spotKey(task: SpotTask, style: SheetStyle): Block[] {
  const small = { ...style, body: style.small * 1.3, lineRoom: style.small * 1.8 };
  if (task.text === '') return [];
  return task.layout === 'grid'
    ? [gridBlock(task, { ...style, width: Math.min(style.width, 120) }, task.items)]
    : [
        ...textBlocks(task, small, task.items),
        ...task.items.map((item, index) => keyLine(index, item.word, item.reason, style)),
      ];
}
