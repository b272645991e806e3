/** What the ruler points at: computed from the words that are open, never kept. */
import type { WordReach } from '~core/reach/check-word';
import type { Level } from '~core/kernel/level';

export interface ReachState {
  /** What is open: “this list”. */
  readonly label: string;
  /** The level that three in four of its words do not pass; undefined where none is known. */
  readonly level: Level | undefined;
  readonly secure: number;
  readonly total: number;
}

/** The reach of what is open, from the reach of its words. */
export function reachState(label: string, words: readonly WordReach[]): ReachState {
  // A word that the class knows is no hurdle, however rare it is elsewhere.
  const levels = words
    .filter((word) => word.reasons.every((reason) => reason.kind !== 'known'))
    .map((word) => word.level)
    .filter((level) => level !== undefined)
    .sort((left, right) => left - right);
  const at = Math.max(0, Math.ceil(levels.length * 0.75) - 1);
  return {
    label,
    level: levels[at],
    secure: words.filter((word) => word.reach === 'secure').length,
    total: words.length,
  };
}
