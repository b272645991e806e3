/** A text as the makers of reading exercises get it. */
import type { Annotation } from '../marks/annotation';
import type { Method } from '../marks/methods';
import {
  creditOf,
  releasedBody,
  settledWords,
  type Gloss,
  type ReadingText,
  type TextKind,
} from '../../texts/reading-text';
import { looksLikeVerse, sectionsIn } from '../../languages/shared/segment';

export interface TextMaterial {
  readonly title: string;
  /** Author, year and source, as they are printed. */
  readonly credit: string;
  readonly author: string;
  readonly kind: TextKind;
  readonly body: string;
  /** As it came in, where it was fitted since. */
  readonly original?: string;
  readonly glosses: readonly Gloss[];
  readonly boxed: readonly string[];
  /** Words past reach that the teacher has settled. */
  readonly settled: readonly string[];
  readonly annotations: readonly Annotation[];
  readonly methods: readonly Method[];
  /** BCP 47; English where it is absent. */
  readonly language?: string;
}

/** What of a kept text a class has got. */
export function materialOf(text: ReadingText): TextMaterial {
  return {
    title: text.title,
    credit: creditOf(text),
    author: text.author,
    kind: text.kind,
    body: releasedBody(text),
    ...(text.original !== text.body && text.original !== '' ? { original: text.original } : {}),
    glosses: text.glosses,
    boxed: text.boxed,
    settled: settledWords(text),
    annotations: text.annotations,
    methods: text.methods ?? [],
    language: text.language,
  };
}

/** The text as it came in: what was glossed and marked belongs to the fitted one. */
export const originalOf = (text: TextMaterial): TextMaterial =>
  text.original === undefined
    ? text
    : { ...text, body: text.original, glosses: [], boxed: [], annotations: [] };

/** A plain string as material, for scripts. */
export function completeMaterial(given: string | Partial<TextMaterial>): TextMaterial {
  const rest = typeof given === 'string' ? { body: given } : given;
  const body = rest.body ?? '';
  return {
    title: 'Text',
    credit: '',
    author: '',
    kind: looksLikeVerse(body) ? 'poem' : 'prose',
    glosses: [],
    boxed: [],
    settled: [],
    annotations: [],
    methods: [],
    ...rest,
    body,
  };
}

/** The text with only one of its sections, counted from 0; the whole where there is no such section. */
export function sectionOf(text: TextMaterial, section: number | undefined): TextMaterial {
  const found = section === undefined ? undefined : sectionsIn(text.body)[section];
  if (found === undefined) return text;
  const { start, end } = found;
  return {
    ...text,
    body: text.body.slice(start, end),
    annotations: text.annotations
      .filter((mark) => mark.start >= start && mark.end <= end)
      .map((mark) => ({ ...mark, start: mark.start - start, end: mark.end - start })),
  };
}
