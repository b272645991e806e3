/** What differs between two versions of a text, spot by spot, and three versions brought together. */
import { diffArrays } from 'diff';

/** A stretch of the text before, from `start`, with what stood there and what stands there now. */
export interface TextSpot {
  readonly start: number;
  readonly removed: string;
  readonly added: string;
}

/** Words with their space, single marks, single line breaks: what a writer changes at once. */
const pieces = /\n|[^\S\n]+|[\p{L}\p{M}\p{N}’']+|./gsu;

/** More pieces than this between the first and the last difference are not looked into. */
const MOST_PIECES = 30_000;
/** So many changed pieces at most: beyond, the middle was written anew. */
const MOST_CHANGED = 2_000;

/** The real differences, in order; none where the texts are the same. */
export function textSpots(before: string, after: string): TextSpot[] {
  if (before === after) return [];
  let head = 0;
  while (head < before.length && head < after.length && before[head] === after[head]) head += 1;
  let tail = 0;
  while (
    tail < before.length - head &&
    tail < after.length - head &&
    before[before.length - 1 - tail] === after[after.length - 1 - tail]
  ) {
    tail += 1;
  }
  const removed = before.slice(head, before.length - tail);
  const added = after.slice(head, after.length - tail);
  if (removed === '' || added === '') return [{ start: head, removed, added }];
  // Whole words: letters in common at an edge belong to the word that was changed.
  const letters = /[\p{L}\p{M}\p{N}’']/u;
  while (head > 0 && letters.test(before[head - 1] ?? '')) head -= 1;
  while (tail > 0 && letters.test(before[before.length - tail] ?? '')) tail -= 1;
  return spotsBetween(
    head,
    before.slice(head, before.length - tail),
    after.slice(head, after.length - tail),
  ).map(trimmed);
}

/** Letters that a changed word keeps at its ends were not changed. */
function trimmed({ start, removed, added }: TextSpot): TextSpot {
  const most = Math.min(removed.length, added.length);
  let head = 0;
  while (head < most && removed[head] === added[head]) head += 1;
  let tail = 0;
  while (
    tail < most - head &&
    removed[removed.length - 1 - tail] === added[added.length - 1 - tail]
  ) {
    tail += 1;
  }
  return {
    start: start + head,
    removed: removed.slice(head, removed.length - tail),
    added: added.slice(head, added.length - tail),
  };
}

function spotsBetween(head: number, removed: string, added: string): TextSpot[] {
  const whole = [{ start: head, removed, added }];
  const old = removed.match(pieces) ?? [];
  const young = added.match(pieces) ?? [];
  if (old.length + young.length > MOST_PIECES) return whole;
  const parts = diffArrays(old, young, { maxEditLength: MOST_CHANGED });
  if (parts === undefined) return whole;
  const spots: { start: number; removed: string; added: string }[] = [];
  let at = head;
  let open: (typeof spots)[number] | undefined;
  for (const part of parts) {
    const text = part.value.join('');
    if (!part.added && !part.removed) {
      at += text.length;
      open = undefined;
      continue;
    }
    if (open === undefined) spots.push((open = { start: at, removed: '', added: '' }));
    if (part.removed) {
      open.removed += text;
      at += text.length;
    } else {
      open.added += text;
    }
  }
  return spots;
}

/** The text after spots that were found in the text before. */
export function applySpots(before: string, spots: readonly TextSpot[]): string {
  let at = 0;
  let text = '';
  for (const { start, removed, added } of spots) {
    text += before.slice(at, start) + added;
    at = start + removed.length;
  }
  return text + before.slice(at);
}

/** What takes the text after back to the text before. */
export function invertSpots(spots: readonly TextSpot[]): TextSpot[] {
  let shift = 0;
  return spots.map(({ start, removed, added }) => {
    const inverse = { start: start + shift, removed: added, added: removed };
    shift += added.length - removed.length;
    return inverse;
  });
}

const touch = (left: TextSpot, right: TextSpot) =>
  left.start <= right.start + right.removed.length &&
  right.start <= left.start + left.removed.length;

/** Both sets of changes to one text in one; undefined where they touch each other. */
export function mergeTexts(base: string, mine: string, theirs: string): string | undefined {
  if (mine === theirs || base === theirs) return mine;
  if (base === mine) return theirs;
  const own = textSpots(base, mine);
  const other = textSpots(base, theirs);
  const same = (left: TextSpot, right: TextSpot) =>
    left.start === right.start && left.removed === right.removed && left.added === right.added;
  const fresh = own.filter((spot) => !other.some((each) => same(spot, each)));
  if (fresh.some((spot) => other.some((each) => touch(spot, each)))) return undefined;
  return applySpots(
    base,
    [...fresh, ...other].sort((left, right) => left.start - right.start),
  );
}
