/** What a face gives: the blocks of the learner's sheet, and what does not fit. */
import type { PageMark, TextMark } from './marks';
import type { Block } from './paginate';
import type { SheetStyle } from './style';
import { textWidth } from './measure';
import { textBlock } from './text-block';

export interface Face {
  readonly blocks: readonly Block[];
  readonly problems: readonly string[];
  /** Fills pages of its own, with no title, instruction or line for a name. */
  readonly headless?: boolean;
}

/** Which answers stand on the sheet: none, that of item 1 as a model, or all, as the key. */
export type Answers = 'none' | 'first' | 'all';

/** True where the answer of the item at a place (from 0) is written in. */
export const isAnswered = (answers: Answers, index: number) =>
  answers === 'all' || (answers === 'first' && index === 0);

/** The items whose answers are written in. */
export const answeredOf = <Item>(items: readonly Item[], answers: Answers): readonly Item[] =>
  items.filter((_, index) => isAnswered(answers, index));

/** Room for the number of an item, in millimetres. */
export const NUMBER_ROOM = 11;

/** Where an item stands, for a screen on which it is changed; `left` is that of its number. */
export const itemArea = (
  { id }: { readonly id: string },
  width: number,
  height: number,
  left = 0,
): PageMark => ({ kind: 'item', x: left, y: 0, width, height, item: id });

export type TextOptions = Partial<Omit<TextMark, 'kind' | 'x' | 'y' | 'text'>>;

/** A text at a place, set as the body of the sheet unless told otherwise. */
export function textAt(
  x: number,
  y: number,
  text: string,
  style: SheetStyle,
  options: TextOptions = {},
): PageMark {
  return {
    kind: 'text',
    x,
    y,
    text,
    size: style.body,
    weight: 400,
    align: 'start',
    role: 'text',
    ...options,
  };
}

/** The number of an item at its left, in the token of the sheet's look; `y` is its baseline. */
export function numberAt(y: number, number: number, style: SheetStyle, x = 0): PageMark[] {
  const text = String(number);
  const size = style.body * 0.7;
  const bold = { size, weight: 700, role: 'small' } as const;
  // The number stands in the middle of its token.
  const radius = Math.min(MOST_TOKEN, style.body * 0.56);
  const middle = y - size * 0.34;
  const token = (corner: number, fill?: 'accent'): PageMark => ({
    kind: 'box',
    x,
    y: middle - radius,
    width: radius * 2,
    height: radius * 2,
    radius: corner,
    stroke: style.inkSaver || fill === undefined ? 0.35 : 0,
    ...(fill && !style.inkSaver ? { fill } : {}),
  });
  const centred: PageMark = {
    kind: 'text',
    x: x + radius,
    y,
    text,
    ...bold,
    align: 'middle',
  };
  switch (style.look) {
    case 'young':
      return [token(radius, 'accent'), style.inkSaver ? centred : { ...centred, light: true }];
    case 'log':
      return [token(0.8), centred];
    case 'exam':
      // A mark for each item, under its number.
      return [
        textAt(x, y, text, style, { ...bold, size: style.body * 0.85 }),
        textAt(x, y + size, '[1]', style, {
          size: size * 0.75,
          role: 'small',
          grey: true,
          reading: { as: '1 mark' },
        }),
      ];
    case 'calm':
      return [textAt(x, y, text, style, { ...bold, size: style.body })];
    default: {
      // Two figures in large type stay clear of what they number.
      const wide = textWidth(`${text}.`, style.font, 700, size);
      const fitting = Math.min(size, (size * (NUMBER_ROOM - 2)) / wide);
      return [textAt(x, y, `${text}.`, style, { ...bold, size: fitting })];
    }
  }
}

/** Largest radius of a number's token: it fits its room. */
const MOST_TOKEN = 4.4;

/** One line of a key: number, answer, reason; parts of the answer can have a line under them. */
export function keyLine(
  index: number,
  answer: string,
  reason: string,
  style: SheetStyle,
  lit: readonly string[] = [],
): Block {
  return textBlock(`${index + 1}. ${answer}${reason === '' ? '' : ` · ${reason}`}`, style, {
    size: style.small * 1.2,
    role: 'text',
    after: 1.5,
    lit,
  });
}
