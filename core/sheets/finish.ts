/** What closes a sheet that has the room: a can-do strip, a box to draw in, a challenge; and the answers upside down. */
import { interactionOf } from '../exercises/interactions';
import type { Exercise } from '../exercises/making/exercise';
import { joinList } from '../kernel/join-list';
import { wordsOfTask } from '../exercises/make-exercise';
import { findMaker } from '../exercises/make-exercise';
import type { PageMark } from '../paper/marks';
import { breakLines, textWidth } from '../paper/measure';
import { moveMark } from '../paper/marks';
import type { Block } from '../paper/paginate';
import { readAs } from '../paper/reading';
import type { FinishName } from '../paper/sheet-layout';
import type { SheetStyle } from '../paper/style';
import { textBlock } from '../paper/text-block';
import { weatherMark, weathers } from './signs';

const PAD = 4;
/** Least and most height of a box to draw in, in millimetres. */
const DRAWING = [48, 105] as const;

type Closed = Pick<Exercise, 'maker' | 'task' | 'parameters' | 'title'>;

const shortWords = ({ task }: Closed) =>
  wordsOfTask(task)
    .filter((word) => /^\p{L}+$/u.test(word))
    .slice(0, 3);

/** What a learner can say after the exercise. */
export function canDoOf(exercise: Closed): string {
  const maker = findMaker(exercise.maker);
  const words = shortWords(exercise);
  const like = words.length >= 2 ? ` like ${joinList(words.slice(0, 2), 'and')}` : '';
  const target = exercise.parameters['grammar'];
  switch (maker.group) {
    case 'Sounds and spelling':
      return `I can read and spell words${like}.`;
    case 'Vocabulary':
      return words.length >= 2
        ? `I can say what ${joinList(words.slice(0, 2), 'and')} mean.`
        : 'I can use these words.';
    case 'Grammar':
      return typeof target === 'string' && target !== ''
        ? `I can use the ${target} in a sentence of my own.`
        : 'I can write sentences like these.';
    default:
      return 'I can find the answers in the text.';
  }
}

/** A line to say how it went, as the weather. */
function canDoStrip(exercise: Closed, style: SheetStyle): Block {
  const side = Math.max(9, style.body * 1.5);
  const signs = weathers.length * (side + 4);
  const text = textBlock(
    canDoOf(exercise),
    { ...style, width: style.width - signs - 2 * PAD },
    {
      size: style.body * 0.9,
      role: 'text',
    },
  );
  const height = Math.max(text.height, side) + PAD;
  const down = (height - text.height) / 2;
  return {
    height: height + 8,
    marks: [
      { kind: 'box', x: 0, y: 5, width: style.width, height, stroke: 0.5, radius: 3 },
      ...text.marks.map((mark) => moveMark(mark, PAD, down + 5)),
      ...weathers.map((name, index) =>
        weatherMark(name, style.width - signs + index * (side + 4), 5 + (height - side) / 2, side),
      ),
    ],
    name: 'The can-do strip',
  };
}

function drawingBox(exercise: Closed, style: SheetStyle, height: number = DRAWING[0]): Block {
  const words = findMaker(exercise.maker).needsText === true ? [] : shortWords(exercise);
  const asked =
    words.length >= 2
      ? `Draw one of these: ${joinList(words, 'or')}.`
      : 'Draw what you read about.';
  const text = textBlock(asked, style, { size: style.body * 0.9, role: 'text', after: 1.5 });
  const held = Math.min(DRAWING[1], height);
  return {
    height: held,
    marks: [
      ...text.marks.map((mark) => moveMark(mark, 0, 4)),
      {
        kind: 'box',
        x: 0,
        y: text.height + 4,
        width: style.width,
        height: held - text.height - 5,
        stroke: 0.4,
        radius: 3,
      },
    ],
    name: 'The box to draw in',
    filled: (room) => drawingBox(exercise, style, room),
  };
}

