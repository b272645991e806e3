/** The quotation chart that grows from the marks of a text: quotation, line, method, effect, why. */
import { headingText, isHeading, linesIn } from '../../languages/shared/segment';
import type { ReadingText } from '../reading-text';
import type { Annotation } from '../marks/annotation';
import { findMethod } from '../marks/methods';

export interface ChartRow {
  readonly mark: Annotation;
  readonly quotation: string;
  /** The lines it stands in: 3 or 3–4; of prose the paragraph. */
  readonly where: string;
  readonly method: string;
  readonly effect: string;
  readonly why: string;
}

/** The number of each line: of a poem as it is written, headings left out. */
export function lineNumberAt(body: string, offset: number): number {
  const lines = linesIn(body).filter(({ start, end }) => !isHeading(body.slice(start, end)));
  const at = lines.findIndex(({ end }) => offset < end);
  return at === -1 ? lines.length : at + 1;
}

/** A stretch as it is quoted: on one line, a stroke where a line of verse ends. */
export function quote(
  body: string,
  { start, end }: { start: number; end: number },
  verse: boolean,
): string {
  const lines = body
    .slice(start, end)
    .split('\n')
    .map((line) => (isHeading(line) ? headingText(line) : line.trim()))
    .filter((line) => line !== '');
  return lines.join(verse ? ' / ' : ' ');
}

/** A row for each mark with a method, in the order of the text. */
export function quotationChart(
  text: Pick<ReadingText, 'body' | 'kind' | 'annotations' | 'methods'>,
): ChartRow[] {
  const { body, kind, annotations, methods } = text;
  return annotations
    .filter((mark) => mark.kind === 'method')
    .sort((left, right) => left.start - right.start)
    .map((mark) => {
      const [first, last] = [lineNumberAt(body, mark.start), lineNumberAt(body, mark.end - 1)];
      return {
        mark,
        quotation: quote(body, mark, kind === 'poem'),
        where: first === last ? String(first) : `${first}–${last}`,
        method: findMethod(mark.about ?? '', methods)?.name ?? mark.about ?? '',
        effect: mark.effect ?? '',
        why: mark.why ?? mark.answer ?? '',
      };
    });
}
