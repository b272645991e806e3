/** A board laid out from an exercise: its places as the ground, its pieces loose and mixed below. */
import type { Task } from '../exercises/interactions';
import { Random } from '../kernel/random';
import {
  BOARD,
  emptyBoard,
  MOST_PIECES,
  sizeOf,
  type Piece,
  type PieceBoard,
  type Place,
} from './piece-board';

type Loose = Pick<Piece, 'id' | 'kind' | 'text' | 'picture'>;

/** What is put where. */
interface Laid {
  readonly ground: readonly Piece[];
  readonly places: readonly Place[];
  readonly loose: readonly Loose[];
  /** Above this line are the places. */
  readonly from: number;
}

const GAP = 20;

/** Columns of one height beside one another. */
function columns(
  labels: readonly { readonly id: string; readonly label: string }[],
  top: number,
  height: number,
): Place[] {
  const width = (BOARD.width - GAP * (labels.length + 1)) / labels.length;
  return labels.map(({ id, label }, at) => ({
    id,
    label,
    x: GAP + at * (width + GAP),
    y: top,
    width,
    height,
  }));
}

const word = (id: string, text: string): Loose => ({ id, kind: 'word', text });

function laidOut(task: Task): Laid | undefined {
  switch (task.interaction) {
    case 'sort':
      return {
        ground: [],
        places: columns(task.headings, GAP, 520),
        loose: task.cards.map(({ id, text }) => word(id, text)),
        from: 560,
      };
    case 'build': {
      const centre = sizeOf({ kind: 'word', text: task.centre });
      const half = Math.ceil(task.places.length / 2);
      return {
        ground: [
          {
            id: 'centre',
            kind: 'word',
            text: task.centre,
            ...centre,
            x: BOARD.width / 2,
            y: 290,
            turn: 0,
            fixed: true,
          },
        ],
        places: [
          ...columns(task.places.slice(0, half), GAP, 210),
          ...columns(task.places.slice(half), 350, 210),
        ],
        loose: task.pieces.map(({ id, text }) => word(id, text)),
        from: 580,
      };
    }
    case 'order': {
      const items = task.items.slice(0, 4);
      const height = Math.min(150, 560 / items.length);
      return {
        ground: [],
        places: items.map(({ id }, at) => ({
          id,
          label: items.length === 1 ? '' : String(at + 1),
          x: GAP,
          y: GAP + at * (height + 6),
          width: BOARD.width - 2 * GAP,
          height,
        })),
        loose: items.flatMap(({ id, pieces }) =>
          pieces.map((text, at) => word(`${id} ${at}`, text)),
        ),
        from: GAP + items.length * (height + 6) + GAP,
      };
    }
    case 'match': {
      const pairs = task.pairs.slice(0, 12);
      const side = (id: string, { text, picture }: { text: string; picture?: string }): Loose =>
        picture === undefined ? word(id, text) : { id, kind: 'picture', text, picture };
      const rights = new Map(task.rights.map((right) => [right.id, right]));
      return {
        ground: [],
        places: [],
        loose: pairs.flatMap(({ id, left, partner }) => {
          const right = rights.get(partner);
          return [side(`${id} left`, left), ...(right ? [side(`${id} right`, right)] : [])];
        }),
        from: GAP,
      };
    }
    default:
      return undefined;
  }
}

/** Pieces in rows from a line down, as they come; what no longer fits lies over the first. */
export function inRows(loose: readonly Loose[], from: number): Piece[] {
  let [x, y, high] = [GAP, from, 0];
  return loose.slice(0, MOST_PIECES).map((piece) => {
    const { width, height } = sizeOf(piece);
    if (x + width > BOARD.width - GAP) [x, y, high] = [GAP, y + high + 12, 0];
    if (y + height > BOARD.height) [y, high] = [from + 18, 0];
    const placed = { ...piece, width, height, x: x + width / 2, y: y + height / 2, turn: 0 };
    x += width + 12;
    high = Math.max(high, height);
    return placed;
  });
}

/** True where an exercise can be laid out as loose pieces that are checked. */
export const canBeLaid = (task: Task): boolean => laidOut(task) !== undefined;

/**
 * The board of an exercise; one of its words alone where nothing of it goes anywhere.
 *
 * @param seed mixes the pieces, so that they do not lie in the order of the key
 */
export function boardFrom(
  task: Task,
  words: readonly string[],
  about: {
    readonly id: string;
    readonly name: string;
    readonly part: string;
    readonly seed: number;
  },
): PieceBoard {
  const { id, name, part, seed } = about;
  const laid = laidOut(task) ?? {
    ground: [],
    places: [],
    loose: words.map((text, at) => word(`w${at}`, text)),
    from: 600,
  };
  return {
    ...emptyBoard(id, name),
    part,
    places: laid.places,
    pieces: [...laid.ground, ...inRows(new Random(seed).shuffle(laid.loose), laid.from)],
  };
}
