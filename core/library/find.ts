/** Finding in the starter library: by words in names and contents, by kind and by level. */
import { makerName } from '../exercises/catalogue';
import type { Library, LibraryLesson, LibraryList, LibraryText } from './library';
import type { LibraryLevel } from './library-levels';

export const libraryKinds = ['lesson', 'list', 'text'] as const;
export type LibraryKind = (typeof libraryKinds)[number];

interface Common {
  readonly id: string;
  readonly title: string;
  readonly level: LibraryLevel;
}
export type LibraryThing = Common &
  (
    | { readonly kind: 'lesson'; readonly lesson: LibraryLesson }
    | { readonly kind: 'list'; readonly list: LibraryList }
    | { readonly kind: 'text'; readonly text: LibraryText }
  );

const thingsOf = ({ lessons, lists, texts }: Library): LibraryThing[] => [
  ...lessons.map((lesson): LibraryThing => {
    const { id, title, level } = lesson;
    return { id, title, level, kind: 'lesson', lesson };
  }),
  ...lists.map((list): LibraryThing => {
    const { id, name: title, level } = list;
    return { id, title, level, kind: 'list', list };
  }),
  ...texts.map((text): LibraryThing => {
    const { id, title, level } = text;
    return { id, title, level, kind: 'text', text };
  }),
];

/** The names of the exercises of a lesson. */
export const exercisesOf = ({ stages }: LibraryLesson): string[] =>
  Object.values(stages).flatMap((parts) =>
    parts.flatMap((part) => ('maker' in part ? [makerName(part.maker)] : [])),
  );

function contentOf(thing: LibraryThing): string {
  switch (thing.kind) {
    case 'lesson':
      return [
        thing.lesson.objective,
        ...thing.lesson.standards,
        ...exercisesOf(thing.lesson),
        ...thing.lesson.lists,
        thing.lesson.text ?? '',
      ].join(' ');
    case 'list':
      return [thing.list.kind, ...thing.list.words].join(' ');
    case 'text':
      return `${thing.text.kind} ${thing.text.body}`;
  }
}

export interface LibraryQuery {
  readonly words?: string;
  readonly kind?: LibraryKind | undefined;
  readonly level?: LibraryLevel | undefined;
}

/** Things with every sought word; those that have them in their names come first. */
export function findInLibrary(library: Library, query: LibraryQuery): LibraryThing[] {
  const words = (query.words ?? '').toLowerCase().split(/\s+/).filter(Boolean);
  const has = (text: string) => words.every((word) => text.toLowerCase().includes(word));
  const found = thingsOf(library).filter(
    (thing) =>
      (query.kind === undefined || thing.kind === query.kind) &&
      (query.level === undefined || thing.level === query.level) &&
      has(`${thing.title} ${thing.level} ${contentOf(thing)}`),
  );
  return words.length === 0
    ? found
    : [...found.filter(({ title }) => has(title)), ...found.filter(({ title }) => !has(title))];
}
