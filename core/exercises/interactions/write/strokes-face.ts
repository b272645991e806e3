/** A sign on paper in squares: whole with its strokes numbered, stroke by stroke, to trace, then to write. */
import { SIGN_GRID, type SignStrokes } from '../../../kernel/sign-strokes';
import { itemArea, textAt } from '../../../paper/face';
import type { PageMark } from '../../../paper/marks';
import type { Block } from '../../../paper/paginate';
import { readAs } from '../../../paper/reading';
import type { SheetStyle } from '../../../paper/style';
import { textBlock } from '../../../paper/text-block';
import type { WriteItem, WriteTask } from './task';

/** Side of a square in letter rooms of the class's age, and how many stand abreast at least. */
const LETTER_ROOMS = 2.6;
const FEWEST_ABREAST = 8;
const GAP = 2;

/** The whole sign stands as large as so many squares, so that its numbers can be read. */
const MODEL = 2;

/** A sign of more strokes is shown with numbers only: its steps would fill the page. */
const MOST_STEPS = 6;
const TRACED = 2;

/** Width of the pen in a square and in the model, and height of a stroke's number, in units of the grid. */
const PEN = 5;
const FINE_PEN = 3.2;
const NUMBER = 9;

interface Square {
  readonly x: number;
  readonly y: number;
  readonly side: number;
}

/** The square with its dashed middle lines. */
const square = ({ x, y, side }: Square): PageMark[] => [
  { kind: 'box', x, y, width: side, height: side, stroke: 0.3 },
  ...[`M${side / 2} 0 L${side / 2} ${side}`, `M0 ${side / 2} L${side} ${side / 2}`].map(
    (d): PageMark => ({ kind: 'path', x, y, d, stroke: 0.15, dashed: true, pale: true }),
  ),
];

/** Strokes of the sign in a square: the first `dark` of them in black, the others to draw over. */
function inked(
  { strokes }: SignStrokes,
  { x, y, side }: Square,
  dark: number,
  pen = PEN,
): PageMark[] {
  const scale = side / SIGN_GRID;
  return strokes.map(({ path }, at) => ({
    kind: 'path',
    x,
    y,
    d: path,
    stroke: pen,
    round: true,
    scale,
    ...(at < dark ? {} : { pale: true }),
  }));
}

const numbered = (
  { strokes }: SignStrokes,
  { x, y, side }: Square,
  style: SheetStyle,
): PageMark[] => {
  const scale = side / SIGN_GRID;
  return strokes.map(({ number }, at) =>
    textAt(x + number.x * scale, y + number.y * scale, String(at + 1), style, {
      size: NUMBER * scale * 1.15,
      role: 'small',
    }),
  );
};

/** What stands in the squares beside the whole sign, first to last: its steps, and what is traced. */
function contents(signs: SignStrokes): ((place: Square) => PageMark[])[] {
  const { strokes } = signs;
  const steps = strokes.length > 1 && strokes.length <= MOST_STEPS ? strokes.length : 0;
  return [
    ...Array.from(
      { length: steps },
      (_, at) => (place: Square) =>
        inked({ ...signs, strokes: strokes.slice(0, at + 1) }, place, at + 1),
    ),
    ...Array.from({ length: TRACED }, () => (place: Square) => inked(signs, place, 0)),
  ];
}

/** A sign and its squares in so many rows; what its steps leave empty is the learner's. */
export function strokesBlock(
  item: WriteItem,
  signs: SignStrokes,
  rows: number,
  style: SheetStyle,
): Block {
  const wanted = style.letterRoom * LETTER_ROOMS;
  const abreast = Math.max(FEWEST_ABREAST, Math.floor((style.width + GAP) / (wanted + GAP)));
  const side = (style.width + GAP) / abreast - GAP;
  const step = side + GAP;
  const model = { x: 0, y: 0, side: MODEL * step - GAP };
  const shown = contents(signs);
  const places = Array.from({ length: Math.max(rows, MODEL) }, (_, row) =>
    Array.from({ length: abreast }, (_, column) => ({ x: column * step, y: row * step, side })),
  )
    .flat()
    .filter(({ x, y }) => x >= model.side || y >= model.side);
  const height = Math.max(rows, MODEL) * step - GAP;
  return {
    height: height + 6,
    marks: [
      itemArea(item, style.width, height),
      ...readAs(
        [
          ...square(model),
          ...inked(signs, model, signs.strokes.length, FINE_PEN),
          ...numbered(signs, model, style),
          ...places.flatMap((place, at) => [...square(place), ...(shown[at]?.(place) ?? [])]),
        ],
        undefined,
        `${item.answer}: ${signs.strokes.length} strokes, shown in their order; squares to write it in`,
      ),
    ],
    name: `The squares for ${item.answer}`,
    loose: true,
  };
}

/** What the licence of the strokes asks for. */
const CREDIT = 'Stroke order: KanjiVG, CC BY-SA 3.0';

export const strokesCredit = ({ items }: WriteTask, style: SheetStyle): Block[] =>
  items.some(({ strokes }) => strokes)
    ? [textBlock(CREDIT, style, { size: style.small * 0.75, role: 'small', grey: true })]
    : [];
