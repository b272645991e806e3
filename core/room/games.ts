/**
 * Games of two in a room. The teacher's browser holds the table: a player sends all
 * the moves she has made so far, so that one lost on the way is not lost, and each
 * is told what she may see. The one whose turn it is not is the referee: she alone
 * is shown the answer.
 */
import type { BoardItem } from '../board/board-item';
import {
  fourInLine,
  isOver,
  landing,
  lineOf,
  newLineGame,
  play,
  threeInLine,
  type LineGame,
  type Team,
} from '../board/line-game';
import { Random } from '../kernel/random';

export const roomGames = {
  line3: 'Three in a line',
  line4: 'Four in a line',
  pairs: 'Find the pairs',
} as const;
export type RoomGame = keyof typeof roomGames;

/** A square or a card is chosen, or the referee says whether the answer was right. */
export type GameMove = { readonly at: number } | { readonly said: boolean };

interface LineTable {
  readonly game: LineGame;
  /** The square that is played for. */
  readonly asked?: number;
  /** Tasks that have been asked. */
  readonly tasks: number;
}

interface PairsTable {
  /** By place: the number of its pair, and which side of it. */
  readonly cards: readonly { readonly pair: number; readonly text: string }[];
  /** Places that are open now: none, one or two. */
  readonly open: readonly number[];
  /** By pair: who has it. */
  readonly taken: Readonly<Record<number, Team>>;
  readonly turn: Team;
}

export interface GameTable {
  readonly id: string;
  readonly kind: RoomGame;
  /** Ids of the members. */
  readonly players: readonly [string, string];
  /** Moves of each that have been taken. */
  readonly moved: readonly [number, number];
  readonly items: readonly BoardItem[];
  readonly line?: LineTable;
  readonly pairs?: PairsTable;
}

/** Pairs on a table, and the fewest with which there is something to remember. */
export const MOST_PAIRS = 8;
export const FEWEST_PAIRS = 4;
/** Moves that a game can have: more is no game. */
export const MOST_MOVES = 400;

/** Items of which no two could be taken for each other: neither question nor answer comes twice. */
export function pairable(items: readonly BoardItem[]): BoardItem[] {
  const seen = new Set<string>();
  return items.filter(({ question, answer }) => {
    const [asked, said] = [question.trim().toLowerCase(), answer.trim().toLowerCase()];
    if (asked === '' || said === '' || asked === said) return false;
    if (seen.has(asked) || seen.has(said)) return false;
    seen.add(asked).add(said);
    return true;
  });
}

/** The games that can be played with these items. */
export const gamesWith = (items: readonly BoardItem[]): RoomGame[] => [
  ...(items.some(({ answer }) => answer !== '') ? (['line3', 'line4'] as const) : []),
  ...(pairable(items).length >= FEWEST_PAIRS ? (['pairs'] as const) : []),
];

/** A table for two; the first of them begins. */
export function newTable(
  id: string,
  kind: RoomGame,
  players: readonly [string, string],
  items: readonly BoardItem[],
  seed: number,
): GameTable {
  const random = new Random(seed);
  const table = { id, kind, players, moved: [0, 0] as const };
  if (kind === 'pairs') {
    const used = random.shuffle(pairable(items)).slice(0, MOST_PAIRS);
    const cards = used.flatMap(({ question, answer }, pair) => [
      { pair, text: question },
      { pair, text: answer },
    ]);
    return {
      ...table,
      items: used,
      pairs: { cards: random.shuffle(cards), open: [], taken: {}, turn: 0 },
    };
  }
  return {
    ...table,
    items: random.shuffle(items.filter(({ answer }) => answer !== '')),
    line: { game: newLineGame(kind === 'line4' ? fourInLine : threeInLine), tasks: 0 },
  };
}

function moveLine(line: LineTable, player: Team, move: GameMove): LineTable {
  const { game, asked, tasks } = line;
  if (isOver(game)) return line;
  if ('at' in move) {
    if (player !== game.turn || asked !== undefined) return line;
    return landing(game, move.at) === undefined ? line : { ...line, asked: move.at };
  }
  if (player === game.turn || asked === undefined) return line;
  return { game: play(game, asked, move.said), tasks: tasks + 1 };
}

function movePairs(pairs: PairsTable, player: Team, move: GameMove): PairsTable {
  if ('said' in move || player !== pairs.turn) return pairs;
  const card = pairs.cards[move.at];
  if (card === undefined || pairs.taken[card.pair] !== undefined) return pairs;
  // What the other one turned last lies open until the next card is turned.
  const open = pairs.open.length === 2 ? [] : pairs.open;
  if (open.includes(move.at)) return pairs;
  const [first] = open;
  if (first === undefined) return { ...pairs, open: [move.at] };
  if (pairs.cards[first]?.pair === card.pair) {
    return { ...pairs, open: [], taken: { ...pairs.taken, [card.pair]: player } };
  }
  return { ...pairs, open: [first, move.at], turn: player === 0 ? 1 : 0 };
}

