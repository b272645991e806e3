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
const LETTER_ROOMS = 2.2;
const FEWEST_ABREAST = 6;
const GAP = 2;

/** A sign of more strokes is shown with numbers only: its steps would fill the page. */
const MOST_STEPS = 6;
const TRACED = 2;

/** Width of the pen and height of a stroke's number, in units of the grid. */
const PEN = 5;
const NUMBER = 9;

interface Square {
  readonly x: number;
  readonly side: number;
}

/** The square with its dashed middle lines. */
const square = ({ x, side }: Square): PageMark[] => [
  { kind: 'box', x, y: 0, width: side, height: side, stroke: 0.3 },
  ...[`M${side / 2} 0 L${side / 2} ${side}`, `M0 ${side / 2} L${side} ${side / 2}`].map(
    (d): PageMark => ({ kind: 'path', x, y: 0, d, stroke: 0.15, dashed: true, pale: true }),
  ),
];

/** Strokes of the sign in a square: the first `dark` of them in black, the others to draw over. */
function inked({ strokes }: SignStrokes, { x, side }: Square, dark: number): PageMark[] {
  const scale = side / SIGN_GRID;
  return strokes.map(({ path }, at) => ({
    kind: 'path',
    x,
    y: 0,
    d: path,
    stroke: PEN,
    round: true,
    scale,
    ...(at < dark ? {} : { pale: true }),
  }));
}

const numbered = ({ strokes }: SignStrokes, { x, side }: Square, style: SheetStyle): PageMark[] => {
  const scale = side / SIGN_GRID;
  return strokes.map(({ number }, at) =>
    textAt(x + number.x * scale, number.y * scale, String(at + 1), style, {
      size: NUMBER * scale * 1.15,
      role: 'small',
    }),
  );
};

/** What stands in the squares of a sign, first to last. */
function contents(signs: SignStrokes, style: SheetStyle) {
  const { strokes } = signs;
  const steps = strokes.length > 1 && strokes.length <= MOST_STEPS ? strokes.length : 0;
  return [
    (place: Square) => [...inked(signs, place, strokes.length), ...numbered(signs, place, style)],
    ...Array.from(
      { length: steps },
      (_, at) => (place: Square) =>
        inked({ ...signs, strokes: strokes.slice(0, at + 1) }, place, at + 1),
    ),
    ...Array.from({ length: TRACED }, () => (place: Square) => inked(signs, place, 0)),
  ];
}

/** The rows of a sign; what is left of the last is the learner's, and at least so many rows there are. */
export function strokesBlocks(
  item: WriteItem,
  signs: SignStrokes,
  rows: number,
  style: SheetStyle,
): Block[] {
  const wanted = style.letterRoom * LETTER_ROOMS;
  const abreast = Math.max(FEWEST_ABREAST, Math.floor((style.width + GAP) / (wanted + GAP)));
  const side = (style.width + GAP) / abreast - GAP;
  const shown = contents(signs, style);
  // A row without an empty square leaves nothing to write alone.
  const count = Math.max(rows, Math.ceil((shown.length + 1) / abreast));
  return Array.from({ length: count }, (_, row): Block => {
    const marks = Array.from({ length: abreast }, (_, column): PageMark[] => {
      const place = { x: column * (side + GAP), side };
      return [...square(place), ...(shown[row * abreast + column]?.(place) ?? [])];
    }).flat();
    return {
      height: side + (row === count - 1 ? 5 : GAP),
      marks: [
        itemArea(item, style.width, side),
        ...(row === 0
          ? readAs(
              marks,
              undefined,
              `${item.answer}: ${signs.strokes.length} strokes, shown in their order; squares to write it in`,
            )
          : marks),
      ],
      keepWithNext: row < count - 1,
      name: `The squares for ${item.answer}`,
    };
  });
}

/** What the licence of the strokes asks for. */
const CREDIT = 'Stroke order: KanjiVG, CC BY-SA 3.0';

export const strokesCredit = ({ items }: WriteTask, style: SheetStyle): Block[] =>
  items.some(({ strokes }) => strokes)
    ? [textBlock(CREDIT, style, { size: style.small * 0.75, role: 'small', grey: true })]
    : [];
