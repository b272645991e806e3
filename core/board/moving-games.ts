/** Games in which two teams move by answering: a rope that is pulled, and a path that is walked. */
import type { Random } from '../kernel/random';
import type { Team } from './line-game';

/** Steps from the middle of the rope to a team's end. */
export const ROPE = 5;

export interface Tug {
  /** Steps that the knot is away from the middle: below 0 at the first team's side. */
  readonly knot: number;
  readonly turn: Team;
}

export const newTug = (first: Team = 0): Tug => ({ knot: 0, turn: first });

export const tugWinner = ({ knot }: Tug): Team | undefined =>
  knot <= -ROPE ? 0 : knot >= ROPE ? 1 : undefined;

/** The team in turn answers: right pulls the knot a step to its side, wrong lets the other pull. */
export function pull(game: Tug, right: boolean): Tug {
  if (tugWinner(game) !== undefined) return game;
  const own = game.turn === 0 ? -1 : 1;
  return { knot: game.knot + (right ? own : -own), turn: game.turn === 0 ? 1 : 0 };
}

/** Squares of the path, the last of them the goal. */
export const PATH = 20;

export interface PathGame {
  /** Where each team stands, 0 before the first square. */
  readonly places: readonly [number, number];
  readonly turn: Team;
  /** What was thrown; absent while it is to be thrown. */
  readonly thrown?: number;
}

export const newPath = (first: Team = 0): PathGame => ({ places: [0, 0], turn: first });

export const pathWinner = ({ places }: PathGame): Team | undefined =>
  places[0] >= PATH ? 0 : places[1] >= PATH ? 1 : undefined;

/** The team in turn throws the die, once. */
export const throwDie = (game: PathGame, random: Random): PathGame =>
  game.thrown !== undefined || pathWinner(game) !== undefined
    ? game
    : { ...game, thrown: 1 + Math.floor(random.next() * 6) };

/** It walks what it threw where it answers right, and stays where it does not. */
export function walk(game: PathGame, right: boolean): PathGame {
  const { thrown, places, turn } = game;
  if (thrown === undefined || pathWinner(game) !== undefined) return game;
  const to = Math.min(PATH, places[turn] + (right ? thrown : 0));
  return {
    places: turn === 0 ? [to, places[1]] : [places[0], to],
    turn: turn === 0 ? 1 : 0,
  };
}
