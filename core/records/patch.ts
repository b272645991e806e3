/**
 * What changed between two versions of a record, as a list of small changes, each
 * with its place and with what was there before: enough to take it back, and to
 * see whether two people changed the same thing.
 */
import { applySpots, invertSpots, textSpots, type TextSpot } from '../kernel/text-changes';

/** A field by its name, or a member of a list by what names it. */
export type Step = string | { readonly member: string };
export type Place = readonly Step[];

interface Member {
  readonly name: string;
  /** The member it stood after; null where it was the first. */
  readonly after: string | null;
  readonly value: unknown;
}

export type Change =
  /** `undefined` where the field is not there. */
  | {
      readonly at: Place;
      readonly kind: 'value';
      readonly before?: unknown;
      readonly after?: unknown;
    }
  | { readonly at: Place; readonly kind: 'text'; readonly spots: readonly TextSpot[] }
  | {
      readonly at: Place;
      readonly kind: 'members';
      readonly removed: readonly Member[];
      readonly added: readonly Member[];
      /** All names in their order, where those that stayed were put in another. */
      readonly order?: { readonly before: readonly string[]; readonly after: readonly string[] };
    };

export type Patch = readonly Change[];

type Fields = Readonly<Record<string, unknown>>;

export const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Texts shorter than this are kept whole: a spot is no smaller. */
const SHORT = 200;

/** What names a member of a list; undefined where it has no name. */
function nameOf(value: unknown): string | undefined {
  if (typeof value === 'string') return `=${value}`;
  if (!isFields(value)) return undefined;
  for (const field of ['id', 'word', 'structure']) {
    if (typeof value[field] === 'string') return value[field];
  }
  return undefined;
}

/** The names of all members; undefined where one has none, or two have the same. */
export function namesOf(list: readonly unknown[]): string[] | undefined {
  const names = list.map(nameOf);
  if (names.some((name) => name === undefined) || new Set(names).size < names.length) {
    return undefined;
  }
  return names as string[];
}

export function same(left: unknown, right: unknown): boolean {
  if (left === right) return true;
  if (Array.isArray(left) && Array.isArray(right)) {
    return left.length === right.length && left.every((each, index) => same(each, right[index]));
  }
  if (!isFields(left) || !isFields(right)) return false;
  const names = new Set([...Object.keys(left), ...Object.keys(right)]);
  return [...names].every((name) => same(left[name], right[name]));
}

/** What changed, place by place; empty where nothing did. */
export function diff(before: unknown, after: unknown, at: Place = []): Patch {
  if (same(before, after)) return [];
  if (isFields(before) && isFields(after)) {
    const names = new Set([...Object.keys(before), ...Object.keys(after)]);
    return [...names].flatMap((name) => diff(before[name], after[name], [...at, name]));
  }
  if (Array.isArray(before) && Array.isArray(after)) {
    const names = { before: namesOf(before), after: namesOf(after) };
    if (names.before && names.after) {
      return diffMembers(before, after, names.before, names.after, at);
    }
  }
  if (typeof before === 'string' && typeof after === 'string' && before.length > SHORT) {
    return [{ at, kind: 'text', spots: textSpots(before, after) }];
  }
  return [
    {
      at,
      kind: 'value',
      ...(before === undefined ? {} : { before }),
      ...(after === undefined ? {} : { after }),
    },
  ];
}

function diffMembers(
  before: readonly unknown[],
  after: readonly unknown[],
  old: readonly string[],
  young: readonly string[],
  at: Place,
): Patch {
  const members = (list: readonly unknown[], names: readonly string[], others: readonly string[]) =>
    names.flatMap((name, index): Member[] =>
      others.includes(name) ? [] : [{ name, after: names[index - 1] ?? null, value: list[index] }],
    );
  const removed = members(before, old, young);
  const added = members(after, young, old);
  const stayed = old.filter((name) => young.includes(name));
  const moved = !same(
    stayed,
    young.filter((name) => old.includes(name)),
  );
  const inside = stayed.flatMap((name) =>
    diff(before[old.indexOf(name)], after[young.indexOf(name)], [...at, { member: name }]),
  );
  if (removed.length === 0 && added.length === 0 && !moved) return inside;
  const order = moved ? { order: { before: old, after: young } } : {};
  return [{ at, kind: 'members', removed, added, ...order }, ...inside];
}

