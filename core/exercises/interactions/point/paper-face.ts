/** The point on paper: a picture of several things, with words to find or lines to label. */
import { isPinned, pinnedLines, pinnedPicture } from './pins-face';
import type { PointTask, SceneThing } from './task';
import { moveMark, type PageMark } from '../../../paper/marks';
import type { Block } from '../../../paper/paginate';
import { roomUnderHead, type SheetStyle } from '../../../paper/style';
import { keyLine, textAt, type Face, type Answers, answeredOf } from '../../../paper/face';
import { wordBox } from '../../../paper/word-box';

/** White between the frame and what it holds. */
const FRAME = 4;
/** Share of its full width to which a scene is made smaller rather than begin another page. */
const LEAST_SHARE = 0.7;

function ring(thing: SceneThing, scale: number): PageMark {
  const grow = 2;
  const width = thing.width * scale + 2 * grow;
  const height = thing.height * scale + 2 * grow;
  return {
    kind: 'box',
    x: FRAME + thing.x * scale - grow,
    y: FRAME + thing.y * scale - grow,
    width,
    height,
    stroke: 0.6,
    radius: Math.min(width, height) / 2,
  };
}

/** The scene; items in `shown` are answered, each number beside its thing where `numbered`. */
function sceneBlock(
  task: PointTask,
  style: SheetStyle,
  shown: ReadonlySet<string>,
  room: number,
  numbered = false,
): Block {
  const { scene } = task;
  // No higher than the page has room for, as long as its things can still be told apart.
  const wide = style.width - 2 * FRAME;
  const scale = Math.min(wide, Math.max(wide * LEAST_SHARE, (room - 2 * FRAME - 4) / scene.height));
  const width = scale + 2 * FRAME;
  const marks: PageMark[] = [
    {
      kind: 'box',
      x: 0,
      y: 0,
      width,
      height: scene.height * scale + 2 * FRAME,
      stroke: 0.4,
      radius: 3,
    },
  ];
  for (const thing of scene.things) {
    const item = task.items.find((each) => each.thing === thing.id);
    const x = FRAME + thing.x * scale;
    const y = FRAME + thing.y * scale;
    marks.push({
      kind: 'picture',
      x,
      y,
      width: thing.width * scale,
      height: thing.height * scale,
      picture: thing.picture,
      name: '',
      reading: {
        // Each by itself, though they are said alike.
        item: scene.things.indexOf(thing),
        as:
          task.answer === 'label' && item !== undefined && !shown.has(item.id)
            ? 'picture: gap'
            : 'picture',
      },
    });
    const answered = item !== undefined && shown.has(item.id);
    if (task.answer === 'ring' && answered) marks.push(ring(thing, scale));
    if (numbered && item !== undefined) {
      marks.push(
        textAt(x - 1, y + style.small, String(task.items.indexOf(item) + 1), style, {
          size: style.small * 1.1,
          weight: 700,
          role: 'small',
        }),
      );
    }
    if (task.answer !== 'label' || item === undefined || scene.label === undefined) continue;
    const middle = x + (thing.width * scale) / 2;
    const width = scene.label.width * scale;
    const line = y + (thing.height + scene.label.room) * scale - style.body * 0.4;
    marks.push({
      kind: 'line',
      x1: middle - width / 2,
      x2: middle + width / 2,
      y1: line,
      y2: line,
      width: 0.35,
    });
    if (answered) {
      marks.push(
        textAt(middle, line - 1, item.word, style, {
          align: 'middle',
          grey: true,
          reading: { item: scene.things.indexOf(thing) },
        }),
      );
    }
  }
  return {
    height: scene.height * scale + 2 * FRAME + 4,
    marks: marks.map((mark) => moveMark(mark, (style.width - width) / 2, 0)),
    name: 'The picture',
  };
}

export function pointPaper(task: PointTask, style: SheetStyle, answers: Answers): Face {
  const shown = new Set(answeredOf(task.items, answers).map((item) => item.id));
  const words =
    task.answer === 'ring'
      ? task.items.map(({ word }) => ({ text: word, word }))
      : task.bank.map((word) => ({ text: word, word }));
  if (isPinned(task.scene)) {
    return {
      blocks: [
        ...wordBox(words, style),
        pinnedPicture(task, task.scene, style, shown),
        ...(task.answer === 'ring' ? [] : pinnedLines(task.items, style, shown)),
      ],
      problems: [],
    };
  }
  const box = wordBox(words, style);
  const room = roomUnderHead(style) - box.reduce((sum, { height }) => sum + height, 0);
  return { blocks: [...box, sceneBlock(task, style, shown, room)], problems: [] };
}

export function pointKey(task: PointTask, style: SheetStyle): Block[] {
  const small = { ...style, width: Math.min(style.width, 110), body: style.small * 1.2 };
  const all = new Set(task.items.map((item) => item.id));
  return [
    isPinned(task.scene)
      ? pinnedPicture(task, task.scene, small, all, true)
      : sceneBlock(task, small, all, Infinity, true),
    ...task.items.map((item, index) => keyLine(index, item.word, item.reason, style)),
  ];
}
