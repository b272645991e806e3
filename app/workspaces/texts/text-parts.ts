/** A long text is shown part by part: whole paragraphs up to so many characters. */
import { paragraphsIn, type Span } from '~core/languages/shared/segment';

const PART = 9_000;

export function textParts(body: string): Span[] {
  const parts: { start: number; end: number }[] = [];
  for (const paragraph of paragraphsIn(body)) {
    const last = parts[parts.length - 1];
    if (last && paragraph.end - last.start <= PART) last.end = paragraph.end;
    else parts.push({ ...paragraph });
  }
  return parts.length === 0 ? [{ start: 0, end: 0 }] : parts;
}
