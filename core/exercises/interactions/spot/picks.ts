/** Picks of a learner who does not know the items: each goes to the item whose place it is. */
import type { SpotResponse, SpotTask } from './task';

/** The ids under which a screen keeps what was picked for no item that it knows. */
export const PICKED = 'picked';

const isPick = (id: string) => id.startsWith(PICKED);

const sameLine = (one: readonly number[], other: readonly number[]) =>
  one.length === other.length && one.every((offset, index) => offset === other[index]);

/** The runs of offsets that follow each other. */
function runsOf(offsets: readonly number[]): number[][] {
  const runs: number[][] = [];
  for (const offset of [...offsets].sort((one, other) => one - other)) {
    const last = runs.at(-1);
    if (last?.at(-1) === offset - 1) last.push(offset);
    else runs.push([offset]);
  }
  return runs;
}

/**
 * The response by item. In running text white space does not count, so that the words of a stretch
 * may be picked one by one; in a grid a line may be picked from either end.
 */
export function byItem(task: SpotTask, response: SpotResponse): SpotResponse {
  const picks = Object.entries(response).filter(([id]) => isPick(id));
  if (picks.length === 0) return response;
  const known = Object.entries(response).filter(([id]) => !isPick(id));
  if (task.layout === 'grid') {
    const left = [...picks];
    const found = task.items.flatMap((item) => {
      const at = left.findIndex(
        ([, line]) => sameLine(line, item.place) || sameLine([...line].reverse(), item.place),
      );
      if (at < 0) return [];
      left.splice(at, 1);
      return [[item.id, item.place] as const];
    });
    return Object.fromEntries([...known, ...found, ...left]);
  }
  const solid = (offset: number) => !/\s/.test(task.text[offset] ?? ' ');
  const picked = new Set(picks.flatMap(([, offsets]) => offsets).filter(solid));
  const found = task.items.flatMap((item) => {
    const own = item.place.filter(solid);
    if (own.length === 0 || !own.every((offset) => picked.has(offset))) return [];
    return [[item.id, item.place] as const];
  });
  const used = new Set(found.flatMap(([, place]) => place));
  const rest = runsOf([...picked].filter((offset) => !used.has(offset)));
  return Object.fromEntries([
    ...known,
    ...found,
    ...rest.map((run, index) => [`${PICKED}-${index + 1}`, run] as const),
  ]);
}
