/**
 * A board of loose pieces: words, pictures, shapes and lines that are moved, turned, joined and
 * grouped, over a ground of places that stays. All lengths are units of a board of 1600 × 900.
 */
export const BOARD = { width: 1600, height: 900 } as const;

/** Pieces of one board. */
export const MOST_PIECES = 200;

export const pieceKinds = ['word', 'picture', 'shape', 'line'] as const;
export type PieceKind = (typeof pieceKinds)[number];

export const shapes = {
  square: 'Square',
  circle: 'Circle',
  triangle: 'Triangle',
  figure: 'Figure',
  plate: 'Plate',
  knife: 'Knife',
  fork: 'Fork',
  spoon: 'Spoon',
  cup: 'Cup',
} as const;
export type Shape = keyof typeof shapes;

export interface Piece {
  readonly id: string;
  readonly kind: PieceKind;
  /** What stands on it, or what it is called. */
  readonly text: string;
  /** Name of a shipped picture. */
  readonly picture?: string;
  readonly shape?: Shape;
  /** Its middle. */
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Degrees clockwise. */
  readonly turn: number;
  /** Pieces of one group move together. */
  readonly group?: string;
  /** It belongs to the ground and does not move. */
  readonly fixed?: boolean;
}

/** An area with a name that pieces are put into. */
export interface Place {
  readonly id: string;
  readonly label: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A line between two pieces that stays joined to them as they move. */
export interface Join {
  readonly from: string;
  readonly to: string;
}

/** A pile from which one more can always be taken. */
export interface Pile {
  readonly id: string;
  readonly kind: PieceKind;
  readonly text: string;
  readonly picture?: string;
  readonly shape?: Shape;
}

export interface PieceBoard {
  readonly id: string;
  readonly name: string;
  /** The exercise that it was laid out from, and that says what is right; absent of a free board. */
  readonly part?: string;
  readonly places: readonly Place[];
  /** The last lies on top. */
  readonly pieces: readonly Piece[];
  readonly joins: readonly Join[];
}

/** Height of a word, and what is around its letters. */
const WORD_HEIGHT = 84;
/** Width of a letter of the learner font at this size, on average; a piece is never narrower than high. */
const LETTER = 27;
export const PICTURE_SIZE = 150;

/** How large a piece is when it comes onto the board. */
export function sizeOf({ kind, text, shape }: Pick<Piece, 'kind' | 'text' | 'shape'>) {
  if (kind === 'word') {
    const width = Math.max(WORD_HEIGHT, [...text].length * LETTER + 50);
    return { width: Math.min(width, BOARD.width - 40), height: WORD_HEIGHT };
  }
  if (kind === 'line') return { width: 300, height: 10 };
  if (shape === 'knife' || shape === 'fork' || shape === 'spoon') return { width: 50, height: 190 };
  return { width: PICTURE_SIZE, height: PICTURE_SIZE };
}

export const emptyBoard = (id: string, name: string): PieceBoard => ({
  id,
  name,
  places: [],
  pieces: [],
  joins: [],
});

/** True where the middle of a piece is within a place. */
export const isIn = ({ x, y }: Piece, place: Place): boolean =>
  x >= place.x && x <= place.x + place.width && y >= place.y && y <= place.y + place.height;

/** The place that a piece is in; undefined for one that lies outside. */
export const placeOf = (piece: Piece, { places }: Pick<PieceBoard, 'places'>): Place | undefined =>
  places.find((place) => isIn(piece, place));

/** Pieces as they are read: by lines from the top, each from the left. */
export function readingOrder(pieces: readonly Piece[]): Piece[][] {
  const rows: Piece[][] = [];
  for (const piece of [...pieces].sort((one, other) => one.y - other.y)) {
    const row = rows.at(-1);
    const [first] = row ?? [];
    // Half a word lower is still the same line.
    if (row && first && piece.y - first.y < first.height / 2) row.push(piece);
    else rows.push([piece]);
  }
  return rows.map((row) => row.sort((one, other) => one.x - other.x));
}
