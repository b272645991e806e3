/** A vane or two dice choose a word and what is done with it; the other says whether it was done. */
import { MOST_SIDES, throwDice, usualPrompts } from '../../board/dice';
import type { Team } from '../../board/line-game';
import { MOST_AROUND, spin, type Spun } from '../../board/spin';
import { Random } from '../../kernel/random';
import { ahead, oneMore, other, type GameMaterial, type GameRules } from './rules';

export interface SayTable {
  readonly words: readonly string[];
  readonly turn: Team;
  /** Turns that are over. */
  readonly turns: number;
  readonly done: readonly [number, number];
  /** What came up, until it is done. */
  readonly task?: { readonly word: string; readonly does: string };
  /** The word that came up last. */
  readonly last?: string;
  readonly spun?: Spun;
  readonly seed: number;
}

/** Turns of each. */
export const SAY_TURNS = 5;
const FEWEST_WORDS = 4;

type Chosen = Pick<SayTable, 'task' | 'spun'>;

const rules = (
  name: string,
  how: string,
  most: number,
  choose: (state: SayTable, random: Random) => Chosen,
  sight: (state: SayTable) => object,
): GameRules<SayTable> => ({
  name,
  how,
  counts: 'done',
  canPlay: ({ words }: GameMaterial) => words.length >= FEWEST_WORDS,
  begin: ({ words }, random) => ({
    words: random.shuffle(words.map(({ text }) => text)).slice(0, most),
    turn: 0,
    turns: 0,
    done: [0, 0],
    seed: Math.floor(random.next() * 1_000_000),
  }),
  move: (state, player, move) => {
    const { turn, turns, done, task, seed } = state;
    if (turns >= 2 * SAY_TURNS) return state;
    if ('does' in move) {
      if (move.does !== 'throw' || player !== turn || task) return state;
      return { ...state, ...choose(state, new Random(seed + turns)) };
    }
    if (!('said' in move) || player === turn || !task) return state;
    const { task: _done, ...rest } = state;
    return {
      ...rest,
      last: task.word,
      turn: other(turn),
      turns: turns + 1,
      done: move.said ? oneMore(done, turn) : done,
    };
  },
  standing: ({ done }) => done,
  winner: ({ turns, done }) => (turns >= 2 * SAY_TURNS ? ahead(done) : undefined),
  sight: (state, you) => ({
    turn: state.turn,
    ...(state.task ? { task: state.task } : {}),
    ...(state.task && you !== state.turn ? { judges: true as const } : {}),
    ...sight(state),
  }),
});

const anyOf = (prompts: readonly string[], random: Random) => random.shuffle(prompts)[0] ?? '';

export const vane = rules(
  'The vane',
  'The vane rests at a word: she does with it what it says, and the other says whether it was done.',
  MOST_AROUND,
  ({ words, spun: before }, random) => {
    const spun = spin(words.length, random, before);
    return { spun, task: { word: words[spun.at] ?? '', does: anyOf(usualPrompts, random) } };
  },
  ({ words, spun, task }) => ({
    vane: { words, turned: spun?.turned ?? 0, ...(spun && task ? { at: spun.at } : {}) },
  }),
);

export const dice = rules(
  'Dice',
  'Two dice give a word and what to do with it; the other says whether it was done.',
  MOST_SIDES,
  ({ words, last }, random) => {
    const [word = '', does = ''] = throwDice([words, usualPrompts], random, last);
    return { task: { word, does } };
  },
  () => ({}),
);
