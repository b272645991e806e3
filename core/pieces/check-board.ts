/** What of a board is as it should be, by the exercise that it was laid out from. */
import type { Task } from '../exercises/interactions';
import { placeOf, readingOrder, type Piece, type PieceBoard } from './piece-board';

export interface PieceVerdict {
  readonly piece: string;
  /** `loose`: it was not put anywhere yet. */
  readonly is: 'right' | 'wrong' | 'loose';
}

const byPlace = (
  board: PieceBoard,
  homeOf: (piece: Piece) => readonly string[] | undefined,
): PieceVerdict[] =>
  board.pieces.flatMap((piece): PieceVerdict[] => {
    const homes = homeOf(piece);
    if (piece.fixed || homes === undefined) return [];
    const place = placeOf(piece, board);
    const is = place === undefined ? 'loose' : homes.includes(place.id) ? 'right' : 'wrong';
    return [{ piece: piece.id, is }];
  });

/** Where a piece of the text can be, by what the key says of its text; two of one text are as good. */
const homesByText = (pairs: readonly (readonly [text: string, home: string])[]) => {
  const homes = new Map<string, string[]>();
  for (const [text, home] of pairs) homes.set(text, [...(homes.get(text) ?? []), home]);
  return ({ text }: Piece) => homes.get(text);
};

/** The longest run from the left that is as the key begins, and all that follows. */
function byOrder(row: readonly Piece[], key: readonly string[]): PieceVerdict[] {
  const same = (one: string, other: string | undefined) =>
    one.toLowerCase() === other?.toLowerCase();
  return row.map(({ id, text }, at) => ({
    piece: id,
    is: same(text, key[at]) ? 'right' : 'wrong',
  }));
}

/**
 * A verdict for each piece that the exercise says something of. In an order a piece is right where it
 * stands at its place in the line; a partner is right where it is joined to its own, or lies beside it.
 */
export function checkBoard(board: PieceBoard, task: Task): PieceVerdict[] {
  switch (task.interaction) {
    case 'sort':
      return byPlace(board, homesByText(task.cards.map(({ text, home }) => [text, home])));
    case 'build':
      return byPlace(board, homesByText(task.pieces.map(({ text, place }) => [text, place])));
    case 'order':
      return [
        ...task.items.flatMap((item) => {
          const there = board.pieces.filter((piece) => placeOf(piece, board)?.id === item.id);
          return byOrder(readingOrder(there).flat(), item.key);
        }),
        ...board.pieces
          .filter((piece) => !piece.fixed && placeOf(piece, board) === undefined)
          .map(({ id }) => ({ piece: id, is: 'loose' as const })),
      ];
    case 'match': {
      const partnerOf = new Map(
        task.pairs.flatMap(({ id }) => [
          [`${id} left`, `${id} right`],
          [`${id} right`, `${id} left`],
        ]),
      );
      return board.pieces.flatMap(({ id }): PieceVerdict[] => {
        const partner = partnerOf.get(id);
        if (partner === undefined) return [];
        const joined = board.joins.flatMap(({ from, to }) =>
          from === id ? [to] : to === id ? [from] : [],
        );
        const is =
          joined.length === 0
            ? 'loose'
            : joined.every((each) => each === partner)
              ? 'right'
              : 'wrong';
        return [{ piece: id, is }];
      });
    }
    default:
      return [];
  }
}

/** The lines of words on a board, as sentences to be read: a line of one word is none. */
export const sentencesOn = ({ pieces }: PieceBoard): string[] =>
  readingOrder(pieces.filter(({ kind, fixed }) => kind === 'word' && !fixed))
    .filter((row) => row.length > 1)
    .map((row) =>
      row
        .map(({ text }) => text)
        .join(' ')
        .replace(/ ([.,!?;:])/g, '$1'),
    );
