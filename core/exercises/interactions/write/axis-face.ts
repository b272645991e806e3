/** A line of time on paper: a line down the page with a dot for each date, and what happened beside it. */
import { linesOf, type WriteItem, type WritePaper, type WriteTask } from './task';
import { isAnswered, itemArea, textAt, type Answers } from '../../../paper/face';
import type { PageMark } from '../../../paper/marks';
import { breakLines } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import { readAs, spokenGaps } from '../../../paper/reading';
import type { SheetStyle } from '../../../paper/style';

const GAP = 6;
const DOT = 1.6;

const circle = (radius: number) =>
  `M${-radius} 0 A${radius} ${radius} 0 1 0 ${radius} 0 A${radius} ${radius} 0 1 0 ${-radius} 0 Z`;

interface Column {
  readonly left: number;
  readonly width: number;
}

/** Text in a column, or lines to write on where there is none; grey where it is an answer. */
function cellMarks(
  text: string,
  column: Column,
  style: SheetStyle,
  options: { readonly lines: number; readonly grey: boolean; readonly bold: boolean },
): { readonly marks: PageMark[]; readonly height: number } {
  const { left, width } = column;
  if (text === '') {
    const step = style.lineRoom * 0.85;
    return {
      height: step * options.lines,
      marks: Array.from({ length: options.lines }, (_, at): PageMark => {
        const y = step * (at + 1) - 1;
        return { kind: 'line', x1: left, y1: y, x2: left + width, y2: y, width: 0.35 };
      }),
    };
  }
  const weight = options.bold ? 700 : 400;
  const leading = style.body * style.leading;
  const lines = breakLines(text, style.font, weight, style.body, width);
  return {
    height: lines.length * leading,
    marks: lines.map((line, at) =>
      textAt(left, style.body + at * leading, line, style, {
        weight,
        ...(options.grey ? { grey: true } : {}),
      }),
    ),
  };
}

function rowBlock(
  item: WriteItem,
  index: number,
  task: WriteTask,
  style: SheetStyle,
  lines: number,
  answered: boolean,
): Block {
  const share = task.columns?.[0]?.share ?? 0.25;
  const axis = style.width * share;
  const [printedWhen = '', printedWhat = ''] = item.cells ?? [];
  const [when = '', what = ''] = (answered ? item.keyCells : item.cells) ?? [];
  const dates = cellMarks(when, { left: 0, width: axis - GAP }, style, {
    lines: 1,
    grey: answered && printedWhen === '',
    bold: true,
  });
  const right: Column = { left: axis + GAP, width: style.width - axis - GAP };
  const told = cellMarks(what, right, style, {
    lines,
    grey: answered && printedWhat === '',
    bold: false,
  });
  // A model answer leaves the room that the learner’s has.
  const room = printedWhat === '' ? style.lineRoom * 0.85 * lines : 0;
  const height = Math.max(dates.height, told.height, room) + 6;
  const said = `${index + 1}. ${spokenGaps(when) || 'gap'}: ${spokenGaps(what) || 'gap'}`;
  return {
    height,
    name: `The row “${item.word}”`,
    marks: [
      itemArea(item, style.width, height - 1),
      ...readAs(
        [
          { kind: 'line', x1: axis, y1: 0, x2: axis, y2: height, width: 0.6 },
          {
            kind: 'path',
            x: axis,
            y: style.body * 0.7,
            d: circle(DOT),
            stroke: 0.6,
            fill: 'paper',
          },
          ...dates.marks,
          ...told.marks,
        ],
        index,
        said,
      ),
    ],
  };
}

export const axisPaper = (
  task: WriteTask,
  style: SheetStyle,
  answers: Answers,
  needs: WritePaper,
): Block[] =>
  task.items.map((item, index) =>
    rowBlock(item, index, task, style, linesOf(item, needs), isAnswered(answers, index)),
  );
