/** Exercises that a teacher has starred, and those she took last: kept in this browser, beside her work. */
const STARS = 'wordane-starred-exercises';
const RECENT = 'wordane-recent-exercises';
const MOST_RECENT = 8;

function read(key: string): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '[]');
    return Array.isArray(kept) ? kept.filter((each) => typeof each === 'string') : [];
  } catch {
    // A browser that keeps nothing shows none.
    return [];
  }
}

function write(key: string, ids: readonly string[]): void {
  try {
    localStorage.setItem(key, JSON.stringify(ids));
  } catch {
    // It is a convenience: the exercise itself is added all the same.
  }
}

export const starred = (): string[] => read(STARS);
export const recent = (): string[] => read(RECENT);

/** Stars an exercise or takes its star away; returns all that are starred. */
export function toggleStar(id: string): string[] {
  const before = starred();
  const after = before.includes(id) ? before.filter((each) => each !== id) : [...before, id];
  write(STARS, after);
  return after;
}

export const tookLast = (id: string): void =>
  write(RECENT, [id, ...recent().filter((each) => each !== id)].slice(0, MOST_RECENT));
