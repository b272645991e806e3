/** What marking says: a verdict an item, and totals that derive from the verdicts. */

export interface Verdict {
  /** The id of the item. */
  readonly item: string;
  /** What was asked, what was given, what was expected, each as text. */
  readonly asked: string;
  readonly given: string;
  readonly expected: string;
  readonly right: boolean;
  /** Marks earned, out of `outOf`; below zero where something wrong costs a mark. */
  readonly score: number;
  readonly outOf: number;
  /** Why, in the learner's words. */
  readonly reason: string;
  /** The error that the given answer shows, by its name, where it was foreseen. */
  readonly error?: string;
}

/** All verdicts with what derives from them. */
export interface Mark {
  readonly verdicts: readonly Verdict[];
  /** Never below zero. */
  readonly score: number;
  readonly outOf: number;
  /** The reason of each item that is not right. */
  readonly feedback: readonly string[];
}

export function markOf(verdicts: readonly Verdict[]): Mark {
  const sum = (field: 'score' | 'outOf') =>
    verdicts.reduce((total, verdict) => total + verdict[field], 0);
  return {
    verdicts,
    score: Math.max(0, sum('score')),
    outOf: sum('outOf'),
    feedback: verdicts.filter(({ right }) => !right).map(({ reason }) => reason),
  };
}

type Judged = Omit<Verdict, 'item' | 'score' | 'outOf' | 'reason'> & {
  readonly reason?: string;
};

/** One verdict an item, each worth one mark. */
export function judge<Item extends { readonly id: string; readonly reason: string }>(
  items: readonly Item[],
  read: (item: Item) => Judged,
): Verdict[] {
  return items.map((item) => {
    const judged = read(item);
    return {
      item: item.id,
      reason: item.reason,
      score: judged.right ? 1 : 0,
      outOf: 1,
      ...judged,
    };
  });
}
