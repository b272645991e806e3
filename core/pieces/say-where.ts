/** Where a piece is, in words, for whoever does not see the board. */
import { BOARD, placeOf, type Piece, type PieceBoard } from './piece-board';

const thirds = (at: number, length: number, names: readonly [string, string, string]) =>
  names[Math.min(2, Math.floor((at / length) * 3))] ?? names[1];

/** Its name as it is spoken of. */
export const nameOf = ({ kind, text }: Pick<Piece, 'kind' | 'text'>): string =>
  text || (kind === 'line' ? 'line' : 'piece');

export function sayWhere(piece: Piece, board: PieceBoard): string {
  const place = placeOf(piece, board);
  const where = place
    ? `in ${place.label || 'the line'}`
    : `${thirds(piece.y, BOARD.height, ['top', 'middle', 'bottom'])}, ${thirds(piece.x, BOARD.width, ['left', 'centre', 'right'])}`;
  const nameAt = (id: string) => board.pieces.filter((each) => each.id === id).map(nameOf);
  const joined = board.joins.flatMap(({ from, to }) =>
    from === piece.id ? nameAt(to) : to === piece.id ? nameAt(from) : [],
  );
  return [
    nameOf(piece),
    where,
    ...(piece.turn === 0 ? [] : [`turned ${piece.turn} degrees`]),
    ...(joined.length === 0 ? [] : [`joined to ${joined.join(', ')}`]),
    ...(piece.fixed ? ['fixed'] : []),
  ].join(', ');
}
