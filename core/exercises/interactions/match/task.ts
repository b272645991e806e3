/** The match interaction: each thing on the left has its partner on the right. QTI 3 counterpart: matchInteraction. */
export interface MatchSide {
  readonly id: string;
  readonly text: string;
  /** Name of a shipped picture that stands instead of the text. */
  readonly picture?: string;
}

export interface MatchPair {
  readonly id: string;
  readonly word: string;
  readonly left: MatchSide;
  /** The id of its partner among the right sides. */
  readonly partner: string;
  readonly reason: string;
}

export interface MatchTask {
  readonly interaction: 'match';
  readonly pairs: readonly MatchPair[];
  /** The right sides in the order shown. */
  readonly rights: readonly MatchSide[];
  /**
   * Printed as cards to cut out instead of two columns to join: `pairs` to turn over
   * and remember, `backs` with the partner on the back.
   */
  readonly cards?: 'pairs' | 'backs';
}

/** What only paper needs to know. */
export interface MatchPaper {
  /** The edge over which the paper turns for the backs; the long one where it is not given. */
  readonly edge?: 'long' | 'short';
}

/** Pair id to the id of the right side that was joined to it. */
export type MatchResponse = Readonly<Record<string, string>>;
