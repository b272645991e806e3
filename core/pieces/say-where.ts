/** Where a piece is, in words, for whoever does not see the board. */
import { BOARD, placeOf, type Piece, type PieceBoard } from './piece-board';

/** The words that are needed for it, in any language; `{…}` stands for a name or a number. */
export interface PlaceWords {
  readonly atTop: string;
  readonly atMiddle: string;
  readonly atBottom: string;
  readonly atLeft: string;
  readonly atCentre: string;
  readonly atRight: string;
  readonly inPlace: string;
  readonly inLine: string;
  readonly turnedBy: string;
  readonly joinedTo: string;
  readonly isFixed: string;
  /** A line, and a piece without words. */
  readonly aLine: string;
  readonly aPiece: string;
}

export const placeWords: PlaceWords = {
  atTop: 'top',
  atMiddle: 'middle',
  atBottom: 'bottom',
  atLeft: 'left',
  atCentre: 'centre',
  atRight: 'right',
  inPlace: 'in {place}',
  inLine: 'in the line',
  turnedBy: 'turned {n} degrees',
  joinedTo: 'joined to {names}',
  isFixed: 'fixed',
  aLine: 'line',
  aPiece: 'piece',
};

const thirds = (at: number, length: number, names: readonly [string, string, string]) =>
  names[Math.min(2, Math.floor((at / length) * 3))] ?? names[1];

/** Its name as it is spoken of. */
export const nameOf = (
  { kind, text }: Pick<Piece, 'kind' | 'text'>,
  words: PlaceWords = placeWords,
): string => text || (kind === 'line' ? words.aLine : words.aPiece);

export function sayWhere(piece: Piece, board: PieceBoard, words: PlaceWords = placeWords): string {
  const place = placeOf(piece, board);
  const rows = [words.atTop, words.atMiddle, words.atBottom] as const;
  const columns = [words.atLeft, words.atCentre, words.atRight] as const;
  const where = place
    ? place.label
      ? words.inPlace.replace('{place}', place.label)
      : words.inLine
    : `${thirds(piece.y, BOARD.height, rows)}, ${thirds(piece.x, BOARD.width, columns)}`;
  const nameAt = (id: string) =>
    board.pieces.filter((each) => each.id === id).map((each) => nameOf(each, words));
  const joined = board.joins.flatMap(({ from, to }) =>
    from === piece.id ? nameAt(to) : to === piece.id ? nameAt(from) : [],
  );
  return [
    nameOf(piece, words),
    where,
    ...(piece.turn === 0 ? [] : [words.turnedBy.replace('{n}', String(piece.turn))]),
    ...(joined.length === 0 ? [] : [words.joinedTo.replace('{names}', joined.join(', '))]),
    ...(piece.fixed ? [words.isFixed] : []),
  ].join(', ');
}
