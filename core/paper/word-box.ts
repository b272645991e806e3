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
const PICTURE = 15;

interface Cell {
  readonly entry: BoxedWord;
  readonly x: number;
  readonly width: number;
}

/** Entries in centred lines of the width of the box. */
function linesOf(entries: readonly BoxedWord[], size: number, style: SheetStyle): Cell[][] {
  const room = style.width - 2 * PAD;
  const lines: Cell[][] = [];
  let line: Cell[] = [];
  let x = 0;
  const close = () => {
    const shift = PAD + (room - (x - GAP)) / 2;
    lines.push(line.map((cell) => ({ ...cell, x: cell.x + shift })));
  };
  for (const entry of entries) {
    const width = Math.max(
      textWidth(entry.text, style.font, 400, size),
      entry.picture === undefined ? 0 : PICTURE,
    );
    if (line.length > 0 && x + width > room) {
      close();
      line = [];
      x = 0;
    }
    line.push({ entry, x, width });
    x += width + GAP;
  }
  if (line.length > 0) close();
  return lines;
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
  const pictured = entries.some((entry) => entry.picture !== undefined) ? PICTURE + 1 : 0;
  const leading = size * style.leading + pictured + (pictured > 0 ? 2 : 0);
  const lines = linesOf(entries, size, style);
  const top = PAD + (options.heading === undefined ? 0 : style.small * 1.6);
  const height = top + lines.length * leading + PAD;
  const marks: PageMark[] = [
    { kind: 'box', x: 0, y: 0, width: style.width, height, stroke: 0.35, radius: 2 },
  ];
  if (options.heading !== undefined) {
    marks.push(
      textAt(PAD + 1, PAD + style.small, options.heading, style, {
        size: style.small,
        weight: 700,
        role: 'small',
      }),
    );
  }
  lines.forEach((line, index) => {
    const y = top + index * leading;
    for (const { entry, x, width } of line) {
      const middle = x + width / 2;
      const baseline = y + pictured + size;
      if (entry.picture !== undefined) {
        marks.push({
          kind: 'picture',
          x: middle - PICTURE / 2,
          y,
          width: PICTURE,
          height: PICTURE,
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