const isMove = (given: unknown): given is GameMove => {
  const { at, said } = (given ?? {}) as Partial<Record<'at' | 'said', unknown>>;
  return typeof said === 'boolean' || (Number.isInteger(at) && (at as number) >= 0);
};

/**
 * The table after all the moves of a player. Those that were taken before are not taken again; one
 * that the rules do not allow changes nothing.
 */
export function takeMoves(table: GameTable, member: string, moves: unknown): GameTable {
  const at = table.players.indexOf(member);
  if (at < 0 || !Array.isArray(moves)) return table;
  const player = at as Team;
  const all: readonly unknown[] = moves.slice(0, MOST_MOVES);
  const fresh = all.slice(table.moved[player]);
  if (fresh.length === 0) return table;
  const moved: [number, number] = [...table.moved];
  moved[player] = all.length;
  return fresh.filter(isMove).reduce<GameTable>(
    (now, move) => ({
      ...now,
      ...(now.line ? { line: moveLine(now.line, player, move) } : {}),
      ...(now.pairs ? { pairs: movePairs(now.pairs, player, move) } : {}),
    }),
    { ...table, moved },
  );
}

/** How many squares or pairs each has. */
export function standing({ line, pairs }: GameTable): readonly [number, number] {
  const owners: readonly (Team | undefined)[] = line
    ? line.game.squares
    : Object.values(pairs?.taken ?? {});
  const count = (team: Team) => owners.filter((each) => each === team).length;
  return [count(0), count(1)];
}

/** Whose game it is; `both` where it is over and nobody's, undefined while it goes on. */
export function winnerOf(table: GameTable): Team | 'both' | undefined {
  if (table.line) {
    const line = lineOf(table.line.game);
    if (line) return table.line.game.squares[line[0] ?? 0];
    return isOver(table.line.game) ? 'both' : undefined;
  }
  const [one, other] = standing(table);
  if (one + other < table.items.length) return undefined;
  return one === other ? 'both' : one > other ? 0 : 1;
}

/** What one of the two sees. */
export interface GameView {
  readonly id: string;
  readonly kind: RoomGame;
  readonly you: Team;
  readonly partner: string;
  readonly turn: Team;
  readonly standing: readonly [number, number];
  readonly over?: Team | 'both';
  readonly squares?: readonly (Team | null)[];
  readonly columns?: number;
  /** The finished line. */
  readonly line?: readonly number[];
  readonly question?: string;
  /** The referee's alone. */
  readonly answer?: string;
  /** By place: what is seen of a card, and whose it is once it is taken. */
  readonly cards?: readonly { readonly text?: string; readonly of?: Team }[];
}

/** What a member sees of her table: no answer but the referee's, no card that is not open. */
export function viewFor(
  table: GameTable,
  member: string,
  nameOf: (id: string) => string,
): GameView | undefined {
  const at = table.players.indexOf(member);
  if (at < 0) return undefined;
  const you = at as Team;
  const over = winnerOf(table);
  const both = {
    id: table.id,
    kind: table.kind,
    you,
    partner: nameOf(table.players[you === 0 ? 1 : 0]),
    standing: standing(table),
    ...(over === undefined ? {} : { over }),
  };
  const { line, pairs } = table;
  if (pairs) {
    return {
      ...both,
      turn: pairs.turn,
      cards: pairs.cards.map(({ pair, text }, place) => {
        const of = pairs.taken[pair];
        if (of !== undefined) return { text, of };
        return pairs.open.includes(place) ? { text } : {};
      }),
    };
  }
  const game = line?.game ?? newLineGame(threeInLine);
  const found = lineOf(game);
  const task = line?.asked === undefined ? undefined : table.items[line.tasks % table.items.length];
  return {
    ...both,
    turn: game.turn,
    squares: game.squares.map((team) => team ?? null),
    columns: game.rules.columns,
    ...(found ? { line: found } : {}),
    ...(task ? { question: task.question } : {}),
    ...(task && you !== game.turn ? { answer: task.answer } : {}),
  };
}

/** A table as it was kept as JSON, which knows no square without an owner. */
export function keptTable(table: GameTable): GameTable {
  const { line } = table;
  if (!line) return table;
  const squares = line.game.squares.map((team) => team ?? undefined);
  return { ...table, line: { ...line, game: { ...line.game, squares } } };
}

/** The answer under which a player's moves are kept. */
export const gamePlace = (table: string): string => `game ${table}`;
