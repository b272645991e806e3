/** Small pieces of a document that several interactions are written with. */
import type { DocumentNode } from '../../../paper/document';

/** Rows of so many cells. */
export function rowsOf<Cell>(cells: readonly Cell[], columns: number): Cell[][] {
  return Array.from({ length: Math.ceil(cells.length / columns) }, (_, row) =>
    cells.slice(row * columns, (row + 1) * columns),
  );
}

/** Words to choose from; nothing where there are none. */
export const wordBoxNodes = (words: readonly string[]): DocumentNode[] =>
  words.length === 0 ? [] : [{ kind: 'box', words }];

/** What is read before an item. */
export const passageNodes = (passage: string | undefined): DocumentNode[] =>
  passage === undefined
    ? []
    : passage.split('\n').map((text): DocumentNode => ({ kind: 'text', text }));
