/** The match interaction: each thing on the left has its partner on the right. QTI 3 counterpart: matchInteraction. */
import { markOf, type Interaction } from './interaction';

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
  /** The edge over which the paper turns for the backs; the long one where it is not given. */
  readonly edge?: 'long' | 'short';
}

/** Pair id to the id of the right side that was joined to it. */
export type MatchResponse = Readonly<Record<string, string>>;

export const match: Interaction<MatchTask, MatchResponse> = {
  validate: ({ pairs, rights }) => {
    const problems: string[] = [];
    const ids = new Set(rights.map((side) => side.id));
    const shown = rights.map((side) => side.picture ?? side.text.toLowerCase());
    for (const pair of pairs) {
      if (!ids.has(pair.partner)) problems.push(`${pair.word} has no partner.`);
    }
    const doubled = shown.filter((text, index) => shown.indexOf(text) !== index);
    for (const text of new Set(doubled)) {
      problems.push(`“${text}” is there twice, so that more than one line would be right.`);
    }
    return problems;
  },
  mark: ({ pairs }, response) => markOf(pairs, (pair) => response[pair.id] === pair.partner),
  wordsOf: ({ pairs }) => pairs.map((pair) => pair.word),
  keyOf: ({ pairs }) => Object.fromEntries(pairs.map((pair) => [pair.id, pair.partner])),
};
