/** One describes a word without saying it, the other says what it is; then the other way round. */
import type { Team } from '../../board/line-game';
import { ahead, oneMore, other, type GameRules, type GameWord } from './rules';

export interface DescribeTable {
  readonly words: readonly GameWord[];
  readonly at: number;
  /** Who describes. */
  readonly turn: Team;
  /** Words that each has found out. */
  readonly found: readonly [number, number];
}

const FEWEST_WORDS = 4;
/** Each describes as many as the other. */
const MOST_WORDS = 10;

export const describe: GameRules<DescribeTable> = {
  name: 'Describe it',
  how: 'One sees a word and describes it without the words below it; the other says what it is.',
  counts: 'words',
  canPlay: ({ words }) => words.length >= FEWEST_WORDS,
  begin: ({ words }, random) => {
    const count = Math.min(MOST_WORDS, words.length - (words.length % 2));
    return { words: random.shuffle(words).slice(0, count), at: 0, turn: 0, found: [0, 0] };
  },
  move: (state, player, move) => {
    const { words, at, turn, found } = state;
    // The one who has the word says whether it was found, or gives it up.
    if (at >= words.length || player !== turn || !('said' in move)) return state;
    return {
      words,
      at: at + 1,
      turn: other(turn),
      found: move.said ? oneMore(found, other(turn)) : found,
    };
  },
  standing: ({ found }) => found,
  winner: ({ words, at, found }) => (at >= words.length ? ahead(found) : undefined),
  sight: ({ words, at, turn }, you) => {
    const word = words[at];
    return { turn, ...(word && you === turn ? { describe: word } : {}) };
  },
};
