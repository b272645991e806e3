/** Marks out and in: W3C Web Annotation Data Model (JSON-LD) and TEI P5. */
import type { Annotation, MarkKind } from '../../texts/marks/annotation';
import { markKinds } from '../../texts/marks/annotation';
import {
  headingText,
  isHeading,
  linesIn,
  paragraphsIn,
  type Span,
} from '../../languages/shared/segment';
import type { ReadingText } from '../../texts/reading-text';
import { TextFileError } from './incoming-text';

type Marked = Pick<
  ReadingText,
  | 'id'
  | 'title'
  | 'author'
  | 'year'
  | 'source'
  | 'licence'
  | 'language'
  | 'kind'
  | 'body'
  | 'annotations'
>;

const CONTEXT = 'http://www.w3.org/ns/anno.jsonld';

/** What a mark says, as bodies of an annotation: each with the purpose it has. */
function bodiesOf({ kind, about, text, effect, why, answer }: Annotation) {
  const value = (purpose: string, said: string | undefined, part: string) =>
    said ? [{ type: 'TextualBody', purpose, value: said, 'wordane:part': part }] : [];
  return [
    ...value(kind === 'theme' ? 'classifying' : 'tagging', about, 'about'),
    ...value(kind === 'question' ? 'questioning' : 'commenting', text, 'text'),
    ...value('describing', effect, 'effect'),
    ...value('describing', why, 'why'),
    ...value('replying', answer, 'answer'),
  ];
}

/** The marks of a text as a Web Annotation page; each place is given by position and by quotation. */
export function toWebAnnotations(text: Marked): string {
  const { body, annotations } = text;
  const source = `urn:wordane:text:${text.id}`;
  return `${JSON.stringify(
    {
      '@context': [CONTEXT, { wordane: 'urn:wordane:' }],
      id: `${source}:marks`,
      type: 'AnnotationPage',
      'wordane:title': text.title,
      items: annotations.map((mark) => ({
        id: `urn:wordane:mark:${mark.id}`,
        type: 'Annotation',
        motivation: {
          method: 'identifying',
          theme: 'classifying',
          note: 'commenting',
          question: 'questioning',
        }[mark.kind],
        'wordane:kind': mark.kind,
        body: bodiesOf(mark),
        target: {
          source,
          selector: [
            { type: 'TextPositionSelector', start: mark.start, end: mark.end },
            {
              type: 'TextQuoteSelector',
              exact: body.slice(mark.start, mark.end),
              prefix: body.slice(Math.max(0, mark.start - 24), mark.start),
              suffix: body.slice(mark.end, mark.end + 24),
            },
          ],
        },
      })),
    },
    null,
    2,
  )}\n`;
}

interface Selector {
  readonly type?: string;
  readonly start?: number;
  readonly end?: number;
  readonly exact?: string;
  readonly prefix?: string;
}

/** Where a mark stands: by its quotation, nearest to where it stood; else by its position alone. */
function placeOf(selectors: readonly Selector[], body: string): Span | undefined {
  const position = selectors.find(({ type }) => type === 'TextPositionSelector');
  const quotation = selectors.find(({ type }) => type === 'TextQuoteSelector');
  const near = position?.start ?? 0;
  const exact = quotation?.exact;
  if (exact === undefined || exact === '') {
    const { start, end } = position ?? {};
    return start !== undefined && end !== undefined && end > start && end <= body.length
      ? { start, end }
      : undefined;
  }
  let best: number | undefined;
  for (let at = body.indexOf(exact); at !== -1; at = body.indexOf(exact, at + 1)) {
    if (best === undefined || Math.abs(at - near) < Math.abs(best - near)) best = at;
  }
  return best === undefined ? undefined : { start: best, end: best + exact.length };
}

export interface ReadMarks {
  readonly annotations: readonly Annotation[];
  readonly notes: readonly string[];
}

/**
 * Marks from a Web Annotation page or list, set on a text.
 *
 * @throws TextFileError where the file is no Web Annotation
 */
