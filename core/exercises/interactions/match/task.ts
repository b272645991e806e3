/** The match interaction: each thing on the left has its partner on the right. QTI 3 counterpart: matchInteraction. */
export interface MatchSide {
  readonly id: string;
  readonly text: string;
  /** Name of a shipped picture that stands instead of the text. */
  readonly picture?: string;
  /** Its tag (BCP 47) where it is not in the language of the exercise. */
  readonly language?: string;
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
   * and remember, `backs` with the partner on the back, `dominoes` as tiles that make a ring.
   */
  readonly cards?: 'pairs' | 'backs' | 'dominoes';
}

/** ISO 216, in millimetres, upright. */
export const cardSizes = {
  a6: { width: 105, height: 148 },
  a7: { width: 74, height: 105 },
  a8: { width: 52, height: 74 },
} as const;

export type CardSize = keyof typeof cardSizes;

/** What only paper needs to know. */
export interface MatchPaper {
  /** The edge over which the paper turns for the backs; the long one where it is not given. */
  readonly edge?: 'long' | 'short';
  /** Cards of a standard size, as many as the page holds; as fits the page where it is not given. */
  readonly card?: CardSize;
}

/** Pair id to the id of the right side that was joined to it. */
export type MatchResponse = Readonly<Record<string, string>>;
