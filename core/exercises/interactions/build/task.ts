/** The build interaction: loose pieces are put where they belong on a board. QTI 3 counterpart: positionObjectInteraction. */
export interface BuildPlace {
  readonly id: string;
  readonly label: string;
}

export interface BuildPiece {
  readonly id: string;
  readonly text: string;
  /** The word it makes or is about, where it is one of the material's. */
  readonly word?: string;
  /** The id of the place it belongs to. */
  readonly place: string;
  readonly reason: string;
}

export interface BuildTask {
  readonly interaction: 'build';
  /** A word with branches around it, or a disc of beginnings that turns behind an ending. */
  readonly board: 'map' | 'wheel';
  /** What stands in the middle: the word of a map, the rime of a wheel. */
  readonly centre: string;
  /** Name of a shipped picture that shows the centre. */
  readonly picture?: string;
  readonly places: readonly BuildPlace[];
  readonly pieces: readonly BuildPiece[];
}

/** Piece id to the id of the place where it was put. */
export type BuildResponse = Readonly<Record<string, string>>;