/** The patch that takes it back. */
export function invert(patch: Patch): Patch {
  return [...patch].reverse().map((change): Change => {
    switch (change.kind) {
      case 'value': {
        const { before, after, ...rest } = change;
        return {
          ...rest,
          ...(after === undefined ? {} : { before: after }),
          ...(before === undefined ? {} : { after: before }),
        };
      }
      case 'text':
        return { ...change, spots: invertSpots(change.spots) };
      case 'members':
        return {
          ...change,
          removed: change.added,
          added: change.removed,
          ...(change.order
            ? { order: { before: change.order.after, after: change.order.before } }
            : {}),
        };
    }
  });
}

/** Something at a place is not as the patch found it. */
export class PatchConflict extends Error {
  override readonly name = 'PatchConflict';

  constructor(readonly at: Place) {
    super(`This was changed again since: ${placeName(at)}.`);
  }
}

/** A place in words: stages › alone › minutes. */
export const placeName = (at: Place) =>
  at.map((step) => (typeof step === 'string' ? step : step.member.replace(/^=/, ''))).join(' › ');

/**
 * The record with a patch in. Fields, texts and members that the patch does not
 * touch may have changed meanwhile.
 *
 * @throws PatchConflict where what it touches has
 */
export function applyPatch<Kept>(record: Kept, patch: Patch): Kept {
  return patch.reduce<unknown>(
    (result, change) => changed(result, change, change.at),
    record,
  ) as Kept;
}

function changed(value: unknown, change: Change, rest: Place): unknown {
  const [step, ...further] = rest;
  if (step === undefined) return changedHere(value, change);
  if (typeof step === 'string') {
    if (!isFields(value)) throw new PatchConflict(change.at);
    const next = changed(value[step], change, further);
    const { [step]: _, ...others } = value;
    return next === undefined ? others : { ...value, [step]: next };
  }
  const names = Array.isArray(value) ? namesOf(value) : undefined;
  const index = names?.indexOf(step.member) ?? -1;
  if (!Array.isArray(value) || index < 0) throw new PatchConflict(change.at);
  return value.map((each: unknown, place) =>
    place === index ? changed(each, change, further) : each,
  );
}

function changedHere(value: unknown, change: Change): unknown {
  switch (change.kind) {
    case 'value':
      if (!same(value, change.before)) throw new PatchConflict(change.at);
      return change.after;
    case 'text': {
      if (typeof value !== 'string') throw new PatchConflict(change.at);
      const found = placed(value, change.spots);
      if (found === undefined) throw new PatchConflict(change.at);
      return applySpots(value, found);
    }
    case 'members': {
      if (!Array.isArray(value)) throw new PatchConflict(change.at);
      return withMembers(value, change);
    }
  }
}

/** Letters on either side by which a spot is known again in a text that was changed elsewhere. */
const AROUND = 24;

/** The spots where they stand now; each is looked for near its place where the text was changed before it. */
function placed(text: string, spots: readonly TextSpot[]): TextSpot[] | undefined {
  const fits = spots.every(({ start, removed }) => text.startsWith(removed, start));
  if (fits) return [...spots];
  const moved: TextSpot[] = [];
  let from = 0;
  for (const spot of spots) {
    if (spot.removed.trim() === '') return undefined;
    const near = Math.max(from, spot.start - AROUND * 40);
    const at = text.indexOf(spot.removed, near);
    // Two places that look alike: it cannot be known which.
    if (at < 0 || text.indexOf(spot.removed, at + 1) >= 0) return undefined;
    moved.push({ ...spot, start: at });
    from = at + spot.removed.length;
  }
  return moved;
}

function withMembers(
  list: readonly unknown[],
  { at, removed, added, order }: Extract<Change, { kind: 'members' }>,
): unknown[] {
  const names = namesOf(list);
  if (names === undefined) throw new PatchConflict(at);
  const gone = new Set<string>();
  for (const { name, value } of removed) {
    const index = names.indexOf(name);
    // What is to be taken away was changed meanwhile: it is not lost in silence.
    if (index >= 0 && !same(list[index], value)) throw new PatchConflict(at);
    gone.add(name);
  }
  const kept = list.flatMap((value, index) =>
    gone.has(names[index] ?? '') ? [] : [{ name: names[index] ?? '', value }],
  );
  for (const { name, after, value } of added) {
    if (kept.some((each) => each.name === name)) continue;
    const index = after === null ? 0 : kept.findIndex((each) => each.name === after) + 1;
    kept.splice(after !== null && index === 0 ? kept.length : index, 0, { name, value });
  }
  if (order) {
    const rank = (name: string) => {
      const index = order.after.indexOf(name);
      return index < 0 ? order.after.length : index;
    };
    kept.sort((left, right) => rank(left.name) - rank(right.name));
  }
  return kept.map(({ value }) => value);
}
