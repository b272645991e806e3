/** A long text is shown part by part: whole paragraphs up to so many characters; a longer paragraph is cut between words. */
import { paragraphsIn, type Span } from '~core/languages/shared/segment';

const PART = 9_000;

/** A paragraph that no screen could show at once, in pieces. */
function pieces(body: string, { start, end }: Span): Span[] {
  const cut: Span[] = [];
  let from = start;
  while (end - from > 2 * PART) {
    const space = body.lastIndexOf(' ', from + PART);
    const to = space > from ? space : from + PART;
    cut.push({ start: from, end: to });
    from = space > from ? to + 1 : to;
  }
  return [...cut, { start: from, end }];
}

export function textParts(body: string): Span[] {
  const parts: { start: number; end: number }[] = [];
  for (const paragraph of paragraphsIn(body)) {
    for (const piece of pieces(body, paragraph)) {
      const last = parts[parts.length - 1];
      if (last && piece.end - last.start <= PART) last.end = piece.end;
      else parts.push({ ...piece });
    }
  }
  return parts.length === 0 ? [{ start: 0, end: 0 }] : parts;
}
