/** An item of a part as it stands on the board. */
export interface BoardItem {
  readonly id: string;
  readonly question: string;
  readonly answer: string;
  readonly reason: string;
  /** Answers that the exercise names as wrong. */
  readonly wrong?: readonly string[];
}
