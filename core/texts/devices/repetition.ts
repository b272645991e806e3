/** What comes again: whole lines, beginnings of lines or sentences (anaphora), phrases, and a word said twice at once. */
import type { Span } from '../../languages/shared/segment';
import { wordTokens, type WordToken } from '../analysis/word-tokens';
import { functionWords, type FoundDevice } from './device';

const keysOf = (tokens: readonly WordToken[]) => tokens.map(({ key }) => key);

/** How many words two beginnings share. */
function sharedStart(left: readonly string[], right: readonly string[]): number {
  let count = 0;
  while (count < left.length && left[count] !== undefined && left[count] === right[count])
    count += 1;
  return count;
}

/** Beginnings of two words or more that come again in one of the next three units, or of one word in three units running. */
export function anaphora(text: string, units: readonly Span[]): FoundDevice[] {
  const tokens = units.map((unit) => wordTokens(text, unit));
  const found: FoundDevice[] = [];
  const taken = new Set<number>();
  tokens.forEach((words, index) => {
    if (taken.has(index) || words.length === 0) return;
    const keys = keysOf(words);
    const group = [index];
    let shared = keys.length;
    for (let next = index + 1; next < tokens.length; next += 1) {
      if (next - (group[group.length - 1] ?? index) > 4) break;
      const count = sharedStart(keys, keysOf(tokens[next] ?? []));
      const enough = count >= 2 || (count === 1 && next === (group[group.length - 1] ?? 0) + 1);
      if (!enough) continue;
      shared = Math.min(shared, count);
      group.push(next);
    }
    const strong = shared >= 2 ? group.length >= 2 : group.length >= 3;
    if (!strong) return;
    group.forEach((each) => taken.add(each));
    const parts = group.map((each) => {
      const begun = (tokens[each] ?? []).slice(0, shared);
      return { start: begun[0]?.start ?? 0, end: begun[begun.length - 1]?.end ?? 0 };
    });
    const said = text.slice(parts[0]?.start, parts[0]?.end);
    found.push({
      kind: 'anaphora',
      start: parts[0]?.start ?? 0,
      end: parts[parts.length - 1]?.end ?? 0,
      parts,
      note: `“${said}” begins ${group.length} ${group.length === 2 ? 'times' : 'of them'}.`,
    });
  });
  return found;
}

/** A phrase of three words or more, two of them full, that comes again; longer ones first, none inside another. */
export function repetition(text: string, units: readonly Span[]): FoundDevice[] {
  const tokens = units.map((unit) => wordTokens(text, unit));
  // Which words of each unit belong to a repetition that was found already.
  const covered = tokens.map((words) => new Uint8Array(words.length));
  const found: FoundDevice[] = [];
  for (let length = 9; length >= 3; length -= 1) {
    const places = new Map<string, { unit: number; at: number }[]>();
    tokens.forEach((words, unit) => {
      for (let at = 0; at + length <= words.length; at += 1) {
        const run = words.slice(at, at + length);
        if (run.filter(({ key }) => !functionWords.has(key)).length < 2) continue;
        const key = keysOf(run).join(' ');
        const known = places.get(key);
        if (known) known.push({ unit, at });
        else places.set(key, [{ unit, at }]);
      }
    });
    for (const all of places.values()) {
      if (all.length < 2) continue;
      const free = all.filter(
        ({ unit, at }) => !covered[unit]?.subarray(at, at + length).every((mark) => mark === 1),
      );
      if (free.length < 2) continue;
      const parts = free.map(({ unit, at }) => {
        covered[unit]?.fill(1, at, at + length);
        const run = tokens[unit] ?? [];
        return { start: run[at]?.start ?? 0, end: run[at + length - 1]?.end ?? 0 };
      });
      const said = text.slice(parts[0]?.start, parts[0]?.end).replace(/\s+/g, ' ');
      found.push({
        kind: 'repetition',
        start: parts[0]?.start ?? 0,
        end: parts[parts.length - 1]?.end ?? 0,
        parts,
        note: `“${said}” comes ${parts.length} times.`,
      });
    }
  }
  return [...found, ...doubled(text)];
}

/** The same word at once again: Alone, alone. */
function doubled(text: string): FoundDevice[] {
  return [...text.matchAll(/\b(\p{L}{2,})(?:[,!;—–-]*\s+|—)\1\b/giu)]
    .filter(([, word = '']) => !/^(?:that|had|is)$/i.test(word))
    .map((match) => ({
      kind: 'repetition',
      start: match.index,
      end: match.index + match[0].length,
      parts: [],
      note: `“${match[1] ?? ''}” is said twice at once.`,
    }));
}
