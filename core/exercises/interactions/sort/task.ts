/** The sort interaction: cards go under headings. QTI 3 counterpart: gapMatchInteraction. */
export interface SortHeading {
  readonly id: string;
  readonly label: string;
}

export interface SortCard {
  readonly id: string;
  readonly text: string;
  /** How it stands in the key where the learner completes it: a sentence with its end mark. */
  readonly completed?: string;
  /** The id of the heading it belongs under. */
  readonly home: string;
  /** Why, in the learner's words. */
  readonly reason: string;
}

export interface SortTask {
  readonly interaction: 'sort';
  readonly headings: readonly SortHeading[];
  readonly cards: readonly SortCard[];
}

/** Card id to heading id; a card that is not there was not placed. */
export type SortResponse = Readonly<Record<string, string>>;
