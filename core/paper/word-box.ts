/** Words in a box to choose from, as many abreast as fit, with a picture over each that has one. */
import type { PageMark } from './marks';
import { textWidth } from './measure';
import type { Block } from './paginate';
import type { SheetStyle } from './style';
import { textAt } from './face';
import { readAs } from './reading';

export interface BoxedWord {
  readonly text: string;
  /** Name of a shipped picture. */
  readonly picture?: string | undefined;
  /** The word of the material that it is, for its mark on screen. */
  readonly word?: string;
}

const PAD = 3;
const GAP = 7;
/** A picture in the box is smaller than one beside an item. */
const SHARE = 0.75;

interface Cell {
  readonly entry: BoxedWord;
  readonly x: number;
  readonly width: number;
}

/** Places of entries, as many in a line as `room` holds. */
function broken(widths: readonly number[], room: number): number[][] {
  const lines: number[][] = [];
  let x = 0;
  widths.forEach((width, place) => {
    const line = lines.at(-1);
    if (line === undefined || x + width > room) {
      lines.push([place]);
      x = 0;
    } else {
      line.push(place);
    }
    x += width + GAP;
  });
  return lines;
}

/** Halvings until a line is as short as it can be, to a tenth of a millimetre. */
const HALVINGS = 11;

/** Lines about as long as each other, no more of them than full ones would be: no word stands alone. */
function evenly(widths: readonly number[], room: number): number[][] {
  const fewest = broken(widths, room).length;
  let [low, high] = [Math.max(...widths), room];
  for (let turn = 0; turn < HALVINGS; turn += 1) {
    const middle = (low + high) / 2;
    if (broken(widths, middle).length <= fewest) high = middle;
    else low = middle;
  }
  return broken(widths, high);
}

/** Entries in centred lines of the width of the box. */
function linesOf(entries: readonly BoxedWord[], size: number, style: SheetStyle): Cell[][] {
  const room = style.width - 2 * PAD;
  const widths = entries.map(({ text, picture }) =>
    Math.max(
      textWidth(text, style.font, 400, size),
      picture === undefined ? 0 : style.picture * SHARE,
    ),
  );
  return evenly(widths, room).map((line) => {
    const whole = line.reduce((sum, place) => sum + (widths[place] ?? 0) + GAP, -GAP);
    let x = PAD + (room - whole) / 2;
    return line.flatMap((place): Cell[] => {
      const [entry, width] = [entries[place], widths[place]];
      if (entry === undefined || width === undefined) return [];
      const cell = { entry, x, width };
      x += width + GAP;
      return [cell];
    });
  });
}

/** The frame of the box, by the look of the sheet. */
export function boxFrame(style: SheetStyle, height: number): PageMark[] {
  const frame = { kind: 'box', x: 0, y: 0, width: style.width, height } as const;
  switch (style.look) {
    case 'young':
      return [{ ...frame, stroke: 0.55, radius: 4 }];
    case 'log':
      return [
        { ...frame, stroke: 0.5 },
        {
          kind: 'box',
          x: 1,
          y: 1,
          width: style.width - 2,
          height: height - 2,
          stroke: 0.2,
        },
      ];
    case 'exam':
      return [{ ...frame, stroke: 0.4 }];
    case 'calm':
      return [{ ...frame, stroke: 0, radius: 2, fill: 'tint' }];
    default:
      return [{ ...frame, stroke: 0.35, radius: 2 }];
  }
}

/** The label of a box that stands on its upper line. */
function labelOnLine(label: string, style: SheetStyle): PageMark[] {
  const size = style.small * 1.05;
  const width = textWidth(label, style.font, 700, size);
  return [
    { kind: 'box', x: 6, y: -1, width: width + 4, height: 2, stroke: 0, fill: 'paper' },
    textAt(8, size * 0.35, label, style, { size, weight: 700, role: 'small' }),
  ];
}

/** A box that keeps with the block after it; no block where there is nothing to choose from. */
export function wordBox(
  entries: readonly BoxedWord[],
  style: SheetStyle,
  options: { readonly heading?: string; readonly keepWithNext?: boolean } = {},
): Block[] {
  if (entries.length === 0) return [];
  const widest = Math.max(
    ...entries.map(({ text }) => textWidth(text, style.font, 400, style.body)),
  );
  const room = style.width - 2 * PAD;
  // Only an entry that no line can hold is set smaller.
  const size = widest > room ? (style.body * room) / widest : style.body;
  const lines = linesOf(entries, size, style);
  // Only a line with a picture has the room for one.
  const pictured = lines.map((line) =>
    line.some(({ entry }) => entry.picture !== undefined) ? style.picture * SHARE + 1 : 0,
  );
  const heights = pictured.map((room) => size * style.leading + room + (room > 0 ? 2 : 0));
  const above = (index: number) => heights.slice(0, index).reduce((sum, each) => sum + each, 0);
  const top = PAD + (options.heading === undefined ? 0 : style.small * 1.6);
  const height = top + above(lines.length) + PAD;
  const marks: PageMark[] = boxFrame(style, height);
  if (options.heading !== undefined && style.look !== 'young') {
    marks.push(
      textAt(PAD + 1, PAD + style.small, options.heading, style, {
        size: style.small,
        weight: 700,
        role: 'small',
      }),
    );
  }
  if (style.look === 'young') marks.push(...labelOnLine(options.heading ?? 'Words', style));
  lines.forEach((line, index) => {
    const y = top + above(index);
    for (const { entry, x, width } of line) {
      const middle = x + width / 2;
      const baseline = y + (pictured[index] ?? 0) + size;
      if (entry.picture !== undefined) {
        marks.push({
          kind: 'picture',
          x: middle - (style.picture * SHARE) / 2,
          y,
          width: style.picture * SHARE,
          height: style.picture * SHARE,
          picture: entry.picture,
          name: '',
        });
      }
      marks.push(textAt(middle, baseline, entry.text, style, { size, align: 'middle' }));
      if (entry.word !== undefined) {
        marks.push({
          kind: 'word',
          x,
          y: baseline - size,
          width,
          height: size * 1.3,
          word: entry.word,
        });
      }
    }
  });
  return [
    {
      height: height + 5,
      marks: readAs(
        marks,
        undefined,
        `${options.heading ?? 'Word box'}: ${entries.map(({ text }) => text).join(', ')}`,
      ),
      name: 'The box to choose from',
      keepWithNext: options.keepWithNext ?? true,
    },
  ];
}
