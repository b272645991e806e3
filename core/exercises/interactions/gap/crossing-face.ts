/** Words that cross, on paper: the grid with its numbers, and the clues under it. */
import { clueNumbers } from './crossing-words';
import type { Crossing, CrossingEntry, GapItem, GapTask } from './task';
import { moveMark, type PageMark } from '../../../paper/marks';
import { textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import { roomUnderHead, type SheetStyle } from '../../../paper/style';
import { textBlock } from '../../../paper/text-block';
import { textAt, type Face, type Answers, answeredOf } from '../../../paper/face';
import { wordBox } from '../../../paper/word-box';
import { readAs } from '../../../paper/reading';

const LARGEST_SQUARE = 11;
/** White between the two columns of clues, and room for the number of a clue. */
const CLUE_GAP = 7;
/** Squares are made no smaller than this to spare a page. */
const LEAST_SQUARE = 7.5;
/** White under the grid. */
const GRID_WHITE = 6;
/** Smallest square that a hand can write in. */
const SMALLEST_SQUARE = 6;

const itemOf = (task: GapTask, entry: CrossingEntry) =>
  task.items.find((item) => item.id === entry.item) as GapItem;

/**
 * Squares small enough that the clues stand on the same page, as far as a hand can still write in
 * them; where they cannot, the grid has its page to itself.
 */
function squareOf(task: GapTask, crossing: Crossing, style: SheetStyle): number {
  const page = roomUnderHead(style) - GRID_WHITE;
  const room = page - clueBlock(task, crossing, style).height;
  const rows = Math.max(1, crossing.rows);
  const fitting = (room / rows >= LEAST_SQUARE ? room : page) / rows;
  return Math.min(
    LARGEST_SQUARE * style.stretch,
    style.width / Math.max(1, crossing.columns),
    fitting,
  );
}

/** The squares; the letters of the entries in `shown` are written in. */
function gridBlock(
  task: GapTask,
  crossing: Crossing,
  style: SheetStyle,
  shown: ReadonlySet<string>,
): Block {
  const side = squareOf(task, crossing, style);
  const left = (style.width - side * crossing.columns) / 2;
  const numbers = clueNumbers(crossing.entries);
  const marks: PageMark[] = [];
  const drawn = new Set<string>();
  const lettered = new Set<string>();
  const numbered = new Set<string>();
  for (const entry of crossing.entries) {
    const item = itemOf(task, entry);
    [...item.key].forEach((letter, index) => {
      const row = entry.row + (entry.down ? index : 0);
      const column = entry.column + (entry.down ? 0 : index);
      const place = `${row} ${column}`;
      const x = left + column * side;
      const y = row * side;
      if (!drawn.has(place)) {
        drawn.add(place);
        marks.push({ kind: 'box', x, y, width: side, height: side, stroke: 0.35 });
      }
      if (shown.has(entry.item) && !lettered.has(place)) {
        lettered.add(place);
        marks.push(
          textAt(x + side / 2, y + side * 0.72, letter, style, {
            size: side * 0.6,
            align: 'middle',
            grey: true,
          }),
        );
      }
      if (index > 0 || numbered.has(place)) return;
      numbered.add(place);
      marks.push(
        textAt(x + 0.8, y + side * 0.32, String(numbers.get(entry.item)), style, {
          size: side * 0.28,
          role: 'small',
        }),
      );
    });
  }
  const said = `Grid of squares, ${crossing.columns} across and ${crossing.rows} down; the clues say how long each word is`;
  return {
    height: crossing.rows * side + GRID_WHITE,
    marks: readAs(marks, undefined, said),
    name: 'The grid of squares',
  };
}

/** The clues across at the left, those down at the right, all together on one page. */
function clueBlock(task: GapTask, crossing: Crossing, style: SheetStyle): Block {
  const numbers = clueNumbers(crossing.entries);
  const numberOf = (entry: CrossingEntry) => numbers.get(entry.item) ?? 0;
  const width = (style.width - CLUE_GAP) / 2;
  const size = style.body * 0.8;
  const widest = Math.max(
    ...[...numbers.values()].map((number) => textWidth(`${number}`, style.font, 700, size)),
  );
  const indent = Math.max(8, widest + 2.5);
  const columns = [false, true].map((down) => {
    const entries = crossing.entries
      .filter((entry) => entry.down === down)
      .sort((one, other) => numberOf(one) - numberOf(other));
    const left = down ? width + CLUE_GAP : 0;
    const column = { ...style, width: width - indent };
    let y = style.body * 1.2;
    const marks: PageMark[] = [
      textAt(left, style.body, down ? 'Down' : 'Across', style, {
        size: style.body * 0.9,
        weight: 700,
        role: 'heading',
      }),
    ];
    for (const entry of entries) {
      const clue = itemOf(task, entry)
        .pieces.flatMap((piece) => (piece.kind === 'text' ? [piece.text] : []))
        .join(' ');
      const block = textBlock(clue, column, { size, role: 'text', after: 1.4 });
      marks.push(
        ...readAs(
          [
            textAt(left, y + size, String(numberOf(entry)), style, { size, weight: 700 }),
            ...block.marks.map((mark) => moveMark(mark, left + indent, y)),
          ],
          undefined,
          `${numberOf(entry)}. ${clue}`,
        ),
      );
      y += block.height;
    }
    return { marks: entries.length === 0 ? [] : marks, height: y };
  });
  return {
    height: Math.max(...columns.map(({ height }) => height)),
    marks: columns.flatMap(({ marks }) => marks),
    name: 'The clues',
  };
}

export function crossingPaper(
  task: GapTask,
  crossing: Crossing,
  style: SheetStyle,
  answers: Answers,
): Face {
  const small = style.width / Math.max(1, crossing.columns) < SMALLEST_SQUARE;
  const shown = new Set(answeredOf(task.items, answers).map((item) => item.id));
  return {
    blocks: [
      ...wordBox(
        task.bank.map((text) => ({ text })),
        style,
      ),
      gridBlock(task, crossing, style, shown),
      clueBlock(task, crossing, style),
    ],
    problems: small
      ? ['The squares are too small to write in. Use shorter words or larger paper.']
      : [],
  };
}

export function crossingKey(task: GapTask, crossing: Crossing, style: SheetStyle): Block[] {
  const numbers = clueNumbers(crossing.entries);
  const answers = crossing.entries.map((entry) => {
    const item = itemOf(task, entry);
    return `${numbers.get(entry.item)} ${entry.down ? 'down' : 'across'}: ${item.key}`;
  });
  return [
    gridBlock(task, crossing, style, new Set(task.items.map((item) => item.id))),
    textBlock(answers.join('   '), style, { size: style.small * 1.2, role: 'text' }),
  ];
}
