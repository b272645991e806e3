/**
 * HTML and TEI read with htmlparser2: only text, headings, lines and paragraphs
 * come in; scripts and styles are never run and never kept.
 */
import { Parser } from 'htmlparser2';
import type { Annotation } from '../../texts/marks/annotation';
import { keepBareSigns } from './bare-signs';
import { scriptNotes, tidyText, type IncomingText } from './incoming-text';

const blocks = new Set(
  'p div section article li ul ol blockquote pre table tr figure figcaption header footer main aside dl dt dd address hr ab sp stage speaker lg div1 div2 list item head opener closer'.split(
    ' ',
  ),
);
const silent: Readonly<Record<string, string>> = {
  script: 'a script (it was not run)',
  style: 'styles',
  noscript: 'a script’s substitute',
  template: 'a template',
  iframe: 'a page inside the page',
  object: 'an embedded object',
  svg: 'a drawing',
  canvas: 'a drawing',
  math: 'a formula',
};
const lost: Readonly<Record<string, string>> = {
  img: 'picture',
  graphic: 'picture',
  video: 'film',
  audio: 'recording',
  table: 'table (its cells stand one after another)',
  form: 'form',
  input: 'form field',
};

const plural = (name: string, count: number) => {
  if (count === 1) return `a ${name}`;
  const [head = '', ...rest] = name.split(' (');
  return `${count} ${head}s${rest.length > 0 ? ` (${rest.join(' (')}` : ''}`;
};

/** Collects text with its paragraphs and lines. */
class Collector {
  text = '';
  private pending = '';

  /** Ends a paragraph or a line; the larger break wins. */
  break(size: '\n' | '\n\n'): void {
    if (this.text === '') return;
    if (size.length > this.pending.length) this.pending = size;
  }

  add(text: string): void {
    const tidy = text.replace(/\s+/g, ' ');
    if (tidy.trim() === '' && (this.pending !== '' || this.text === '')) return;
    const begins = this.pending !== '' || this.text === '';
    this.text += this.pending + (begins ? tidy.trimStart() : tidy);
    this.pending = '';
  }

  get length(): number {
    return this.text.length + this.pending.length;
  }
}

function leftOut(counts: ReadonlyMap<string, number>): string[] {
  if (counts.size === 0) return [];
  const named = [...counts].map(([name, count]) =>
    name.startsWith('a ') || name === 'styles' ? name : plural(name, count),
  );
  return [`Left out: ${named.join(', ')}.`];
}

const count = (counts: Map<string, number>, name: string) =>
  counts.set(name, (counts.get(name) ?? 0) + 1);

/** A web page or a piece of one. */
export function readHtml(html: string): IncomingText {
  const out = new Collector();
  const missing = new Map<string, number>();
  let skip = 0;
  let title = '';
  let inTitle = false;
  let author: string | undefined;
  let language: string | undefined;
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        if (name === 'html' && attributes['lang'])
          language = attributes['lang'].slice(0, 2).toLowerCase();
        if (name === 'meta' && attributes['name'] === 'author') author = attributes['content'];
        if (name === 'title') inTitle = true;
        if (silent[name] !== undefined) {
          skip += 1;
          count(missing, silent[name]);
        }
        if (skip > 0) return;
        if (lost[name] !== undefined) count(missing, lost[name]);
        if (name === 'br') out.break('\n');
        else if (/^h[1-6]$/.test(name)) {
          out.break('\n\n');
          out.add(`${'#'.repeat(Math.min(3, Number(name[1])))} `);
        } else if (blocks.has(name)) out.break(name === 'li' || name === 'tr' ? '\n' : '\n\n');
      },
      ontext(text) {
        if (inTitle) title += text;
        else if (skip === 0) out.add(text);
      },
      onclosetag(name) {
        if (name === 'title') inTitle = false;
        if (silent[name] !== undefined) {
          skip = Math.max(0, skip - 1);
          return;
        }
        if (skip > 0) return;
        if (/^h[1-6]$/.test(name)) out.break('\n\n');
        else if (blocks.has(name)) out.break(name === 'li' || name === 'tr' ? '\n' : '\n\n');
        else if (name === 'td' || name === 'th') out.add(' ');
      },
    },
    { decodeEntities: true },
  );
  parser.write(keepBareSigns(html));
  parser.end();
  const body = tidyText(out.text);
  return {
    body,
    ...(title.trim() === '' ? {} : { title: title.trim().replace(/\s+/g, ' ') }),
    ...(author ? { author } : {}),
    ...(language ? { language } : {}),
    notes: [...leftOut(missing), ...scriptNotes(body)],
  };
}

const teiLost: Readonly<Record<string, string>> = {
  figure: 'picture',
  note: 'note',
  fw: 'running head',
  gap: 'gap in the source',
  app: 'variant reading',
  table: 'table',
};

/** The parts of a mark that a note may hold. */
const noteParts = new Set(['text', 'effect', 'why', 'answer']);

function decode(name: string): string {
  try {
    return decodeURIComponent(name);
  } catch {
    return name;
  }
}

