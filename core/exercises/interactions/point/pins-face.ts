/** The teacher's own picture on paper: its places numbered or covered, with a line for each under it. */
import type { PageMark } from '../../../paper/marks';
import type { Block } from '../../../paper/paginate';
import { textWidth } from '../../../paper/measure';
import type { SheetStyle } from '../../../paper/style';
import { NUMBER_ROOM, numberAt, textAt } from '../../../paper/face';
import type { PointItem, PointTask, Scene } from './task';

/** Highest that the picture may stand, as a share of what a page has. */
const HIGHEST = 0.62;
/** Radius of a numbered place, and of a cover, in millimetres. */
const PLACE = 3.6;
const COVER = 9;

type Pinned = Scene & { readonly backdrop: NonNullable<Scene['backdrop']> };

export const isPinned = (scene: Scene): scene is Pinned => scene.backdrop !== undefined;

/** A disc with the number of its place, readable on any picture. */
function numberedDisc(x: number, y: number, number: number, radius: number, style: SheetStyle) {
  const size = Math.min(radius * 1.25, style.body);
  const marks: PageMark[] = [
    {
      kind: 'box',
      x: x - radius,
      y: y - radius,
      width: radius * 2,
      height: radius * 2,
      radius,
      stroke: 0.4,
      fill: 'paper',
      over: true,
    },
    textAt(x, y + size * 0.36, String(number), style, {
      size,
      weight: 700,
      align: 'middle',
      role: 'small',
    }),
  ];
  return marks;
}

/** The picture with its places; those in `open` are shown uncovered. */
export function pinnedPicture(
  task: PointTask,
  scene: Pinned,
  style: SheetStyle,
  open: ReadonlySet<string>,
  numbered = task.answer !== 'ring',
): Block {
  const { paper } = style;
  const highest = (paper.height - 2 * paper.margin - style.reserved) * HIGHEST;
  const width = Math.min(style.width, highest / scene.height);
  const left = (style.width - width) / 2;
  const marks: PageMark[] = [
    {
      kind: 'picture',
      x: left,
      y: 0,
      width,
      height: width * scene.height,
      picture: scene.backdrop.picture,
      name: scene.backdrop.shows,
    },
  ];
  task.items.forEach((item, index) => {
    const thing = scene.things.find(({ id }) => id === item.thing);
    if (thing === undefined) return;
    const x = left + (thing.x + thing.width / 2) * width;
    const y = (thing.y + thing.height / 2) * width;
    const covered = task.answer === 'uncover' && !open.has(item.id);
    const reach = Math.min(COVER, Math.max(PLACE, (thing.width / 2) * width));
    if (task.answer === 'ring' && open.has(item.id)) {
      marks.push({
        kind: 'box',
        x: x - COVER,
        y: y - COVER * 0.8,
        width: COVER * 2,
        height: COVER * 1.6,
        radius: COVER * 0.8,
        stroke: 0.7,
        over: true,
      });
    }
    if (numbered) marks.push(...numberedDisc(x, y, index + 1, covered ? reach : PLACE, style));
  });
  return { height: width * scene.height + 5, marks, name: 'Your picture' };
}

/** A numbered line for each place, two or three abreast as the longest word lets. */
export function pinnedLines(
  items: readonly PointItem[],
  style: SheetStyle,
  shown: ReadonlySet<string>,
): Block[] {
  const longest = Math.max(
    ...items.map(({ word }) => textWidth(word, style.font, 400, style.body)),
  );
  // A learner's hand takes more room than print.
  const needed = NUMBER_ROOM + Math.max(40, longest * 1.5);
  const most = Math.max(1, Math.min(3, Math.floor(style.width / needed)));
  const rows = Math.ceil(items.length / most);
  // No line of the last row stands alone where the rows can be alike.
  const abreast = Math.ceil(items.length / rows);
  const cell = style.width / abreast;
  return Array.from({ length: rows }, (_, row): Block => {
    const marks = items.slice(row * abreast, (row + 1) * abreast).flatMap((item, column) => {
      const x = column * cell;
      const y = style.lineRoom * 0.8;
      const line: PageMark = {
        kind: 'line',
        x1: x + NUMBER_ROOM,
        x2: x + cell - 4,
        y1: y + 1,
        y2: y + 1,
        width: 0.3,
      };
      return [
        ...numberAt(y, row * abreast + column + 1, style, x),
        line,
        ...(shown.has(item.id)
          ? [textAt(x + NUMBER_ROOM + 1, y, item.word, style, { grey: true })]
          : []),
      ];
    });
    return { height: style.lineRoom, marks, name: 'A line' };
  });
}
