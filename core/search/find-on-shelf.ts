/** Everything that was made, found by its names and by what is in it. */
export const shelfKinds = {
  lessons: 'lesson',
  plans: 'plan',
  exercises: 'exercise',
  cards: 'set of cards',
  sheets: 'sheet',
  'take-homes': 'take-home',
  lists: 'word list',
  texts: 'text',
  pictures: 'picture',
} as const;
export type ShelfKind = keyof typeof shelfKinds;

/** Kinds that stand by themselves; each of the others is in one of them. */
const wholeKinds: readonly ShelfKind[] = ['lessons', 'lists', 'texts'];
export const isWhole = ({ kind }: { readonly kind: ShelfKind }) => wholeKinds.includes(kind);

/** A thing on the shelf, with the words in it. */
export interface ShelfThing {
  readonly kind: ShelfKind;
  readonly id: string;
  /** The record that it is, or that it is in. */
  readonly record: { readonly table: 'lessons' | 'lists' | 'texts'; readonly id: string };
  /** The name of what it is in; absent where it stands by itself. */
  readonly of?: string;
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
  /** What it practises: sounds, patterns, endings, structures, topics. */
  readonly targets?: readonly string[];
  /** Everything that stands in it. */
  readonly content: string;
}

export interface ShelfQuery {
  readonly words?: string;
  /** Absent: lessons, lists and texts, and whatever else is starred where only that is asked for. */
  readonly kind?: ShelfKind | undefined;
  readonly classId?: string | undefined;
  readonly tag?: string | undefined;
  readonly starred?: boolean;
  readonly standard?: string | undefined;
  readonly level?: string | undefined;
  readonly language?: string | undefined;
  readonly licence?: string | undefined;
  readonly target?: string | undefined;
  /** ISO 8601 days between which it is planned, both with it. */
  readonly from?: string | undefined;
  readonly until?: string | undefined;
  /** Those put away in place of those that are not. */
  readonly away?: boolean;
}

/** Days for which what was put away can be had back. */
export const DAYS_KEPT = 30;

const plain = (text: string) =>
  text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/[’‘]/g, "'");

export interface FoundThing<Thing extends ShelfThing = ShelfThing> {
  readonly thing: Thing;
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

/** A thing's name and what is in it as they are searched; made once for each. */
const searched = new WeakMap<ShelfThing, { readonly name: string; readonly inside: string }>();

function searchedOf(thing: ShelfThing) {
  const known = searched.get(thing);
  if (known) return known;
  const made = {
    name: plain(`${thing.title} ${thing.tags.join(' ')}`),
    inside: plain(thing.content),
  };
  searched.set(thing, made);
  return made;
}

const ofKind = (thing: ShelfThing, { kind, starred }: ShelfQuery) =>
  kind === undefined ? isWhole(thing) || starred === true : thing.kind === kind;

/** How many things of each kind there are that have what is asked for, whatever kind is asked for. */
export function countOnShelf(
  things: readonly ShelfThing[],
  query: ShelfQuery,
): Partial<Record<ShelfKind, number>> {
  const counts: Partial<Record<ShelfKind, number>> = {};
  for (const { kind } of things.filter((thing) => hasAll(thing, query, wordsOf(query)))) {
    counts[kind] = (counts[kind] ?? 0) + 1;
  }
  return counts;
}

const wordsOf = ({ words }: ShelfQuery) =>
  plain(words ?? '')
    .split(/\s+/)
    .filter((word) => word !== '');

/** True where a thing has everything that is asked for but the kind. */
function hasAll(thing: ShelfThing, query: ShelfQuery, words: readonly string[]): boolean {
  const { classId, tags, starred, standards, putAway, level, language, licence } = thing;
  const { date, targets = [] } = thing;
  const { from, until } = query;
  return (
    (query.level === undefined || level === query.level) &&
    (query.language === undefined || language === query.language) &&
    (query.licence === undefined || licence === query.licence) &&
    (query.classId === undefined || classId === query.classId) &&
    (query.tag === undefined || tags.includes(query.tag)) &&
    (query.standard === undefined || standards.includes(query.standard)) &&
    (query.target === undefined || targets.includes(query.target)) &&
    (from === undefined || date >= from) &&
    (until === undefined || (date !== '' && date <= until)) &&
    (query.starred !== true || starred) &&
    (putAway !== undefined) === (query.away === true) &&
    words.every((word) => {
      const { name, inside } = searchedOf(thing);
      return name.includes(word) || inside.includes(word);
    })
  );
}

/**
 * The things that have every sought word in their name or in what is in them: names first, then
 * what is starred, then by name. Accents and capitals do not matter.
 */
export function findOnShelf<Thing extends ShelfThing>(
  things: readonly Thing[],
  query: ShelfQuery,
): FoundThing<Thing>[] {
  const words = wordsOf(query);
  return things
    .filter((thing) => ofKind(thing, query) && hasAll(thing, query, words))
    .map((thing) => {
      const { name } = searchedOf(thing);
      const missing = words.filter((word) => !name.includes(word));
      return {
        thing,
        named: missing.length === 0,
        near: missing.length === 0 ? '' : nearIn(thing.content, missing),
      };
    })
    .sort(
      (one, other) =>
        Number(other.named) - Number(one.named) ||
        Number(other.thing.starred) - Number(one.thing.starred) ||
        byName.compare(one.thing.title, other.thing.title),
    )
    .map(({ thing, near }) => ({ thing, near }));
}

const byName = new Intl.Collator('en');