/** A TEI P5 document: title, author, date, source, licence; divisions, stanzas, lines, paragraphs, speeches. */
export function readTei(xml: string): IncomingText {
  const out = new Collector();
  const missing = new Map<string, number>();
  const path: string[] = [];
  const header: Record<string, string> = {};
  const annotations: { -readonly [Field in keyof Annotation]: Annotation[Field] }[] = [];
  const open: { mark: Partial<Annotation>; start: number; id: string }[] = [];
  const written = new Map<string, Record<string, string>>();
  let noteOf: { id: string; part: string } | undefined;
  let verse = 0;
  let prose = 0;
  let skip = 0;
  const within = (name: string) => path.includes(name);
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        path.push(name);
        if (within('teiHeader')) {
          if (name === 'licence' && attributes['target']) header['licence'] = attributes['target'];
          return;
        }
        // What was written to a mark, as our own export has it.
        if (name === 'note' && attributes['target'] && noteParts.has(attributes['type'] ?? '')) {
          noteOf = { id: attributes['target'].replace(/^#/, ''), part: attributes['type'] ?? '' };
          return;
        }
        if (teiLost[name] !== undefined) {
          skip += 1;
          count(missing, teiLost[name]);
        }
        if (skip > 0) return;
        if (name === 'head') {
          out.break('\n\n');
          out.add(within('div') || within('lg') ? '## ' : '# ');
        } else if (name === 'l') {
          verse += 1;
          out.break('\n');
        } else if (name === 'lb') out.break('\n');
        else if (name === 'speaker') out.break('\n\n');
        else if (blocks.has(name)) {
          if (name === 'p') prose += 1;
          out.break('\n\n');
        }
        if ((name === 'seg' || name === 'span') && attributes['ana']) {
          open.push({
            start: -1,
            id: attributes['corresp']?.replace(/^#/, '') ?? '',
            mark: {
              kind: (attributes['type'] as Annotation['kind'] | undefined) ?? 'method',
              about: decode(attributes['ana'].replace(/^#/, '')),
            },
          });
        }
      },
      ontext(text) {
        const here = path[path.length - 1] ?? '';
        if (within('teiHeader')) {
          if (within('titleStmt') && here === 'title')
            header['title'] = (header['title'] ?? '') + text;
          if (within('titleStmt') && (here === 'author' || within('author')))
            header['author'] = (header['author'] ?? '') + text;
          if (here === 'date' && !header['year']) header['year'] = text.trim();
          if (within('sourceDesc') && here !== 'date')
            header['source'] = `${header['source'] ?? ''} ${text}`;
          if (here === 'licence') header['licence'] = text;
          return;
        }
        if (noteOf) {
          const said = written.get(noteOf.id) ?? {};
          const { part } = noteOf;
          written.set(noteOf.id, { ...said, [part]: `${said[part] ?? ''}${text}` });
          return;
        }
        if (skip > 0 || !within('text')) return;
        out.add(text);
        for (const mark of open)
          if (mark.start === -1 && text.trim() !== '')
            mark.start = out.text.length - text.trimStart().length;
      },
      onclosetag(name) {
        path.pop();
        if (within('teiHeader')) return;
        if (name === 'note' && noteOf) {
          noteOf = undefined;
          return;
        }
        if (teiLost[name] !== undefined) {
          skip = Math.max(0, skip - 1);
          return;
        }
        if (skip > 0) return;
        if (name === 'seg' || name === 'span') {
          const closed = open.pop();
          const begun = closed?.id ? annotations.find((mark) => mark.id === closed.id) : undefined;
          // A mark over several lines stands in a piece on each.
          if (begun) begun.end = out.text.trimEnd().length;
          else if (closed && closed.start >= 0) {
            annotations.push({
              id: closed.id || `mark-${annotations.length + 1}`,
              start: closed.start,
              end: out.text.trimEnd().length,
              kind: closed.mark.kind ?? 'method',
              ...(closed.mark.about ? { about: closed.mark.about } : {}),
            });
          }
        }
        if (name === 'l' || name === 'speaker') out.break('\n');
        else if (blocks.has(name)) out.break('\n\n');
      },
    },
    { xmlMode: true, decodeEntities: true },
  );
  parser.write(xml);
  parser.end();
  const tidy = (name: string) => header[name]?.trim().replace(/\s+/g, ' ');
  const body = tidyText(out.text);
  const kept = annotations
    .filter((mark) => mark.end <= body.length && mark.end > mark.start)
    .map((mark) => ({ ...mark, ...written.get(mark.id) }));
  return {
    body,
    ...(tidy('title') ? { title: tidy('title') ?? '' } : {}),
    ...(tidy('author') ? { author: tidy('author') ?? '' } : {}),
    ...(tidy('year') ? { year: tidy('year') ?? '' } : {}),
    ...(tidy('source') ? { source: tidy('source') ?? '' } : {}),
    ...(tidy('licence') ? { licence: tidy('licence') ?? '' } : {}),
    kind: verse > prose ? 'poem' : 'prose',
    annotations: kept,
    notes: [
      ...leftOut(missing),
      ...(kept.length < annotations.length
        ? [`${annotations.length - kept.length} marks found no place.`]
        : []),
      ...scriptNotes(body),
    ],
  };
}