export function fromWebAnnotations(json: string, body: string, newId: () => string): ReadMarks {
  let data: unknown;
  try {
    data = JSON.parse(json);
  } catch {
    throw new TextFileError(
      'This file is not JSON. Choose a Web Annotation file (.jsonld or .json). Nothing was changed.',
    );
  }
  const page = data as { items?: unknown; type?: unknown; target?: unknown } | null;
  const items = Array.isArray(data)
    ? data
    : Array.isArray(page?.items)
      ? page.items
      : page?.type === 'Annotation'
        ? [page]
        : undefined;
  if (items === undefined) {
    throw new TextFileError(
      'This JSON has no Web Annotations in it. Choose a file that Wordane or another program exported as Web Annotation. Nothing was changed.',
    );
  }
  const annotations: Annotation[] = [];
  let lost = 0;
  for (const item of items as Record<string, unknown>[]) {
    const target = item['target'] as { selector?: Selector | Selector[] } | undefined;
    const selectors = ([] as Selector[]).concat(target?.selector ?? []);
    const place = placeOf(selectors, body);
    if (place === undefined) {
      lost += 1;
      continue;
    }
    const bodies = ([] as Record<string, string>[]).concat(
      (item['body'] as Record<string, string>[] | undefined) ?? [],
    );
    const part = (name: string, purpose: string) =>
      bodies.find((each) => each['wordane:part'] === name)?.['value'] ??
      (bodies.some((each) => each['wordane:part'] !== undefined)
        ? undefined
        : bodies.find((each) => each['purpose'] === purpose)?.['value']);
    const kind = String(item['wordane:kind'] ?? 'note');
    const known: MarkKind = kind in markKinds ? (kind as MarkKind) : 'note';
    const said = {
      about: part('about', 'tagging'),
      text: part('text', 'commenting'),
      effect: part('effect', ''),
      why: part('why', ''),
      answer: part('answer', 'replying'),
    };
    annotations.push({
      id: newId(),
      ...place,
      kind: known,
      ...Object.fromEntries(
        Object.entries(said).filter(([, value]) => value !== undefined && value !== ''),
      ),
    });
  }
  return {
    annotations,
    notes: [
      `Read ${annotations.length} ${annotations.length === 1 ? 'mark' : 'marks'}.`,
      ...(lost > 0 ? [`${lost} found no place: the words they quote are not in this text.`] : []),
    ],
  };
}

const escape = (text: string) =>
  text
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;');

/** A line of text with its marks as seg elements; a mark that would cross another is cut where the other ends. */
function markedLine(body: string, line: Span, marks: readonly Annotation[]): string {
  const inside = marks
    .map((mark) => ({
      ...mark,
      start: Math.max(mark.start, line.start),
      end: Math.min(mark.end, line.end),
    }))
    .filter(({ start, end }) => end > start)
    .sort((left, right) => left.start - right.start || right.end - left.end);
  let out = '';
  let at = line.start;
  const open: { end: number }[] = [];
  const closeUpTo = (place: number) => {
    while (open.length > 0 && (open[open.length - 1]?.end ?? Infinity) <= place) {
      const { end } = open.pop() ?? { end: place };
      out += `${escape(body.slice(at, end))}</seg>`;
      at = end;
    }
  };
  for (const mark of inside) {
    closeUpTo(mark.start);
    out += escape(body.slice(at, mark.start));
    at = mark.start;
    const end = Math.min(mark.end, open[open.length - 1]?.end ?? mark.end);
    out += `<seg type="${mark.kind}" ana="#${encodeURIComponent(mark.about ?? '')}" corresp="#${escape(mark.id)}">`;
    open.push({ end });
  }
  closeUpTo(line.end);
  return out + escape(body.slice(at, line.end));
}

/** The text with its marks as TEI P5; what a mark says stands in a list of notes at the back. */
export function toTei(text: Marked): string {
  const { body, annotations, kind } = text;
  const paragraphs = paragraphsIn(body).map((paragraph) => {
    const plain = body.slice(paragraph.start, paragraph.end);
    if (isHeading(plain)) return `      <head>${escape(headingText(plain))}</head>`;
    const lines = linesIn(body, paragraph).map((line) => markedLine(body, line, annotations));
    return kind === 'poem'
      ? `      <lg>\n${lines.map((line) => `        <l>${line}</l>`).join('\n')}\n      </lg>`
      : `      <p>${lines.join('<lb/>')}</p>`;
  });
  const notes = annotations.flatMap(({ id, text: said, effect, why, answer }) => {
    const parts = { text: said, effect, why, answer };
    return Object.entries(parts).flatMap(([part, value]) =>
      value ? [`      <note type="${part}" target="#${escape(id)}">${escape(value)}</note>`] : [],
    );
  });
  return `<?xml version="1.0" encoding="UTF-8"?>
<TEI xmlns="http://www.tei-c.org/ns/1.0" xml:lang="${escape(text.language)}">
  <teiHeader>
    <fileDesc>
      <titleStmt><title>${escape(text.title)}</title><author>${escape(text.author)}</author></titleStmt>
      <publicationStmt><availability><licence>${escape(text.licence)}</licence></availability><date>${escape(text.year)}</date></publicationStmt>
      <sourceDesc><p>${escape(text.source)}</p></sourceDesc>
    </fileDesc>
  </teiHeader>
  <text>
    <body>
${paragraphs.join('\n')}
    </body>${notes.length > 0 ? `\n    <back>\n${notes.join('\n')}\n    </back>` : ''}
  </text>
</TEI>
`;
}
