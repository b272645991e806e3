/** The match on paper: two columns with dots to join. */
import type { MatchPaper, MatchSide, MatchTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { breakLines, textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import { backsPaper, pairsPaper } from './cards-face';
import { dominoesPaper } from './dominoes-face';
import {
  keyLine,
  NUMBER_ROOM,
  numberAt,
  textAt,
  type Face,
  type Answers,
  answeredOf,
} from '../../../paper/face';
import { readAs } from '../../../paper/reading';

const DOT = 2.2;

interface Sides {
  readonly leftEnd: number;
  readonly rightStart: number;
  readonly rightWidth: number;
}

/** Short words on the left leave more room for meanings on the right. */
function sidesOf(task: MatchTask, style: SheetStyle): Sides {
  const long = task.rights.some((side) => side.text.length > 24);
  // Halves of sentences on both sides share the width.
  const halves = task.pairs.some(({ left }) => left.text.length > 14 && left.text.includes(' '));
  const leftEnd = style.width * (long && halves ? 0.45 : long ? 0.3 : 0.4);
  const rightStart = style.width * (long && halves ? 0.53 : long ? 0.42 : 0.6);
  return { leftEnd, rightStart, rightWidth: style.width - rightStart - 6 };
}

function sideMarks(
  side: MatchSide,
  x: number,
  width: number,
  height: number,
  style: SheetStyle,
  word: string,
): PageMark[] {
  if (side.picture !== undefined) {
    return [
      {
        kind: 'picture',
        x,
        y: (height - style.picture) / 2,
        width: style.picture,
        height: style.picture,
        picture: side.picture,
        name: '',
      },
    ];
  }
  const lines = breakLines(side.text, style.font, 400, style.body, width);
  const first =
    height / 2 - ((lines.length - 1) * style.body * style.leading) / 2 + style.body * 0.33;
  return lines.flatMap((line, index): PageMark[] => {
    const y = first + index * style.body * style.leading;
    const text = textAt(x, y, line, style);
    if (word !== side.text || index > 0) return [text];
    return [
      text,
      {
        kind: 'word',
        x,
        y: y - style.body,
        width: textWidth(line, style.font, 400, style.body),
        height: style.body * 1.3,
        word,
      },
    ];
  });
}

function rowHeight(task: MatchTask, index: number, sides: Sides, style: SheetStyle): number {
  const left = task.pairs[index]?.left;
  const right = task.rights[index];
  const pictured = left?.picture !== undefined || right?.picture !== undefined;
  const lines = right
    ? breakLines(right.text, style.font, 400, style.body, sides.rightWidth).length
    : 1;
  return Math.max(pictured ? style.picture + 3 : 0, lines * style.body * style.leading + 5, 12);
}

export function matchPaper(
  task: MatchTask,
  style: SheetStyle,
  answers: Answers,
  needs: MatchPaper,
): Face {
  if (task.cards === 'pairs') return pairsPaper(task, style);
  if (task.cards === 'dominoes') return dominoesPaper(task, style);
  if (task.cards === 'backs') return backsPaper(task, style, needs);
  const sides = sidesOf(task, style);
  const dot = (x: number, y: number): PageMark => ({
    kind: 'box',
    x: x - DOT / 2,
    y: y - DOT / 2,
    width: DOT,
    height: DOT,
    stroke: 0.4,
    radius: DOT / 2,
  });
  const rows = Math.max(task.pairs.length, task.rights.length);
  const heights = Array.from({ length: rows }, (_, index) => rowHeight(task, index, sides, style));
  // One height for all, so that a worked line meets its dot.
  const height = Math.max(12, ...heights) * style.stretch;
  const blocks = Array.from({ length: rows }, (_, index): Block => {
    const pair = task.pairs[index];
    const right = task.rights[index];
    const marks: PageMark[] = [];
    if (pair) {
      marks.push(
        ...readAs(
          [
            ...numberAt(height / 2 + style.body * 0.25, index + 1, style),
            ...sideMarks(
              pair.left,
              NUMBER_ROOM,
              sides.leftEnd - NUMBER_ROOM - 4,
              height,
              style,
              pair.word,
            ),
          ],
          index,
          `${index + 1}. ${pair.left.picture === undefined ? pair.left.text : 'picture'}`,
        ),
        dot(sides.leftEnd, height / 2),
      );
    }
    if (right) {
      marks.push(
        dot(sides.rightStart, height / 2),
        // The right side is read after the left.
        ...readAs(
          sideMarks(right, sides.rightStart + 5, sides.rightWidth, height, style, ''),
          rows + index,
          `to join: ${right.picture === undefined ? right.text : 'picture'}`,
        ),
      );
    }
    return { height, marks, name: 'A row to join' };
  });
  // Lines that are drawn span rows: these stay together as far as the lines go.
  const lines = answeredOf(task.pairs, answers).map((pair) => {
    const from = task.pairs.indexOf(pair);
    return { from, to: task.rights.findIndex((side) => side.id === pair.partner) };
  });
  const joined = blocks.map((block, index): Block => ({
    ...block,
    keepWithNext: lines.some(
      ({ from, to }) => index >= Math.min(from, to) && index < Math.max(from, to),
    ),
    marks: [
      ...block.marks,
      ...lines
        .filter(({ from }) => from === index)
        .map(({ from, to }): PageMark => ({
          kind: 'line',
          x1: sides.leftEnd + DOT / 2,
          y1: height / 2,
          x2: sides.rightStart - DOT / 2,
          y2: height / 2 + (to - from) * height,
          width: 0.5,
        })),
    ],
  }));
  return { blocks: joined, problems: [] };
}

export function matchKey(task: MatchTask, style: SheetStyle): Block[] {
  return task.pairs.map((pair, index) => {
    const right = task.rights.find((side) => side.id === pair.partner);
    const place = task.rights.findIndex((side) => side.id === pair.partner) + 1;
    const shown = right?.picture === undefined ? (right?.text ?? '') : `picture ${place}`;
    return keyLine(index, `${pair.word} – ${shown}`, pair.reason, style);
  });
}
