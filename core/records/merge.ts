/**
 * An edit made on an older version of a record, brought together with what
 * others changed since: fields that only one side changed are taken, texts are
 * joined where the changes do not touch, and where both changed one thing it is
 * for the teacher to choose.
 */
import { mergeTexts, applySpots } from '../kernel/text-changes';
import { diff, namesOf, same, type Change, type Patch, type Place } from './patch';

/** One thing that both changed. */
export interface Conflict {
  readonly at: Place;
  readonly mine: unknown;
  readonly theirs: unknown;
  /** Both, where both can stand. */
  readonly both?: string;
}

export interface Merged<Kept> {
  readonly record: Kept;
  readonly conflicts: readonly Conflict[];
}

const key = (at: Place) => JSON.stringify(at);

function valueAt(record: unknown, at: Place): unknown {
  return at.reduce<unknown>((value, step) => {
    if (typeof step === 'string') return (value as Record<string, unknown> | undefined)?.[step];
    if (!Array.isArray(value)) return undefined;
    return value.find(
      (each: unknown) =>
        `=${String(each)}` === step.member ||
        ['id', 'word', 'structure'].some(
          (field) => (each as Record<string, unknown>)?.[field] === step.member,
        ),
    ) as unknown;
  }, record);
}

function withValue(record: unknown, at: Place, value: unknown): unknown {
  const [step, ...rest] = at;
  if (step === undefined) return value;
  if (typeof step === 'string') {
    const fields = record as Record<string, unknown>;
    const { [step]: present, ...others } = fields;
    const next = withValue(present, rest, value);
    return next === undefined ? others : { ...fields, [step]: next };
  }
  const found = valueAt(record, [step]);
  return (record as unknown[]).map((each) =>
    each === found ? withValue(each, rest, value) : each,
  );
}

/** What stood at a place before the others changed it. */
function baseOf(theirs: readonly Change[], now: unknown): unknown {
  return [...theirs].reverse().reduce<unknown>((value, change) => {
    if (change.kind === 'value') return change.before;
    if (change.kind === 'text' && typeof value === 'string') {
      // From the text after back to the text before.
      const back: { start: number; removed: string; added: string }[] = [];
      let shift = 0;
      for (const { start, removed, added } of change.spots) {
        back.push({ start: start + shift, removed: added, added: removed });
        shift += added.length - removed.length;
      }
      return applySpots(value, back);
    }
    return value;
  }, now);
}

const listOf = (value: unknown) => (Array.isArray(value) ? (value as unknown[]) : []);

/** The members that others put into a list, and those that they took out of it, by name. */
function membersSince(at: Place, since: Patch): { readonly in: Set<string>; out: Set<string> } {
  const [put, taken] = [new Set<string>(), new Set<string>()];
  for (const change of since) {
    if (key(change.at) !== key(at) || change.kind === 'text') continue;
    const [removed, added] =
      change.kind === 'members'
        ? [change.removed.map(({ name }) => name), change.added.map(({ name }) => name)]
        : [namesOf(listOf(change.before)) ?? [], namesOf(listOf(change.after)) ?? []];
    for (const name of removed) {
      put.delete(name);
      taken.add(name);
    }
    for (const name of added) {
      taken.delete(name);
      put.add(name);
    }
  }
  return { in: put, out: taken };
}

/**
 * A list as an edit leaves it, made on an older version of it: what others put
 * into it meanwhile was not seen, so it was not taken out; what they took out
 * was not put back.
 */
function withTheirMembers(
  mine: readonly unknown[],
  now: readonly unknown[],
  theirs: Patch,
  at: Place,
) {
  const since = membersSince(at, theirs);
  const [names, nowNames] = [namesOf(mine) ?? [], namesOf(now) ?? []];
  const list = mine.filter((_, index) => {
    const name = names[index] ?? '';
    return nowNames.includes(name) || !since.out.has(name);
  });
  nowNames.forEach((name, index) => {
    if (names.includes(name) || !since.in.has(name)) return;
    // Behind the one it stands behind; at the end where that one is gone.
    const before = nowNames[index - 1];
    const place = (namesOf(list) ?? []).indexOf(before ?? '');
    list.splice(before === undefined ? 0 : place < 0 ? list.length : place + 1, 0, now[index]);
  });
  return list;
}

/**
 * @param present what is stored now
 * @param edited what the edit makes of it
 * @param since the patches made since the version that was edited, oldest first
 * @param unseen those of them that the edit cannot know of: of other tabs. A list that this tab sends
 *   is made of what it set itself just before
 */
export function mergeEdit<Kept>(
  present: Kept,
  edited: Kept,
  since: readonly Patch[],
  unseen: readonly Patch[] = since,
): Merged<Kept> {
  const others = new Map<string, Change[]>();
  for (const change of since.flat()) {
    if (change.kind === 'members') continue;
    others.set(key(change.at), [...(others.get(key(change.at)) ?? []), change]);
  }
  const conflicts: Conflict[] = [];
  let record: unknown = edited;
  for (const { at, kind } of diff(present, edited)) {
    if (kind === 'members') {
      const [mine, now] = [listOf(valueAt(record, at)), listOf(valueAt(present, at))];
      record = withValue(record, at, withTheirMembers(mine, now, unseen.flat(), at));
      continue;
    }
    const theirs = others.get(key(at));
    if (theirs === undefined) continue;
    const mine = valueAt(edited, at);
    const now = valueAt(present, at);
    const base = baseOf(theirs, now);
    if (same(mine, now)) continue;
    // Only drawn anew from the older version: what the others wrote stays.
    if (same(mine, base)) {
      record = withValue(record, at, now);
      continue;
    }
    const texts = [base, mine, now].every((each) => typeof each === 'string');
    const joined = texts ? mergeTexts(base as string, mine as string, now as string) : undefined;
    if (joined !== undefined) record = withValue(record, at, joined);
    else {
      conflicts.push({
        at,
        mine,
        theirs: now,
        ...(texts ? { both: bothOf(mine as string, now as string) } : {}),
      });
    }
  }
  return { record: record as Kept, conflicts };
}

/** Theirs and then mine, on lines of their own where either is long. */
const bothOf = (mine: string, theirs: string) =>
  `${theirs}${mine.length + theirs.length > 60 || mine.includes('\n') ? '\n' : ' / '}${mine}`;
