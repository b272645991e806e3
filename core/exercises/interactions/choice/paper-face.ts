/** The choice on paper: a question or a picture, and boxes to tick. */
import type { ChoiceItem, ChoiceTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { breakLines, textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import { passageBlocks } from '../../../paper/passage-blocks';
import {
  itemArea,
  keyLine,
  NUMBER_ROOM,
  numberAt,
  textAt,
  type Face,
  type Answers,
  isAnswered,
} from '../../../paper/face';
import { readAs, spokenGaps } from '../../../paper/reading';

const TICK = 5.5;
const GAP = 8;

/** The options, side by side where they fit in the width, else under each other. */
function optionMarks(
  item: ChoiceItem,
  left: number,
  top: number,
  style: SheetStyle,
  worked: boolean,
) {
  const width = style.width - left;
  const room = (text: string) => TICK + 2.5 + textWidth(text, style.font, 400, style.body);
  const total = item.options.reduce((sum, option) => sum + room(option.text) + GAP, -GAP);
  const marks: PageMark[] = [];
  const row = Math.max(style.body * style.leading, TICK + 2);
  let x = left;
  let y = top;
  for (const option of item.options) {
    const lines = breakLines(option.text, style.font, 400, style.body, width - TICK - 2.5);
    marks.push({
      kind: 'box',
      x,
      y: y + (row - TICK) / 2,
      width: TICK,
      height: TICK,
      stroke: 0.35,
      radius: 0.8,
    });
    const baseline = y + row / 2 + style.body * 0.33;
    if (worked && option.right) {
      marks.push(
        {
          kind: 'line',
          x1: x + 1.2,
          y1: y + row / 2,
          x2: x + 2.4,
          y2: y + row / 2 + 1.6,
          width: 0.6,
        },
        {
          kind: 'line',
          x1: x + 2.4,
          y1: y + row / 2 + 1.6,
          x2: x + 4.8,
          y2: y + row / 2 - 2,
          width: 0.6,
        },
      );
    }
    const ticked = worked && option.right ? 'ticked box' : 'box';
    marks.push(
      ...readAs(
        lines.map((line, index) =>
          textAt(x + TICK + 2.5, baseline + index * style.body * style.leading, line, style),
        ),
        undefined,
        `${ticked}: ${option.text}`,
      ),
    );
    if (total <= width) x += room(option.text) + GAP;
    else y += row + (lines.length - 1) * style.body * style.leading + 1.5;
  }
  return { marks, height: (total <= width ? row : y - top) + 1 };
}

function itemBlock(item: ChoiceItem, index: number, style: SheetStyle, worked: boolean): Block {
  const marks: PageMark[] = [];
  const pictured = item.picture !== undefined;
  // Without a question the first box would stand against the number.
  const left = NUMBER_ROOM + (pictured ? style.picture + 6 : item.prompt === '' ? 3 : 0);
  let top = pictured ? Math.max(0, (style.picture - style.body * style.leading - 8) / 2) : 0;
  if (item.picture !== undefined) {
    marks.push({
      kind: 'picture',
      x: NUMBER_ROOM,
      y: 0,
      width: style.picture,
      height: style.picture,
      picture: item.picture,
      // The name would be the answer.
      name: '',
    });
  }
  if (item.prompt !== '') {
    const lines = breakLines(item.prompt, style.font, 400, style.body, style.width - left);
    lines.forEach((line, row) => {
      marks.push(textAt(left, top + style.body * (1 + row * style.leading), line, style));
    });
    top += lines.length * style.body * style.leading + 1;
  }
  marks.push(...numberAt(pictured ? style.picture / 2 : style.body, index + 1, style));
  const options = optionMarks(item, left, top, style, worked);
  const height = Math.max(top + options.height, pictured ? style.picture : 0) + 5;
  const asked = [pictured ? 'picture' : '', spokenGaps(item.prompt)].filter(Boolean).join('; ');
  return {
    height,
    marks: [
      itemArea(item, style.width, height - 4),
      ...readAs(marks, undefined, `${index + 1}. ${asked}`),
      ...options.marks,
    ],
    name: `The question about ${item.word}`,
    loose: true,
  };
}

export function choicePaper(task: ChoiceTask, style: SheetStyle, answers: Answers): Face {
  return {
    blocks: task.items.flatMap((item, index) => [
      ...passageBlocks(item.passage, style),
      itemBlock(item, index, style, isAnswered(answers, index)),
    ]),
    problems: [],
  };
}

export function choiceKey(task: ChoiceTask, style: SheetStyle): Block[] {
  return task.items.map((item, index) =>
    keyLine(index, item.options.find((option) => option.right)?.text ?? '', item.reason, style),
  );
}