function challenge(exercise: Closed, style: SheetStyle): Block {
  const { group } = findMaker(exercise.maker);
  const words = shortWords(exercise);
  const asked =
    group === 'Reading'
      ? 'A challenge: write a question about the text for a partner.'
      : group === 'Grammar'
        ? 'A challenge: write two sentences of your own like these.'
        : words.length >= 2
          ? `A challenge: write one sentence with ${joinList(words.slice(0, 2), 'and')} in it.`
          : 'A challenge: write one sentence with two of these words in it.';
  const text = textBlock(asked, style, { size: style.body * 0.9, weight: 700, role: 'text' });
  const lines = 2;
  return {
    height: text.height + 5 + lines * style.lineRoom + 2,
    marks: [
      ...text.marks.map((mark) => moveMark(mark, 0, 5)),
      ...Array.from({ length: lines }, (_, line): PageMark => {
        const y = text.height + 5 + (line + 0.85) * style.lineRoom;
        return { kind: 'line', x1: 0, x2: style.width, y1: y, y2: y, width: 0.35 };
      }),
    ],
    name: 'The challenge',
  };
}

/** The block that closes a sheet; none where none is wanted. */
export function finishBlocks(
  finish: FinishName | undefined,
  exercise: Closed,
  style: SheetStyle,
): Block[] {
  switch (finish) {
    case 'can-do':
      return [canDoStrip(exercise, style)];
    case 'draw':
      return [drawingBox(exercise, style)];
    case 'challenge':
      return [challenge(exercise, style)];
    default:
      return [];
  }
}

/** The answers of an exercise in one line: those that go under one heading together. */
export function answerLine({ task }: Pick<Exercise, 'task'>): string {
  if (task.interaction === 'sort') {
    return task.headings
      .map(({ id, label }) => {
        const cards = task.cards.filter(({ home }) => home === id).map(({ text }) => text);
        return `${label}: ${cards.join(', ')}`;
      })
      .join('; ');
  }
  return interactionOf(task)
    .keyedItems(task)
    .map(({ answer }, index) => (answer === '' ? '' : `${index + 1} ${answer}`))
    .filter((each) => each !== '')
    .join('   ');
}

/** The answers upside down at the foot of the sheet; nothing where there are none. */
export function keyStrip(exercise: Pick<Exercise, 'task'>, style: SheetStyle): Block[] {
  const answers = answerLine(exercise);
  if (answers === '') return [];
  const size = style.small * 0.95;
  const leading = size * 1.3;
  const lines = breakLines(`Answers   ${answers}`, style.font, 400, size, style.width);
  const height = lines.length * leading + 5;
  const marks = lines.map((text, index): PageMark => ({
    kind: 'text',
    // Turned about its own start, it runs from the right edge to the left.
    x: style.width,
    y: 4 + (lines.length - 1 - index) * leading + size * 0.3,
    text,
    size,
    weight: 400,
    align: 'start',
    role: 'small',
    grey: true,
    turn: 180,
  }));
  return [
    {
      height,
      marks: [
        {
          kind: 'line',
          x1: 0,
          x2: style.width,
          y1: 2,
          y2: 2,
          width: 0.2,
          dashed: true,
          grey: true,
        },
        ...readAs(marks, undefined, `Answers, upside down: ${answers}`),
      ],
      name: 'The answers at the foot',
    },
  ];
}

/** The total of the marks, at the end of an exam. */
export function totalBlock(marks: number, style: SheetStyle): Block[] {
  if (style.look !== 'exam' || marks === 0) return [];
  const text = `Total: ______ / ${marks}`;
  const size = style.body;
  return [
    {
      height: size * 2.2,
      marks: [
        {
          kind: 'text',
          x: style.width - textWidth(text, style.font, 700, size),
          y: size * 1.6,
          text,
          size,
          weight: 700,
          align: 'start',
          role: 'text',
        },
      ],
      name: 'The total',
    },
  ];
}
