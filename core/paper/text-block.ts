/** Blocks of running text. */
import { isRightToLeft } from '../kernel/writing-direction';
import { breakLines, textWidth, type Weight } from './measure';
import { readAs } from './reading';
import type { PageMark, TextMark } from './marks';
import type { Block } from './paginate';
import type { SheetStyle } from './style';

export interface TextBlockOptions {
  readonly size: number;
  readonly weight?: Weight;
  readonly role: TextMark['role'];
  readonly grey?: boolean;
  /** Indent and space after, in millimetres. */
  readonly indent?: number;
  readonly after?: number;
  readonly keepWithNext?: boolean;
  /** Parts of the text, in their order, with a line under them. */
  readonly lit?: readonly string[];
}

/** Text broken into lines of the sheet's width; empty text makes a block of no height. */
export function textBlock(text: string, style: SheetStyle, options: TextBlockOptions): Block {
  const { size, weight = 400, role, indent = 0, after = 0 } = options;
  const fromRight = isRightToLeft(text);
  const lines = breakLines(text, style.font, weight, size, style.width - indent);
  const marks = lines.map((line, index): PageMark => ({
    kind: 'text',
    x: fromRight ? style.width : indent,
    y: size * (1 + index * style.leading),
    text: line,
    size,
    weight,
    align: fromRight ? 'end' : 'start',
    role,
    ...(options.grey ? { grey: true } : {}),
  }));
  return {
    height: lines.length === 0 ? 0 : lines.length * size * style.leading + after,
    // Lines are one text to whoever listens.
    marks: [...readAs(marks, undefined, text), ...linesUnder(lines, style, options)],
    keepWithNext: options.keepWithNext ?? false,
  };
}

/** A line under every part of the text that is lit; a part may go over the end of a line. */
function linesUnder(
  lines: readonly string[],
  style: SheetStyle,
  { size, weight = 400, indent = 0, lit = [] }: TextBlockOptions,
): PageMark[] {
  const whole = lines.join(' ');
  let from = 0;
  const spans = lit.flatMap((part) => {
    const start = whole.indexOf(part, from);
    if (part === '' || start < 0) return [];
    from = start + part.length;
    return [{ start, end: from }];
  });
  let begins = 0;
  return lines.flatMap((line, index): PageMark[] => {
    const offset = begins;
    begins += line.length + 1;
    const to = (at: number) => indent + textWidth(line.slice(0, at), style.font, weight, size);
    const y = size * (1.22 + index * style.leading);
    return spans.flatMap(({ start, end }): PageMark[] => {
      const first = Math.max(0, start - offset);
      const last = Math.min(line.length, end - offset);
      return first < last
        ? [{ kind: 'line', x1: to(first), x2: to(last), y1: y, y2: y, width: 0.3 }]
        : [];
    });
  });
}
