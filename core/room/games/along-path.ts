/** A path that two walk: a die says how far a right answer goes. */
import type { BoardItem } from '../../board/board-item';
import { newPath, PATH, pathWinner, throwDie, walk, type PathGame } from '../../board/moving-games';
import { Random } from '../../kernel/random';
import { judged, taskFor, type GameRules } from './rules';

export interface PathTable {
  readonly items: readonly BoardItem[];
  readonly game: PathGame;
  readonly tasks: number;
  /** From which the throws are made, so that a move gives the same table wherever it is taken. */
  readonly seed: number;
}

export const path: GameRules<PathTable> = {
  name: 'Along the path',
  how: `One throws and answers: right, she walks what she threw. First at ${PATH} wins.`,
  counts: 'squares',
  canPlay: (material) => judged(material).length > 0,
  begin: (material, random) => ({
    items: random.shuffle(judged(material)),
    game: newPath(),
    tasks: 0,
    seed: Math.floor(random.next() * 1_000_000),
  }),
  move: (state, player, move) => {
    const { game, tasks, seed } = state;
    if (pathWinner(game) !== undefined) return state;
    if ('does' in move) {
      if (move.does !== 'throw' || player !== game.turn || game.thrown !== undefined) return state;
      return { ...state, game: throwDie(game, new Random(seed + tasks)) };
    }
    if (!('said' in move) || player === game.turn || game.thrown === undefined) return state;
    return { ...state, game: walk(game, move.said), tasks: tasks + 1 };
  },
  standing: ({ game }) => game.places,
  winner: ({ game }) => pathWinner(game),
  sight: ({ items, game, tasks }, you) => {
    const { turn, places, thrown } = game;
    return {
      turn,
      path: { places, ...(thrown === undefined ? {} : { thrown }) },
      ...(thrown === undefined ? {} : taskFor(items, tasks, turn, you)),
    };
  },
};
