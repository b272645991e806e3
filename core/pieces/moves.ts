/** What can be done with pieces: each move takes a board and gives the next. */
import {
  BOARD,
  MOST_PIECES,
  placeOf,
  sizeOf,
  type Piece,
  type PieceBoard,
  type Pile,
  type Place,
} from './piece-board';

/** How near two pieces must come to lie edge to edge, and what stays between them. */
export const SNAP = 26;
const BETWEEN = 8;

const withPieces = (board: PieceBoard, change: (piece: Piece) => Piece): PieceBoard => ({
  ...board,
  pieces: board.pieces.map((piece) => (piece.fixed ? piece : change(piece))),
});

/** The pieces with everything that is grouped with one of them. */
export function togetherWith(board: PieceBoard, ids: readonly string[]): Set<string> {
  const groups = new Set(
    board.pieces.flatMap(({ id, group }) => (group && ids.includes(id) ? [group] : [])),
  );
  return new Set(
    board.pieces
      .filter(({ id, group }) => ids.includes(id) || (group !== undefined && groups.has(group)))
      .map(({ id }) => id),
  );
}

const within = (value: number, half: number, length: number) =>
  Math.min(Math.max(value, Math.min(half, length / 2)), Math.max(length - half, length / 2));

/** How far pieces can go together without leaving the board. */
function room(moving: readonly Piece[], dx: number, dy: number) {
  const over = (piece: Piece) => ({
    x: within(piece.x + dx, piece.width / 2, BOARD.width) - piece.x,
    y: within(piece.y + dy, piece.height / 2, BOARD.height) - piece.y,
  });
  const nearest = (values: readonly number[], wanted: number) =>
    values.reduce((best, value) => (Math.abs(value) < Math.abs(best) ? value : best), wanted);
  const free = moving.map(over);
  return {
    dx: nearest(
      free.map(({ x }) => x),
      dx,
    ),
    dy: nearest(
      free.map(({ y }) => y),
      dy,
    ),
  };
}

/** Moves pieces, and all that is grouped with them, by a distance; nothing leaves the board. */
export function move(
  board: PieceBoard,
  ids: readonly string[],
  dx: number,
  dy: number,
): PieceBoard {
  const moving = togetherWith(board, ids);
  const free = room(
    board.pieces.filter(({ id, fixed }) => moving.has(id) && !fixed),
    dx,
    dy,
  );
  return withPieces(board, (piece) =>
    moving.has(piece.id) ? { ...piece, x: piece.x + free.dx, y: piece.y + free.dy } : piece,
  );
}

/** Where a piece lies edge to edge with another that it has come near to; undefined where none is near. */
function besideOf(piece: Piece, others: readonly Piece[]) {
  let best: { readonly x: number; readonly y: number } | undefined;
  let nearest = SNAP;
  for (const other of others) {
    const across = (piece.width + other.width) / 2 + BETWEEN;
    const down = (piece.height + other.height) / 2 + BETWEEN;
    for (const { x, y } of [
      { x: other.x + across, y: other.y },
      { x: other.x - across, y: other.y },
      { x: other.x, y: other.y + down },
      { x: other.x, y: other.y - down },
    ]) {
      const away = Math.hypot(piece.x - x, piece.y - y);
      if (away >= nearest) continue;
      nearest = away;
      best = { x, y };
    }
  }
  return best;
}

/** Puts a piece down: where it has come near to another it lies edge to edge with it. */
export function putDown(board: PieceBoard, id: string): PieceBoard {
  const moving = togetherWith(board, [id]);
  const piece = board.pieces.find((each) => each.id === id);
  if (piece === undefined || piece.kind === 'line') return board;
  const others = board.pieces.filter(
    (each) => !moving.has(each.id) && each.kind !== 'line' && each.turn === piece.turn,
  );
  const beside = besideOf(piece, others);
  return beside ? move(board, [id], beside.x - piece.x, beside.y - piece.y) : board;
}

/** Puts a piece, with what is grouped with it, at a point. */
export function moveTo(board: PieceBoard, id: string, x: number, y: number): PieceBoard {
  const piece = board.pieces.find((each) => each.id === id);
  return piece ? putDown(move(board, [id], x - piece.x, y - piece.y), id) : board;
}

/** Space between the edge of a place and the pieces in it; its name stands in the first. */
const EDGE = 14;
const NAME = 52;

/** Puts a piece into the first free room of a place, after what is there; on what is there where it is full. */
export function putIn(board: PieceBoard, id: string, place: Place): PieceBoard {
  const piece = board.pieces.find((each) => each.id === id);
  if (piece === undefined) return board;
  const there = board.pieces.filter(
    (each) => each.id !== id && !each.fixed && placeOf(each, board)?.id === place.id,
  );
  const { width, height } = piece;
  const isFree = (x: number, y: number) =>
    there.every(
      (each) =>
        Math.abs(each.x - x) >= (each.width + width) / 2 + BETWEEN ||
        Math.abs(each.y - y) >= (each.height + height) / 2 + BETWEEN,
    );
  const name = place.label === '' ? 0 : NAME;
  const [left, top] = [place.x + EDGE + width / 2, place.y + EDGE + name + height / 2];
  for (let y = top; y + height / 2 <= place.y + place.height; y += height + BETWEEN) {
    for (let x = left; x + width / 2 <= place.x + place.width; x += BETWEEN) {
      if (isFree(x, y)) return move(board, [id], x - piece.x, y - piece.y);
    }
  }
  return move(
    board,
    [id],
    place.x + place.width / 2 - piece.x,
    place.y + place.height / 2 - piece.y,
  );
}

