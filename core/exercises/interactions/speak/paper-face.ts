/** The speak on paper: a grid to read aloud, each cell with a box for the listener's tick. */
import { GRID_COLUMNS, type SpeakPaper, type SpeakTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import { textAt, type Face } from '../../../paper/face';
import { textBlock } from '../../../paper/text-block';
import { readAsCell } from '../../../paper/reading';
import { boardsPaper, callersList } from './boards-face';
import { cutOutPaper } from './cut-out-face';

const TICK = 4.5;
const ROLL = 12;

export function speakPaper(
  task: SpeakTask,
  style: SheetStyle,
  { columns = GRID_COLUMNS, dice = false, boards, side = 3, cutOut }: SpeakPaper,
): Face {
  if (boards) return boardsPaper(boards, side, style);
  if (cutOut) return cutOutPaper(cutOut, style);
  const left = dice ? ROLL : 0;
  const width = (style.width - left) / columns;
  const height = Math.max(style.body * 2.2, 14) * style.stretch;
  const rows = Math.ceil(task.items.length / columns);
  const problems = task.items.some(
    (item) => textWidth(item.word, style.font, 400, style.body) > width - TICK - 5,
  )
    ? ['A word is too long for its cell. Use a shorter word.']
    : [];
  const blocks = Array.from({ length: rows }, (_, row): Block => {
    const marks: PageMark[] = [];
    if (dice) {
      const number = String(row + 1);
      marks.push(
        { kind: 'box', x: 0, y: 0, width: ROLL, height, stroke: 0.35 },
        ...readAsCell(
          [
            textAt(ROLL / 2, height / 2 + style.body * 0.33, number, style, {
              align: 'middle',
              weight: 700,
            }),
          ],
          { row, column: 0 },
          number,
        ),
      );
    }
    task.items.slice(row * columns, (row + 1) * columns).forEach((item, column) => {
      const x = left + column * width;
      const wordWidth = textWidth(item.word, style.font, 400, style.body);
      const middle = x + (width - TICK) / 2;
      marks.push(
        { kind: 'box', x, y: 0, width, height, stroke: 0.35 },
        {
          kind: 'box',
          x: x + width - TICK - 1.5,
          y: 1.5,
          width: TICK,
          height: TICK,
          stroke: 0.25,
          radius: 0.6,
        },
        ...readAsCell(
          [textAt(middle, height / 2 + style.body * 0.33, item.word, style, { align: 'middle' })],
          { row, column: column + 1 },
          item.word,
        ),
        {
          kind: 'word',
          x: middle - wordWidth / 2,
          y: height / 2 - style.body * 0.6,
          width: wordWidth,
          height: style.body * 1.3,
          word: item.word,
        },
      );
    });
    return { height, marks, name: 'A row of the grid' };
  });
  return { blocks, problems };
}

export function speakKey(
  task: SpeakTask,
  style: SheetStyle,
  { boards, cutOut }: SpeakPaper,
): Block[] {
  if (boards) return callersList(task, style);
  // What is cut out and said has no key.
  if (cutOut) return [];
  const lines = new Map(task.items.map((item) => [item.word, item.says]));
  const text = [...lines].map(([word, says]) => `${word} ${says}`).join('   ');
  return [textBlock(text, style, { size: style.small * 1.2, role: 'text', after: 2 })];
}
