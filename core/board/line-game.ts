/** Squares with a task each, taken by two teams: so many in a line win. */

export type Team = 0 | 1;

export interface LineRules {
  readonly columns: number;
  readonly rows: number;
  /** So many in a line win. */
  readonly needed: number;
  /** A piece falls to the lowest free square of its column. */
  readonly falls: boolean;
}

export const threeInLine: LineRules = { columns: 3, rows: 3, needed: 3, falls: false };
export const fourInLine: LineRules = { columns: 6, rows: 5, needed: 4, falls: true };

export interface LineGame {
  readonly rules: LineRules;
  /** By square, row by row from above: whose it is. */
  readonly squares: readonly (Team | undefined)[];
  readonly turn: Team;
}

export const newLineGame = (rules: LineRules, first: Team = 0): LineGame => ({
  rules,
  squares: Array.from({ length: rules.columns * rules.rows }, () => undefined),
  turn: first,
});

/** The square that is taken when this one is chosen; undefined where it cannot be. */
export function landing({ rules, squares }: LineGame, square: number): number | undefined {
  if (square < 0 || square >= squares.length) return undefined;
  if (!rules.falls) return squares[square] === undefined ? square : undefined;
  for (let row = rules.rows - 1; row >= 0; row -= 1) {
    const at = row * rules.columns + (square % rules.columns);
    if (squares[at] === undefined) return at;
  }
  return undefined;
}

/** The squares of a finished line; undefined while there is none. */
export function lineOf({
  rules: { columns, rows, needed },
  squares,
}: LineGame): readonly number[] | undefined {
  for (let row = 0; row < rows; row += 1) {
    for (let column = 0; column < columns; column += 1) {
      const team = squares[row * columns + column];
      if (team === undefined) continue;
      for (const [down, right] of [
        [0, 1],
        [1, 0],
        [1, 1],
        [1, -1],
      ] as const) {
        const line = Array.from(
          { length: needed },
          (_, step) => [row + down * step, column + right * step] as const,
        );
        const inside = line.every(([r, c]) => r < rows && c >= 0 && c < columns);
        if (inside && line.every(([r, c]) => squares[r * columns + c] === team)) {
          return line.map(([r, c]) => r * columns + c);
        }
      }
    }
  }
  return undefined;
}

/** The game is over: a line, or no square left. */
export const isOver = (game: LineGame) =>
  lineOf(game) !== undefined || game.squares.every((team) => team !== undefined);

/** A turn: the square is taken where the answer was right; the other team is next either way. */
export function play(game: LineGame, square: number, right: boolean): LineGame {
  const at = landing(game, square);
  if (at === undefined || isOver(game)) return game;
  const squares = right
    ? game.squares.map((team, index) => (index === at ? game.turn : team))
    : game.squares;
  return { ...game, squares, turn: game.turn === 0 ? 1 : 0 };
}