/** Turns pieces about their own middles. */
export const turn = (board: PieceBoard, ids: readonly string[], degrees: number): PieceBoard =>
  withPieces(board, (piece) =>
    ids.includes(piece.id) ? { ...piece, turn: (piece.turn + degrees + 360) % 360 } : piece,
  );

/** Smallest and largest pieces, as a share of the size at which they came. */
const SIZES = [40, 700] as const;

/** Makes pieces larger or smaller. */
export const resize = (board: PieceBoard, ids: readonly string[], by: number): PieceBoard =>
  withPieces(board, (piece) => {
    const larger = Math.max(piece.width, piece.height) * by;
    const smaller = Math.min(piece.width, piece.height) * by;
    const fits = larger <= SIZES[1] && (piece.kind === 'line' ? larger : smaller) >= SIZES[0];
    return ids.includes(piece.id) && fits
      ? {
          ...piece,
          width: piece.width * by,
          height: piece.kind === 'line' ? piece.height : piece.height * by,
        }
      : piece;
  });

export const group = (board: PieceBoard, ids: readonly string[], name: string): PieceBoard =>
  withPieces(board, (piece) => (ids.includes(piece.id) ? { ...piece, group: name } : piece));

/** Lets the pieces of every group that one of them is in go their own ways. */
export function ungroup(board: PieceBoard, ids: readonly string[]): PieceBoard {
  const all = togetherWith(board, ids);
  return withPieces(board, (piece) => {
    if (!all.has(piece.id)) return piece;
    const { group: _group, ...alone } = piece;
    return alone;
  });
}

/** Makes pieces part of the ground, or lets them move again. */
export const fix = (board: PieceBoard, ids: readonly string[], fixed: boolean): PieceBoard => ({
  ...board,
  pieces: board.pieces.map((piece) => {
    if (!ids.includes(piece.id)) return piece;
    const { fixed: _fixed, ...free } = piece;
    return fixed ? { ...free, fixed } : free;
  }),
});

/** Lays pieces over all others, or under them; what belongs to the ground stays under all. */
export function layer(board: PieceBoard, ids: readonly string[], where: 'front' | 'back') {
  const chosen = board.pieces.filter(({ id }) => ids.includes(id));
  const others = board.pieces.filter(({ id }) => !ids.includes(id));
  const pieces = where === 'front' ? [...others, ...chosen] : [...chosen, ...others];
  return {
    ...board,
    pieces: [...pieces.filter(({ fixed }) => fixed), ...pieces.filter(({ fixed }) => !fixed)],
  };
}

/** Takes pieces away, with the lines that were joined to them. */
export const takeAway = (board: PieceBoard, ids: readonly string[]): PieceBoard => ({
  ...board,
  pieces: board.pieces.filter(({ id }) => !ids.includes(id)),
  joins: board.joins.filter(({ from, to }) => !ids.includes(from) && !ids.includes(to)),
});

/** Joins two pieces by a line, or takes the line between them away. */
export function join(board: PieceBoard, from: string, to: string): PieceBoard {
  if (from === to) return board;
  const isIt = (each: { from: string; to: string }) =>
    (each.from === from && each.to === to) || (each.from === to && each.to === from);
  return board.joins.some(isIt)
    ? { ...board, joins: board.joins.filter((each) => !isIt(each)) }
    : { ...board, joins: [...board.joins, { from, to }] };
}

/** One more piece at a point, on top. At {@link MOST_PIECES} none comes. */
export function add(
  board: PieceBoard,
  piece: Pick<Piece, 'id' | 'kind' | 'text' | 'picture' | 'shape'>,
  x: number,
  y: number,
): PieceBoard {
  if (board.pieces.length >= MOST_PIECES) return board;
  const size = sizeOf(piece);
  return {
    ...board,
    pieces: [
      ...board.pieces,
      {
        ...piece,
        ...size,
        x: within(x, size.width / 2, BOARD.width),
        y: within(y, size.height / 2, BOARD.height),
        turn: 0,
      },
    ],
  };
}

/** Free room for a piece, from the lower left; over what is there where the board is full. */
function freeRoom({ pieces, places }: PieceBoard, { width, height }: ReturnType<typeof sizeOf>) {
  const taken = [
    ...pieces,
    ...places.map((place) => ({
      ...place,
      x: place.x + place.width / 2,
      y: place.y + place.height / 2,
    })),
  ];
  const isFree = (x: number, y: number) =>
    taken.every(
      (each) =>
        Math.abs(each.x - x) >= (each.width + width) / 2 + BETWEEN ||
        Math.abs(each.y - y) >= (each.height + height) / 2 + BETWEEN,
    );
  for (let y = BOARD.height - 20 - height / 2; y > height / 2; y -= 20) {
    for (let x = 20 + width / 2; x < BOARD.width - width / 2; x += 20) {
      if (isFree(x, y)) return { x, y };
    }
  }
  return { x: BOARD.width / 2, y: BOARD.height - 20 - height / 2 };
}

/** One more from a pile, where there is room for it; the pile stays as it is. */
export function takeFrom(board: PieceBoard, pile: Pile, id: string): PieceBoard {
  const { id: _pile, ...piece } = pile;
  const { x, y } = freeRoom(board, sizeOf(piece));
  return add(board, { ...piece, id }, x, y);
}

/** The same board with other words in the places of its own, one for one; what has no other stays. */
export function withOtherWords(
  board: PieceBoard,
  words: readonly string[],
  id: string,
  name: string,
): PieceBoard {
  const { part: _part, ...free } = board;
  let at = 0;
  return {
    ...free,
    id,
    name,
    pieces: board.pieces.map((piece) => {
      const next = piece.kind === 'word' ? words[at] : undefined;
      if (next === undefined) return piece;
      at += 1;
      return { ...piece, text: next, width: sizeOf({ kind: 'word', text: next }).width };
    }),
  };
}
