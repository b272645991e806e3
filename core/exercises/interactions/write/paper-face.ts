/** The write on paper: numbered lines, with what is to be copied or a picture before them. */
import {
  linesOf,
  type Handwriting,
  type Scene,
  type WriteItem,
  type WritePaper,
  type WriteTask,
} from './task';
import { moveMark, type PageMark } from '../../../paper/marks';
import { breakLines, textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import { textBlock } from '../../../paper/text-block';
import {
  keyLine,
  NUMBER_ROOM,
  numberAt,
  textAt,
  type Face,
  type Answers,
  isAnswered,
  itemArea,
} from '../../../paper/face';
import { passageBlocks } from '../../../paper/passage-blocks';
import { axisPaper } from './axis-face';
import { leftHandBlock } from './left-hand';
import { tableKey, tablePaper } from './table-face';
import { ruledBlock, rulingOf, traceBlocks, traceWidth } from './trace-face';
import { strokesBlock, strokesCredit } from './strokes-face';
import { wordBox } from '../../../paper/word-box';
import { readAs, spokenGaps } from '../../../paper/reading';

const SCENE_HEIGHT = 75;

/** Lines that stay together with their question, and those that begin a longer piece. */
const WHOLE_LINES = 6;
const FIRST_LINES = 3;

/** The picture that all items are about, as large as its shape and the page allow, in the middle. */
function sceneBlock(scene: Scene | undefined, style: SheetStyle): Block[] {
  if (scene === undefined) return [];
  const width = Math.min(style.width, SCENE_HEIGHT * scene.ratio);
  const height = width / scene.ratio;
  return [
    {
      height: height + 5,
      marks: [
        {
          kind: 'picture',
          x: (style.width - width) / 2,
          y: 0,
          width,
          height,
          picture: scene.picture,
          name: scene.shows ?? 'The picture to write about',
        },
      ],
      keepWithNext: true,
      name: 'The picture',
    },
  ];
}

/** An item as it is said: what is asked, then what it leaves to write on. */
function said(
  marks: readonly PageMark[],
  item: WriteItem,
  index: number,
  worked: boolean,
  lines: number,
): PageMark[] {
  const asked = [item.picture === undefined ? '' : 'picture', spokenGaps(item.prompt)];
  const room =
    worked && item.answer !== ''
      ? `written: ${item.answer}`
      : lines === 1
        ? 'line to write on'
        : lines > 1
          ? `${lines} lines to write on`
          : '';
  const parts = [...asked, room].filter((part) => part !== '');
  return readAs(marks, undefined, `${index + 1}. ${parts.join('; ')}`);
}

/**
 * An answer set as large as its lines hold: on the lines where it stays readable so, else closer
 * together in their room; all of it, whatever its length.
 */
function fitted(text: string, style: SheetStyle, width: number, lines: number) {
  const room = lines * style.lineRoom;
  for (let size = style.body; size > style.body * 0.68; size *= 0.92) {
    const broken = breakLines(text, style.font, 400, size, width);
    if (broken.length <= lines) return { size, broken };
  }
  for (let size = style.body; ; size *= 0.92) {
    const broken = breakLines(text, style.font, 400, size, width);
    if (broken.length * size * 1.25 <= room || size < style.body * 0.3) return { size, broken };
  }
}

/** What is asked for a note: its label, and a line to the edge. */
const noteLine = /^(.*\S) _{8,}$/;

/** Room that a note needs at least beside its label, in millimetres. */
const LEAST_NOTE = 45;

/** A line of what is asked, and where its line to write on begins, if it has one. */
interface AskedLine {
  readonly text: string;
  readonly from?: number;
}

/** A part of a prompt in lines; the blanks of a note are one line to the edge, or one below it. */
function askedLines(part: string, style: SheetStyle, indent: number): AskedLine[] {
  const [, label] = noteLine.exec(part) ?? [];
  const lines = breakLines(label ?? part, style.font, 400, style.body, style.width - indent);
  if (label === undefined) return lines.map((text) => ({ text }));
  const last = lines.at(-1) ?? '';
  const from = indent + textWidth(last, style.font, 400, style.body) + 2;
  return style.width - from >= LEAST_NOTE
    ? [...lines.slice(0, -1).map((text) => ({ text })), { text: last, from }]
    : [...lines.map((text) => ({ text })), { text: '', from: indent }];
}

/** A question too long to write beside: it stands over its lines. */
function longItem(
  item: WriteItem,
  index: number,
  style: SheetStyle,
  worked: boolean,
  lines: number,
): Block {
  const left = NUMBER_ROOM;
  const leading = style.body * style.leading;
  // A picture stands at the left, what is asked beside it.
  const size = item.picture === undefined ? 0 : Math.max(style.picture, 4 * leading);
  const indent = size === 0 ? left : left + size + 5;
  const asked = item.prompt.split('\n').flatMap((part) => askedLines(part, style, indent));
  const marks: PageMark[] = [
    ...numberAt(style.body, index + 1, style),
    ...asked.flatMap(({ text, from }, row): PageMark[] => {
      const y = style.body + row * leading;
      const note: PageMark[] =
        from === undefined
          ? []
          : [{ kind: 'line', x1: from, y1: y + 1, x2: style.width, y2: y + 1, width: 0.35 }];
      return [...(text === '' ? [] : [textAt(indent, y, text, style)]), ...note];
    }),
    ...(item.picture === undefined
      ? []
      : [
          {
            kind: 'picture' as const,
            x: left,
            y: 0,
            width: size,
            height: size,
            picture: item.picture,
            name: '',
          },
        ]),
  ];
  const top = Math.max(asked.length * leading, size);
  for (let line = 0; line < lines; line += 1) {
    const y = top + (line + 0.85) * style.lineRoom;
    marks.push({ kind: 'line', x1: left, y1: y, x2: style.width, y2: y, width: 0.35 });
  }
  if (worked && item.answer !== '') {
    const { size, broken } = fitted(item.answer, style, style.width - left - 2, lines);
    const step = lines * style.lineRoom * (1 / Math.max(lines, broken.length));
    broken.forEach((line, row) => {
      marks.push(
        textAt(left + 1, top + (row + 0.85) * step - 1, line, style, { size, grey: true }),
      );
    });
  }
  return {
    height: top + lines * style.lineRoom + 3,
    marks: [
      itemArea(item, style.width, top + lines * style.lineRoom),
      ...said(marks, item, index, worked, lines),
    ],
    name: `The question “${item.word}”`,
    loose: true,
  };
}

/** A long piece of writing begins with its question and goes on line by line, over the page where it must. */
function longItems(
  item: WriteItem,
  index: number,
  style: SheetStyle,
  worked: boolean,
  lines: number,
): Block[] {
  const answered = worked && item.answer !== '';
  if (answered || lines <= WHOLE_LINES) return [longItem(item, index, style, worked, lines)];
  const first = longItem(item, index, style, worked, FIRST_LINES);
  const line: Block = {
    height: style.lineRoom,
    marks: [
      {
        kind: 'line',
        x1: NUMBER_ROOM,
        y1: style.lineRoom * 0.85,
        x2: style.width,
        y2: style.lineRoom * 0.85,
        width: 0.35,
      },
    ],
    name: 'A line to write on',
  };
  const { loose: _, ...begins } = first;
  return [
    { ...begins, height: first.height - 3 },
    ...Array.from({ length: lines - FIRST_LINES }, () => line),
    { height: 3, marks: [] },
  ];
}

/** True where less than half of the line would be left to write on, or too little for the answer. */
const isLong = (item: WriteItem, style: SheetStyle, needs: WritePaper) => {
  if (item.prompt === '') return false;
  // Several lines stand under each other, all of the same length.
  if (linesOf(item, needs) > 1) return true;
  const wide = (text: string) => textWidth(text, style.font, 400, style.body);
  const both = NUMBER_ROOM + wide(item.prompt) + 6 + wide(item.answer);
  return item.open === true || wide(item.prompt) > style.width * 0.45 || both > style.width;
};

function itemBlock(
  item: WriteItem,
  index: number,
  style: SheetStyle,
  worked: boolean,
  lines: number,
): Block {
  const marks: PageMark[] = [];
  const first = Math.max(style.lineRoom, item.picture ? style.picture + 2 : 0);
  const baseline = first - style.lineRoom * 0.3;
  let x = NUMBER_ROOM;
  marks.push(...numberAt(baseline, index + 1, style));
  if (item.picture !== undefined) {
    marks.push({
      kind: 'picture',
      x,
      y: first - style.picture - 1,
      width: style.picture,
      height: style.picture,
      picture: item.picture,
      name: '',
    });
    x += style.picture + 4;
  }
  if (item.prompt !== '') {
    marks.push(textAt(x, baseline, item.prompt, style));
    x += textWidth(item.prompt, style.font, 400, style.body) + 5;
  }
  for (let line = 0; line < lines; line += 1) {
    const y = baseline + 1 + line * style.lineRoom;
    marks.push({
      kind: 'line',
      x1: line === 0 ? x : NUMBER_ROOM,
      y1: y,
      x2: style.width,
      y2: y,
      width: 0.35,
    });
  }
  if (worked) {
    const wide = textWidth(item.answer, style.font, 400, style.body);
    const size = Math.min(style.body, (style.body * (style.width - x - 2)) / Math.max(1, wide));
    marks.push(textAt(x + 1, baseline, item.answer, style, { size, grey: true }));
  }
  return {
    height: first + (lines - 1) * style.lineRoom + 2,
    marks: [
      itemArea(item, style.width, first + (lines - 1) * style.lineRoom),
      ...said(marks, item, index, worked, lines),
    ],
    name: `The line for ${item.word}`,
    loose: true,
  };
}

/** A number, and rows of a ruling to write on. */
function ruledItem(
  item: WriteItem,
  index: number,
  handwriting: Handwriting,
  style: SheetStyle,
  lines: number,
): Block[] {
  const ruling = rulingOf(handwriting, style);
  const line = ruledBlock(ruling, handwriting.hand, { ...style, width: style.width - NUMBER_ROOM });
  return Array.from({ length: lines }, (_, row) => ({
    ...line,
    marks: [
      itemArea(item, style.width, line.height),
      ...line.marks.map((mark) => moveMark(mark, NUMBER_ROOM, 0)),
      ...(row === 0 ? [...numberAt(line.height * 0.6, index + 1, style)] : []),
    ],
    keepWithNext: row < lines - 1,
  }));
}

/** What cannot be written on its line, with what to do. */
function problemsOf(
  { items, handwriting }: WriteTask,
  style: SheetStyle,
  needs: WritePaper,
): string[] {
  if (handwriting && items.some((item) => item.trace)) {
    const ruling = rulingOf(handwriting, style);
    return items
      .filter((item) => traceWidth(item.answer, handwriting.hand, ruling) > style.width)
      .map(
        (item) =>
          `“${item.answer.slice(0, 40)}” is longer than its line. Use smaller letters or larger paper.`,
      );
  }
  const long = items.some(
    (item) =>
      !isLong(item, style, needs) &&
      textWidth(item.answer, style.font, 400, style.body) > style.width - NUMBER_ROOM &&
      linesOf(item, needs) === 1,
  );
  return long ? ['An answer is longer than its line. Use a shorter one, or larger paper.'] : [];
}

export function writePaper(
  task: WriteTask,
  style: SheetStyle,
  answers: Answers,
  needs: WritePaper,
): Face {
  const { handwriting } = task;
  const bank = (task.bank ?? []).map(({ word, picture }) => ({ text: word, picture, word }));
  if (task.columns) {
    return {
      blocks: [
        ...wordBox(bank, style),
        ...(needs.axis ? axisPaper : tablePaper)(task, style, answers, needs),
      ],
      problems: [],
    };
  }
  const items = task.items.flatMap((item, index) => {
    const lines = linesOf(item, needs);
    if (item.strokes) return [strokesBlock(item, item.strokes, lines, style)];
    if (handwriting === undefined && isLong(item, style, needs)) {
      return [
        ...passageBlocks(item.passage, style),
        ...longItems(item, index, style, isAnswered(answers, index), lines),
      ];
    }
    if (handwriting === undefined && item.passage !== undefined) {
      return [
        ...passageBlocks(item.passage, style),
        itemBlock(item, index, style, isAnswered(answers, index), lines),
      ];
    }
    if (handwriting === undefined)
      return [itemBlock(item, index, style, isAnswered(answers, index), lines)];
    return item.trace
      ? traceBlocks(item, handwriting, style)
      : ruledItem(item, index, handwriting, style, lines);
  });
  const list = (task.checklist ?? []).map((text) => checkLine(text, style));
  return {
    blocks: [
      ...sceneBlock(task.scene, style),
      ...wordBox(bank, style),
      ...(handwriting?.ruling?.leftHanded ? [leftHandBlock(style)] : []),
      ...items,
      ...list,
      ...strokesCredit(task, style),
    ],
    problems: problemsOf(task, style, needs),
  };
}

/** A list to tick off is a little smaller than what is worked on: the young read it too. */
const CHECK_SHARE = 0.8;

/** A line of a list to tick off. */
function checkLine(text: string, style: SheetStyle): Block {
  const size = Math.max(style.small * 1.2, style.body * CHECK_SHARE);
  const block = textBlock(text, style, { size, role: 'text', indent: size + 3, after: 1.5 });
  const tick: PageMark = {
    kind: 'box',
    x: 0.5,
    y: 0.4,
    width: size,
    height: size,
    stroke: 0.3,
    radius: 0.6,
  };
  return { ...block, marks: [tick, ...block.marks] };
}

/** The key: the teacher's script first, where something is dictated. */
export function writeKey(task: WriteTask, style: SheetStyle, needs: WritePaper): Block[] {
  // What is traced is its own key.
  if (task.items.length > 0 && task.items.every((item) => item.trace)) return [];
  if (task.columns) {
    const reasons = task.items.filter(
      (item, index) =>
        item.reason !== '' && task.items.findIndex((each) => each.reason === item.reason) === index,
    );
    return [
      ...tableKey(task, style, needs),
      { height: 3, marks: [] },
      ...reasons.map((item) =>
        textBlock(item.reason, style, { size: style.small * 1.1, role: 'text', after: 1 }),
      ),
    ];
  }
  const script = task.script.map((line) =>
    textBlock(line, style, { size: style.small * 1.25, role: 'text', after: 1 }),
  );
  return [
    ...script,
    ...task.items.map((item, index) =>
      keyLine(
        index,
        item.open && item.answer !== '' ? `Model answer: ${item.answer}` : item.answer || 'Open',
        item.reason,
        style,
        item.lit,
      ),
    ),
  ];
}
