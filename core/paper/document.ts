/** A sheet as a document without places: what Markdown, plain text and Word files are written from. */

export type DocumentNode =
  | { readonly kind: 'title' | 'heading' | 'text'; readonly text: string }
  /** Words in a box to choose from. */
  | { readonly kind: 'box'; readonly words: readonly string[] }
  /** A numbered item; a picture stands before its text. */
  | {
      readonly kind: 'item';
      readonly number: number;
      readonly text: string;
      readonly picture?: string;
      /** What to tick, where there is something to tick. */
      readonly options?: readonly string[];
      /** Lines to write on under it. */
      readonly lines?: number;
    }
  /** The first row is its head where `head` is true. */
  | {
      readonly kind: 'table';
      readonly head: boolean;
      readonly rows: readonly (readonly TableCell[])[];
    }
  | { readonly kind: 'picture'; readonly picture: string; readonly name: string }
  | { readonly kind: 'lines'; readonly count: number }
  | { readonly kind: 'page' };

export type TableCell = string | { readonly picture: string; readonly text: string };

/** What stands in a gap on paper. */
export const GAP = '________';

export const cellText = (cell: TableCell) => (typeof cell === 'string' ? cell : cell.text);

/** True for a picture of the teacher's own, which is a data URL. */
export const isOwn = (picture: string) => picture.startsWith('data:');

/** What a picture is called in words. */
export const pictureName = (picture: string) => (isOwn(picture) ? 'your own' : picture);

/** Every picture that the nodes show, each once. */
export function picturesIn(nodes: readonly DocumentNode[]): string[] {
  const found = nodes.flatMap((node): string[] => {
    if (node.kind === 'picture') return [node.picture];
    if (node.kind === 'item') return node.picture === undefined ? [] : [node.picture];
    if (node.kind !== 'table') return [];
    return node.rows.flatMap((row) =>
      row.flatMap((cell) => (typeof cell === 'string' ? [] : [cell.picture])),
    );
  });
  return [...new Set(found)];
}
