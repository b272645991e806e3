import type { SheetLayout } from '../paper/sheet-layout';
import type { ReadingLayout } from './reading-layout';
import { looksLikeVerse, sectionsIn, type Section } from '../languages/shared/segment';
import type { Annotation, OwnMethod } from './marks/annotation';
/** Characters of one text: about 170,000 words. */
export const LONGEST_TEXT = 1_000_000;

export const textKinds = { prose: 'Prose', poem: 'Poem' } as const;

export type TextKind = keyof typeof textKinds;

export interface Gloss {
  readonly word: string;
  readonly text: string;
}

/** Letters that fit into what is said of a text. */
export const FACT_LIMITS = { author: 120, year: 40, source: 300, licence: 120 } as const;

export interface ReadingText {
  /** Counts the changes; not there before the first. */
  readonly revision?: number;
  readonly id: string;
  readonly classId: string;
  readonly title: string;
  readonly author: string;
  readonly year: string;
  readonly source: string;
  readonly licence: string;
  readonly language: string;
  readonly kind: TextKind;
  /** What is read. A line that begins with # is a heading and begins a section; an empty line ends a paragraph. */
  readonly body: string;
  /** As it came in, before it was fitted. */
  readonly original: string;
  /** Sections that the class has got so far; null for all. */
  readonly released: number | null;
  readonly glosses: readonly Gloss[];
  /** Words of the word box. */
  readonly boxed: readonly string[];
  /** Words past the class's reach that stay as they are. */
  readonly accepted: readonly string[];
  readonly annotations: readonly Annotation[];
  /** How it stands on paper. */
  readonly reading?: ReadingLayout;
  readonly layout?: SheetLayout;
  readonly methods?: readonly OwnMethod[];
  /** What was changed since it was made, the oldest first. */
  readonly changes?: readonly string[];
}

/** A text with what was not said filled in. */
export function completeText(
  given: Pick<ReadingText, 'id' | 'classId' | 'title' | 'body'> & Partial<ReadingText>,
): ReadingText {
  return {
    author: '',
    year: '',
    source: '',
    licence: '',
    language: 'en',
    kind: looksLikeVerse(given.body) ? 'poem' : 'prose',
    original: given.body,
    released: null,
    glosses: [],
    boxed: [],
    accepted: [],
    annotations: [],
    ...given,
  };
}

/** Words of a text that are settled: they stay past reach on purpose. */
export const settledWords = ({ glosses, boxed, accepted }: ReadingText): string[] => [
  ...glosses.map(({ word }) => word),
  ...boxed,
  ...accepted,
];

/** The sections that the class has got. */
export function releasedSections({
  body,
  released,
}: Pick<ReadingText, 'body' | 'released'>): Section[] {
  const sections = sectionsIn(body);
  return released === null ? sections : sections.slice(0, released);
}

/** The part of the body that the class has got. */
export function releasedBody(text: Pick<ReadingText, 'body' | 'released'>): string {
  const sections = releasedSections(text);
  return text.body.slice(0, sections[sections.length - 1]?.end ?? 0);
}

/** Author, year and source in one line, as it is printed under the title. */
export const creditOf = ({
  author,
  year,
  source,
  licence,
}: Pick<ReadingText, 'author' | 'year' | 'source' | 'licence'>) =>
  [author, year, source, licence].filter((part) => part !== '').join(' · ');
