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

type Closed = Pick<Exercise, 'maker' | 'task' | 'parameters' | 'title' | 'pictures'>;

const oneWord = ({ task }: Closed) =>
  [...new Set(wordsOfTask(task))].filter((word) => /^\p{L}+$/u.test(word));

const shortWords = (exercise: Closed) => oneWord(exercise).slice(0, 3);

const isMadeUp = ({ task }: Closed) => task.interaction === 'speak' && !task.real;

const isTraced = ({ task }: Closed) =>
  task.interaction === 'write' && task.items.some(({ trace }) => trace !== undefined);

/** Nothing is keyed: it is thought and written, not found. */
const isOpen = ({ task }: Closed) =>
  task.interaction === 'write' &&
  task.items.every(({ open, answer, keyCells }) => open === true || (answer === '' && !keyCells));

/** What a learner can say after the exercise. */
export function canDoOf(exercise: Closed): string {
  const maker = findMaker(exercise.maker);
  const words = shortWords(exercise);
  const like = words.length >= 2 ? ` like ${joinList(words.slice(0, 2), 'and')}` : '';
  const target = exercise.parameters['grammar'];
  if (isMadeUp(exercise)) return 'I can read words that I have never seen before.';
  if (isTraced(exercise)) return 'I can write these letters and words on the line.';
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
      if (maker.needsText !== true) return 'I can write a text of my own and check it.';
      return isOpen(exercise)
        ? 'I can say what I think about the text, and why.'
        : 'I can find the answers in the text.';
  }
}

/** What is drawn: a word that has a picture can be drawn; of others, what a sentence or a text says. */
function drawingOf(exercise: Closed): string {
  const { group, needsText } = findMaker(exercise.maker);
  if (group === 'Reading')
    return needsText ? 'Draw what you read about.' : 'Draw what you wrote about.';
  if (group === 'Grammar') return 'Draw what one of the sentences says.';
  const drawn = oneWord(exercise).filter((word) => exercise.pictures?.[word] !== undefined);
  if (drawn.length >= 2) return `Draw one of these: ${joinList(drawn.slice(0, 3), 'or')}.`;
  return isMadeUp(exercise)
    ? 'Draw a creature that could be called by one of these words.'
    : 'Draw what one of these words makes you think of.';
}

/** What is asked of a learner who is done. */
function challengeOf(exercise: Closed): string {
  const { group, needsText } = findMaker(exercise.maker);
  const words = shortWords(exercise);
  if (isMadeUp(exercise))
    return 'A challenge: make up two more words, and let a partner read them.';
  if (group === 'Reading') {
    return needsText
      ? 'A challenge: write a question about the text for a partner.'
      : 'A challenge: read your text aloud, and write one of its sentences better.';
  }
  if (group === 'Grammar') return 'A challenge: write two sentences of your own like these.';
  return words.length >= 2
    ? `A challenge: write one sentence with ${joinList(words.slice(0, 2), 'and')} in it.`
    : 'A challenge: write one sentence with two of these words in it.';
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
  const asked = drawingOf(exercise);
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
  const asked = challengeOf(exercise);
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
