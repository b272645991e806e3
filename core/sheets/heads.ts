/** The head of a learner's sheet: who, when, what it is called and what is to be done, by its look. */
import type { AlsoSaid } from '../exercises/making/said-at-home';
import { packOf } from '../languages/registry/registry';
import type { PageMark, TextMark } from '../paper/marks';
import { breakLines, MM_PER_POINT, textWidth } from '../paper/measure';
import type { Block } from '../paper/paginate';
import { readAs } from '../paper/reading';
import type { SheetStyle } from '../paper/style';
import { textBlock } from '../paper/text-block';
import { instructionBlock, nameBlock, titleBlock } from './furniture';
import { isRemark, signMark, signOf } from './signs';

/** Size of the labels of the head, in millimetres. */
const LABEL = 11 * MM_PER_POINT;
const PAD = 3.5;

export interface SheetHead {
  readonly title: string;
  readonly instruction: string;
  readonly language: string;
  readonly also?: AlsoSaid | undefined;
  /** How many marks there are to get; nothing where nothing is marked. */
  readonly marks?: number;
}

function label(text: string, x: number, y: number): TextMark {
  return {
    kind: 'text',
    x,
    y,
    text,
    size: LABEL,
    weight: 400,
    align: 'start',
    role: 'small',
  };
}

const rule = (x1: number, x2: number, y: number, width = 0.3): PageMark => ({
  kind: 'line',
  x1,
  x2,
  y1: y,
  y2: y,
  width,
});

const upright = (x: number, y1: number, y2: number): PageMark => ({
  kind: 'line',
  x1: x,
  x2: x,
  y1,
  y2,
  width: 0.35,
});

/** A label with the line to write on after it, to `end`. */
function labelled(text: string, x: number, y: number, end: number, style: SheetStyle): PageMark[] {
  return [label(text, x, y), rule(x + textWidth(text, style.font, 400, LABEL) + 2, end, y + 0.8)];
}

const named = (marks: readonly PageMark[]): PageMark[] =>
  marks.map((mark, index) =>
    index === 0 && mark.kind === 'text' ? { ...mark, field: 'name' as const } : mark,
  );

/** The lines of a title in a column, from its top. */
function titleLines(title: string, x: number, top: number, width: number, style: SheetStyle) {
  const size = style.title;
  const lines = breakLines(title, style.font, 700, size, width);
  const marks = readAs(
    lines.map((text, index): PageMark => ({
      kind: 'text',
      x,
      y: top + size * (0.95 + index * 1.2),
      text,
      size,
      weight: 700,
      align: 'start',
      role: 'title',
    })),
    undefined,
    title,
  );
  return { marks, height: lines.length * size * 1.2 };
}

/** One band: the title on a pale ground, name and date beside it. */
function youngBand({ title, language }: SheetHead, style: SheetStyle): Block {
  const { name, date } = packOf(language).phrases;
  const split = style.width * 0.6;
  const text = titleLines(title, PAD + 1, PAD, split - 2 * PAD, style);
  const height = Math.max(24, text.height + 2 * PAD);
  const left = split + PAD;
  const end = style.width - PAD;
  return {
    height: height + 4,
    marks: [
      { kind: 'box', x: 0, y: 0, width: split, height, stroke: 0, radius: 4, fill: 'pale' },
      // The ground meets the upright line square.
      { kind: 'box', x: split - 6, y: 0, width: 6, height, stroke: 0, fill: 'pale' },
      { kind: 'box', x: 0, y: 0, width: style.width, height, stroke: 0.5, radius: 4 },
      upright(split, 0, height),
      ...text.marks,
      ...named(labelled(name, left, height * 0.42, end, style)),
      ...labelled(date, left, height * 0.82, end, style),
    ],
    keepWithNext: true,
    wide: true,
  };
}

