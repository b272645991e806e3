/** What a learner has done is kept on the device, where the device allows it. */
import type { PieceBoard } from '~core/pieces/piece-board';
import type { Progress } from '~/faces/Play';

export interface Kept {
  readonly learner: string;
  readonly progress: Readonly<Record<string, Progress>>;
  /** Boards of loose pieces as they lie, by their ids. */
  readonly boards?: Readonly<Record<string, PieceBoard>>;
}

const nothing: Kept = { learner: '', progress: {} };

export interface Store {
  /** False where the device keeps nothing: then it is lost when the page is closed. */
  readonly keeps: boolean;
  readonly read: () => Kept;
  readonly write: (kept: Kept) => void;
}

const withoutSound = (kept: Kept): Kept => ({
  ...kept,
  progress: Object.fromEntries(
    Object.entries(kept.progress).map(([id, { recordings: _, ...rest }]) => [id, rest]),
  ),
});

/** The store of one file; another file has another. */
export function storeOf(key: string): Store {
  try {
    const { localStorage } = window;
    localStorage.setItem(`${key} asked`, '1');
    localStorage.removeItem(`${key} asked`);
    return {
      keeps: true,
      read: () => {
        try {
          const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as Kept | null;
          return kept && typeof kept.progress === 'object' ? kept : nothing;
        } catch {
          return nothing;
        }
      },
      write: (kept) => {
        try {
          localStorage.setItem(key, JSON.stringify(kept));
        } catch {
          // No room: what was said stays on the page, what was answered is kept all the same.
          try {
            localStorage.setItem(key, JSON.stringify(withoutSound(kept)));
          } catch {
            // Then all stays on the page.
          }
        }
      },
    };
  } catch {
    return { keeps: false, read: () => nothing, write: () => undefined };
  }
}
