/**
 * Games of two in a room. The teacher's browser holds the table: a player sends all
 * the moves she has made so far, so that one lost on the way is not lost, and each
 * is told what she may see. The one whose turn it is not is the referee: she alone
 * is shown the answer. Each game is one file, and one line below.
 */
import type { Team } from '../../board/line-game';
import { Random } from '../../kernel/random';
import { auction } from './auction';
import { describe } from './describe';
import { hidden } from './hidden';
import { line3, line4 } from './lines';
import { pairs } from './pairs';
import { path } from './along-path';
import {
  isMove,
  type GameMaterial,
  type GameMove,
  type GameRules,
  type GameSight,
  type Winner,
} from './rules';
import { dice, vane } from './say-and-do';
import { tug } from './tug';

export const roomGames = {
  line3,
  line4,
  pairs,
  tug,
  path,
  hidden,
  describe,
  vane,
  dice,
  auction,
} as const;
export type RoomGame = keyof typeof roomGames;

/** A game's own state is known to its rules alone. */
const rulesOf = (kind: RoomGame) => roomGames[kind] as unknown as GameRules<unknown>;

export interface GameTable {
  readonly id: string;
  readonly kind: RoomGame;
  /** Ids of the members. */
  readonly players: readonly [string, string];
  /** Moves of each that have been taken. */
  readonly moved: readonly [number, number];
  readonly state: unknown;
}

/** Moves that a game can have: more is no game. */
export const MOST_MOVES = 400;

/** The games that can be played with this. */
export const gamesWith = (material: GameMaterial): RoomGame[] =>
  (Object.keys(roomGames) as RoomGame[]).filter((kind) => roomGames[kind].canPlay(material));

/** A table for two; the first of them begins. */
export const newTable = (
  id: string,
  kind: RoomGame,
  players: readonly [string, string],
  material: GameMaterial,
  seed: number,
): GameTable => ({
  id,
  kind,
  players,
  moved: [0, 0],
  state: rulesOf(kind).begin(material, new Random(seed)),
});

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
  const { move } = rulesOf(table.kind);
  const state = fresh
    .filter(isMove)
    .reduce<unknown>((now, each: GameMove) => move(now, player, each), table.state);
  return { ...table, moved, state };
}

/** What each of the two has: see `counts` of the game. */
export const standing = ({ kind, state }: GameTable): readonly [number, number] =>
  rulesOf(kind).standing(state);

/** Whose game it is; `both` where it is over and nobody's, undefined while it goes on. */
export const winnerOf = ({ kind, state }: GameTable): Winner | undefined =>
  rulesOf(kind).winner(state);

/** What one of the two sees. */
export interface GameView extends GameSight {
  readonly id: string;
  readonly kind: RoomGame;
  readonly you: Team;
  readonly partner: string;
  readonly standing: readonly [number, number];
  readonly over?: Winner;
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
  return {
    id: table.id,
    kind: table.kind,
    you,
    partner: nameOf(table.players[you === 0 ? 1 : 0]),
    standing: standing(table),
    ...(over === undefined ? {} : { over }),
    ...rulesOf(table.kind).sight(table.state, you),
  };
}

/** A table as it was kept by this or an older Wordane; undefined where it is none of ours. */
export function tableFrom(kept: unknown): GameTable | undefined {
  const { id, kind, players, moved, state } = (kept ?? {}) as Partial<GameTable>;
  const known = typeof id === 'string' && kind !== undefined && kind in roomGames;
  if (!known || state === undefined || !Array.isArray(players) || !Array.isArray(moved)) {
    return undefined;
  }
  return kept as GameTable;
}

/** The answer under which a player's moves are kept. */
export const gamePlace = (table: string): string => `game ${table}`;
