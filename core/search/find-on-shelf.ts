/** Everything that was made, found by its names and by what is in it. */
export const shelfKinds = { lessons: 'lesson', lists: 'word list', texts: 'text' } as const;
export type ShelfKind = keyof typeof shelfKinds;

/** A thing on the shelf, with the words in it. */
export interface ShelfThing {
  readonly kind: ShelfKind;
  readonly id: string;
  readonly title: string;
  readonly classId: string;
  readonly language?: string | undefined;
  /** ISO 8601 day it is for; empty where it has none. */
  readonly date: string;
  readonly starred: boolean;
  readonly tags: readonly string[];
  readonly standards: readonly string[];
  readonly putAway?: string | undefined;
  /** The name of the level of its class. */
  readonly level?: string | undefined;
  readonly author?: string | undefined;
  readonly licence?: string | undefined;
  readonly source?: string | undefined;
  /** Titles of the lessons that use it. */
  readonly usedIn?: readonly string[];
  /** Everything that stands in it. */
  readonly content: string;
}

export interface ShelfQuery {
  readonly words?: string;
  readonly kind?: ShelfKind | undefined;
  readonly classId?: string | undefined;
  readonly tag?: string | undefined;
  readonly starred?: boolean;
  readonly standard?: string | undefined;
  readonly level?: string | undefined;
  readonly language?: string | undefined;
  readonly licence?: string | undefined;
  /** Those put away in place of those that are not. */
  readonly away?: boolean;
}

/** Days for which what was put away can be had back. */
export const DAYS_KEPT = 30;

const plain = (text: string) =>
  text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/[’‘]/g, "'");

export interface FoundThing {
  readonly thing: ShelfThing;
  /** Where in it the sought words stand, with what is around; empty where they are in the name. */
  readonly near: string;
}

/** Letters shown before and after what was found. */
const AROUND = 40;

function nearIn(content: string, words: readonly string[]): string {
  const text = plain(content);
  const at = text.indexOf(words[0] ?? '');
  // Marks that were taken away move what follows: then the place is near enough.
  if (at < 0 || words.length === 0) return '';
  const from = Math.max(0, at - AROUND);
  const to = Math.min(content.length, at + (words[0]?.length ?? 0) + AROUND);
  return `${from > 0 ? '…' : ''}${content.slice(from, to).replace(/\s+/g, ' ').trim()}${to < content.length ? '…' : ''}`;
}

/**
 * The things that have every sought word in their name or in what is in them: names first, then
 * what is starred, then by name. Accents and capitals do not matter.
 */
export function findOnShelf(things: readonly ShelfThing[], query: ShelfQuery): FoundThing[] {
  const words = plain(query.words ?? '')
    .split(/\s+/)
    .filter((word) => word !== '');
  return things
    .filter(
      ({ kind, classId, tags, starred, standards, putAway, level, language, licence }) =>
        (query.level === undefined || level === query.level) &&
        (query.language === undefined || language === query.language) &&
        (query.licence === undefined || licence === query.licence) &&
        (query.kind === undefined || kind === query.kind) &&
        (query.classId === undefined || classId === query.classId) &&
        (query.tag === undefined || tags.includes(query.tag)) &&
        (query.standard === undefined || standards.includes(query.standard)) &&
        (query.starred !== true || starred) &&
        (putAway !== undefined) === (query.away === true),
    )
    .flatMap((thing) => {
      const name = plain(`${thing.title} ${thing.tags.join(' ')}`);
      const inside = plain(thing.content);
      if (!words.every((word) => name.includes(word) || inside.includes(word))) return [];
      const named = words.every((word) => name.includes(word));
      const missing = words.filter((word) => !name.includes(word));
      return [{ thing, named, near: named ? '' : nearIn(thing.content, missing) }];
    })
    .sort(
      (one, other) =>
        Number(other.named) - Number(one.named) ||
        Number(other.thing.starred) - Number(one.thing.starred) ||
        one.thing.title.localeCompare(other.thing.title),
    )
    .map(({ thing, near }) => ({ thing, near }));
}
