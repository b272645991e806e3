/** A rope between two: who answers right pulls the knot a step. */
import type { BoardItem } from '../../board/board-item';
import { newTug, pull, ROPE, tugWinner, type Tug } from '../../board/moving-games';
import { judged, taskFor, type GameRules } from './rules';

export interface TugTable {
  readonly items: readonly BoardItem[];
  readonly game: Tug;
  readonly tasks: number;
}

export const tug: GameRules<TugTable> = {
  name: 'Pull the rope',
  how: `Right answers pull the knot, wrong ones let it go: ${ROPE} steps win.`,
  counts: 'steps',
  canPlay: (material) => judged(material).length > 0,
  begin: (material, random) => ({
    items: random.shuffle(judged(material)),
    game: newTug(),
    tasks: 0,
  }),
  move: (state, player, move) => {
    const { game, tasks } = state;
    if (!('said' in move) || player === game.turn || tugWinner(game) !== undefined) return state;
    return { ...state, game: pull(game, move.said), tasks: tasks + 1 };
  },
  standing: ({ game: { knot } }) => [Math.max(0, -knot), Math.max(0, knot)],
  winner: ({ game }) => tugWinner(game),
  sight: ({ items, game, tasks }, you) => ({
    turn: game.turn,
    knot: game.knot,
    ...(tugWinner(game) === undefined ? taskFor(items, tasks, game.turn, you) : {}),
  }),
};
