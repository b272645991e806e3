/** A grid of letters: where a word stands in it, in eight directions. Offsets count the line breaks between rows. */

/** Row and column steps of the eight directions. */
export const directions = {
  right: [0, 1],
  down: [1, 0],
  'down-right': [1, 1],
  'up-right': [-1, 1],
  left: [0, -1],
  up: [-1, 0],
  'up-left': [-1, -1],
  'down-left': [1, -1],
} as const;
export type Direction = keyof typeof directions;

/** The cells of a run of letters as [row, column], or undefined where it leaves the grid. */
export function runOf(
  size: { readonly rows: number; readonly columns: number },
  row: number,
  column: number,
  direction: Direction,
  length: number,
): [number, number][] | undefined {
  const [down, along] = directions[direction];
  const cells = Array.from({ length }, (_, index): [number, number] => [
    row + down * index,
    column + along * index,
  ]);
  const inside = ([y, x]: [number, number]) =>
    y >= 0 && y < size.rows && x >= 0 && x < size.columns;
  return cells.every(inside) ? cells : undefined;
}

/** The offset of a cell in the rows joined by line breaks. */
export const offsetOf = (row: number, column: number, columns: number) =>
  row * (columns + 1) + column;

/**
 * Every place where the letters stand, as offsets; a word that reads the same
 * from both ends stands once.
 */
export function findInGrid(rows: readonly string[], letters: string): number[][] {
  const columns = rows[0]?.length ?? 0;
  const size = { rows: rows.length, columns };
  const found = new Map<string, number[]>();
  for (let row = 0; row < rows.length; row += 1) {
    for (let column = 0; column < columns; column += 1) {
      if (rows[row]?.[column] !== letters[0]) continue;
      for (const direction of Object.keys(directions) as Direction[]) {
        const [down, along] = directions[direction];
        let at = 1;
        while (
          at < letters.length &&
          rows[row + down * at]?.[column + along * at] === letters[at]
        ) {
          at += 1;
        }
        if (at < letters.length) continue;
        const cells = runOf(size, row, column, direction, letters.length) ?? [];
        const offsets = cells.map(([y, x]) => offsetOf(y, x, columns));
        const key = [...offsets].sort((left, right) => left - right).join(' ');
        if (!found.has(key)) found.set(key, offsets);
      }
    }
  }
  return [...found.values()];
}
