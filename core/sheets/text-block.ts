/** Blocks of running text. */
import { breakLines, type Weight } from './measure';
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
}

/** Text broken into lines of the sheet's width; empty text makes a block of no height. */
export function textBlock(text: string, style: SheetStyle, options: TextBlockOptions): Block {
  const { size, weight = 400, role, indent = 0, after = 0 } = options;
  const lines = breakLines(text, style.font, weight, size, style.width - indent);
  const marks = lines.map((line, index): PageMark => ({
    kind: 'text',
    x: indent,
    y: size * (1 + index * style.leading),
    text: line,
    size,
    weight,
    align: 'start',
    role,
    ...(options.grey ? { grey: true } : {}),
  }));
  return {
    height: lines.length === 0 ? 0 : lines.length * size * style.leading + after,
    marks,
    keepWithNext: options.keepWithNext ?? false,
  };
}