const sentencesOf = (instruction: string) =>
  instruction.match(/[^.!?]+[.!?]+["”’]?\s*|[^.!?]+$/g)?.map((each) => each.trim()) ?? [];

/** The sentences of an instruction side by side, each after its sign, a sign only at its first use. */
function signedInstruction(instruction: string, style: SheetStyle): Block {
  if (instruction.trim() === '') return { height: 2, marks: [], keepWithNext: true };
  const size = style.body * 0.88;
  const side = style.body * 1.05;
  const leading = Math.max(side * 1.25, size * style.leading);
  const space = textWidth(' ', style.font, 400, size);
  const marks: PageMark[] = [];
  const texts: PageMark[] = [];
  const shown = new Set<string>();
  let x = 0;
  let y = 0;
  for (const sentence of sentencesOf(instruction)) {
    const sign = signOf(sentence);
    const fresh = sign !== undefined && !shown.has(sign);
    const room = fresh ? side + 2 : 0;
    const whole = textWidth(sentence, style.font, 400, size);
    if (x > 0 && x + room + whole > style.width) {
      x = 0;
      y += leading;
    }
    if (fresh) {
      shown.add(sign);
      marks.push(signMark(sign, x, y + (leading - side) / 2, side));
      x += room;
    }
    // What goes on below stands under its first word, not under the sign.
    const hang = x === room ? room : 0;
    let line = '';
    const close = () => {
      texts.push({
        kind: 'text',
        x,
        y: y + leading / 2 + size * 0.34,
        text: line,
        size,
        weight: 400,
        align: 'start',
        role: 'text',
      });
      x += textWidth(line, style.font, 400, size);
    };
    for (const word of sentence.split(/\s+/)) {
      const longer = line === '' ? word : `${line} ${word}`;
      if (line !== '' && x + textWidth(longer, style.font, 400, size) > style.width) {
        close();
        x = hang;
        y += leading;
        line = word;
      } else line = longer;
    }
    close();
    x += Math.max(space * 2, 5);
  }
  return {
    height: y + leading + 3,
    marks: [...marks, ...readAs(texts, undefined, instruction)],
    keepWithNext: true,
  };
}

/** Double rules, the title, and columns for observer and date. */
function logBand({ title, language }: SheetHead, style: SheetStyle): Block {
  const { name, date } = packOf(language).phrases;
  const observer = language === 'en' ? 'Observer' : name;
  const second = style.width * 0.58;
  const third = style.width * 0.82;
  const text = titleLines(title, 0, 3, second - 4, style);
  const height = Math.max(17, text.height + 6);
  const line = height - 4;
  return {
    height: height + 4,
    marks: [
      rule(0, style.width, 0, 0.5),
      rule(0, style.width, 1, 0.25),
      ...text.marks,
      upright(second, 1, height),
      upright(third, 1, height),
      { ...label(observer, second + 2.5, 5.5), field: 'name' },
      rule(second + 2.5, third - 2.5, line),
      label(date, third + 2.5, 5.5),
      rule(third + 2.5, style.width, line),
      rule(0, style.width, height, 0.25),
      rule(0, style.width, height + 1, 0.5),
    ],
    keepWithNext: true,
    wide: true,
  };
}

/** The steps of an instruction; what is said or asked before the first, or after one, stands with it. */
function stepsOf(instruction: string) {
  const steps: string[] = [];
  let before = '';
  for (const sentence of sentencesOf(instruction)) {
    if (!isRemark(sentence)) steps.push(sentence);
    else if (steps.length === 0) before = `${before} ${sentence}`.trim();
    else steps.push(`${steps.pop() ?? ''} ${sentence}`);
  }
  return { before, steps };
}

/** What is to be done, a step a line, each after its number: without the box that numbers an item. */
function stepLines(instruction: string, style: SheetStyle): Block {
  const { before, steps } = stepsOf(instruction);
  if (steps.length < 2) return instructionBlock(instruction, style);
  const size = style.body * 0.88;
  const left = size * 1.25;
  const marks: PageMark[] = [];
  let y = 0;
  const text = (x: number, row: number, written: string, weight: 400 | 700): PageMark => ({
    kind: 'text',
    x,
    y: y + size * (0.95 + row * style.leading),
    text: written,
    size,
    weight,
    align: 'start',
    role: 'text',
  });
  const put = (written: string, x: number) => {
    const lines = breakLines(written, style.font, 400, size, style.width - x);
    marks.push(
      ...readAs(
        lines.map((line, row) => text(x, row, line, 400)),
        undefined,
        written,
      ),
    );
    y += lines.length * size * style.leading + 1;
  };
  if (before !== '') put(before, 0);
  steps.forEach((step, index) => {
    marks.push(text(0, 0, String(index + 1), 700));
    put(step, left);
  });
  return { height: y + 3, marks, keepWithNext: true };
}

/** The line of a candidate in a frame, the title, and the marks there are to get. */
function examHead({ title, language, marks = 0 }: SheetHead, style: SheetStyle): Block[] {
  const { name, date } = packOf(language).phrases;
  const height = 11;
  const at = (share: number) => style.width * share;
  const total = marks > 0 ? `/ ${marks}` : '';
  const room = total === '' ? 0 : 30;
  const text = titleLines(title, 0, 0, style.width - room, style);
  const band: Block = {
    height: height + 6,
    marks: [
      { kind: 'box', x: 0, y: 0, width: style.width, height, stroke: 0.5 },
      ...named(labelled(name, 3, 7.4, at(0.62), style)),
      ...labelled(date, at(0.65), 7.4, style.width - 3, style),
    ],
    wide: true,
    keepWithNext: true,
  };
  const size = style.body;
  const box: PageMark[] =
    total === ''
      ? []
      : readAs(
          [
            { kind: 'box', x: style.width - 27, y: 0, width: 27, height: size * 1.8, stroke: 0.4 },
            {
              kind: 'text',
              x: style.width - 3,
              y: size * 1.2,
              text: total,
              size,
              weight: 700,
              align: 'end',
              role: 'small',
            },
          ],
          undefined,
          `Marks: of ${marks}`,
        );
  return [
    band,
    {
      height: Math.max(text.height, size * 1.8) + 2,
      marks: [...text.marks, ...box],
      keepWithNext: true,
    },
  ];
}

/** Title and instruction in one quiet frame. */
function calmInstruction(instruction: string, style: SheetStyle): Block {
  if (instruction.trim() === '') return { height: 0, marks: [], keepWithNext: true };
  const inner = textBlock(
    instruction,
    { ...style, width: style.width - 2 * PAD },
    {
      size: style.body,
      role: 'text',
    },
  );
  const height = inner.height + 2 * PAD - 1;
  return {
    height: height + 6,
    marks: [
      { kind: 'box', x: 0, y: 0, width: style.width, height, stroke: 0, radius: 2, fill: 'tint' },
      ...inner.marks.map((mark) =>
        mark.kind === 'text' ? { ...mark, x: mark.x + PAD, y: mark.y + PAD } : mark,
      ),
    ],
    keepWithNext: true,
  };
}

/** The head of a sheet; what is read first stands between its name and its title. */
export function headBlocks(
  head: SheetHead,
  style: SheetStyle,
  reading: readonly Block[] = [],
): Block[] {
  return [...bareHead(head, style, reading), ...alsoBlocks(head.also, style)];
}

/** The instruction in a language of the learners' homes, from its own side of the page. */
const alsoBlocks = (also: AlsoSaid | undefined, style: SheetStyle): Block[] =>
  also === undefined
    ? []
    : [
        textBlock(also.text, style, {
          size: style.body * 0.84,
          role: 'text',
          after: 4,
          keepWithNext: true,
        }),
      ];

function bareHead(head: SheetHead, style: SheetStyle, reading: readonly Block[]): Block[] {
  switch (style.look) {
    case 'young':
      return [...reading, youngBand(head, style), signedInstruction(head.instruction, style)];
    case 'log':
      return [...reading, logBand(head, style), stepLines(head.instruction, style)];
    case 'exam': {
      const [band, title] = examHead(head, style) as [Block, Block];
      return [band, ...reading, title, instructionBlock(head.instruction, style)];
    }
    case 'calm':
      return [
        nameBlock(style, head.language),
        ...reading,
        titleBlock(head.title, { ...style, title: style.title * 1.1 }),
        calmInstruction(head.instruction, style),
      ];
    default:
      return [
        nameBlock(style, head.language),
        ...reading,
        titleBlock(head.title, style),
        instructionBlock(head.instruction, style),
      ];
  }
}

/** The title and instruction of an exercise after the first on its sheet, in the same look. */
export function partHead(
  title: string,
  { instruction, also }: Pick<SheetHead, 'instruction' | 'also'>,
  style: SheetStyle,
): Block[] {
  return [...barePartHead(title, instruction, style), ...alsoBlocks(also, style)];
}

function barePartHead(title: string, instruction: string, style: SheetStyle): Block[] {
  const heading = textBlock(title, style, {
    size: style.body * 1.15,
    weight: 700,
    role: 'heading',
    after: 0.5,
    keepWithNext: true,
  });
  const banded: Block =
    style.look === 'log'
      ? {
          ...heading,
          height: heading.height + 2.5,
          marks: [
            rule(0, style.width, 0, 0.5),
            ...heading.marks.map((mark) =>
              mark.kind === 'text' ? { ...mark, y: mark.y + 2 } : mark,
            ),
          ],
        }
      : style.look === 'young'
        ? {
            ...heading,
            height: heading.height + 2,
            marks: [
              {
                kind: 'box',
                x: 0,
                y: 0,
                width: style.width,
                height: heading.height,
                stroke: 0,
                radius: 2,
                fill: 'pale',
              },
              ...heading.marks.map((mark) =>
                mark.kind === 'text' ? { ...mark, x: mark.x + 2 } : mark,
              ),
            ],
          }
        : heading;
  if (style.look === 'young') return [banded, signedInstruction(instruction, style)];
  if (style.look === 'log') return [banded, stepLines(instruction, style)];
  return [banded, instructionBlock(instruction, style)];
}
