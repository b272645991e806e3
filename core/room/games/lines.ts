/** Three or four in a line: the one who is right takes the square that she chose. */
import type { BoardItem } from '../../board/board-item';
import {
  fourInLine,
  isOver,
  landing,
  lineOf,
  newLineGame,
  play,
  threeInLine,
  type LineGame,
  type LineRules,
} from '../../board/line-game';
import { judged, taskFor, type GameRules } from './rules';

export interface LineTable {
  readonly items: readonly BoardItem[];
  readonly game: Omit<LineGame, 'squares'> & { readonly squares: readonly (0 | 1 | null)[] };
  /** The square that is played for. */
  readonly asked?: number;
  /** Tasks that have been asked. */
  readonly tasks: number;
}

/** JSON knows no undefined in a list, and the game on the board no null. */
const asPlayed = ({ squares, ...game }: LineTable['game']): LineGame => ({
  ...game,
  squares: squares.map((team) => team ?? undefined),
});
const asKept = ({ squares, ...game }: LineGame): LineTable['game'] => ({
  ...game,
  squares: squares.map((team) => team ?? null),
});

const lineGame = (rules: LineRules, name: string): GameRules<LineTable> => ({
  name,
  how: 'One chooses a square and answers aloud; the other has the answer, and says whether it was right.',
  counts: 'squares',
  canPlay: (material) => judged(material).length > 0,
  begin: (material, random) => ({
    items: random.shuffle(judged(material)),
    game: asKept(newLineGame(rules)),
    tasks: 0,
  }),
  move: (state, player, move) => {
    const { asked, tasks } = state;
    const game = asPlayed(state.game);
    if (isOver(game)) return state;
    if ('at' in move) {
      if (player !== game.turn || asked !== undefined) return state;
      return landing(game, move.at) === undefined ? state : { ...state, asked: move.at };
    }
    if (!('said' in move) || player === game.turn || asked === undefined) return state;
    return { items: state.items, game: asKept(play(game, asked, move.said)), tasks: tasks + 1 };
  },
  standing: ({ game: { squares } }) => [
    squares.filter((team) => team === 0).length,
    squares.filter((team) => team === 1).length,
  ],
  winner: (state) => {
    const game = asPlayed(state.game);
    const line = lineOf(game);
    if (line) return game.squares[line[0] ?? 0];
    return isOver(game) ? 'both' : undefined;
  },
  sight: ({ items, game, asked, tasks }, you) => {
    const line = lineOf(asPlayed(game));
    return {
      turn: game.turn,
      squares: game.squares,
      columns: game.rules.columns,
      ...(line ? { line } : {}),
      ...(asked === undefined ? {} : taskFor(items, tasks, game.turn, you)),
    };
  },
});

export const line3 = lineGame(threeInLine, 'Three in a line');
export const line4 = lineGame(fourInLine, 'Four in a line');
