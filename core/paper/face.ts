/** What a face gives: the blocks of the learner's sheet, and what does not fit. */
import type { PageMark, TextMark } from './marks';
import type { Block } from './paginate';
import type { SheetStyle } from './style';
import { textBlock } from './text-block';

export interface Face {
  readonly blocks: readonly Block[];
  readonly problems: readonly string[];
  /** Fills pages of its own, with no title, instruction or line for a name. */
  readonly headless?: boolean;
}

/** Room for the number of an item, in millimetres. */
export const NUMBER_ROOM = 11;

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

/** The number of an item, small and bold at its left. */
export function numberAt(y: number, number: number, style: SheetStyle, x = 0): PageMark {
  return textAt(x, y, `${number}.`, style, { size: style.body * 0.7, weight: 700, role: 'small' });
}

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
