/** Words under covers: a right answer opens a letter, and then the word may be said. */
import type { BoardItem } from '../../board/board-item';
import {
  canHide,
  hideWord,
  isFound,
  lettersOf,
  uncover,
  type HiddenWord,
} from '../../board/hidden-word';
import type { Team } from '../../board/line-game';
import { Random } from '../../kernel/random';
import { ahead, judged, oneMore, other, taskFor, type GameRules } from './rules';

export interface HiddenTable {
  readonly items: readonly BoardItem[];
  readonly words: readonly string[];
  /** Which of the words is looked for. */
  readonly at: number;
  readonly hidden: HiddenWord;
  readonly turn: Team;
  readonly tasks: number;
  /** She in turn was right: a letter has been opened, and she may say the word. */
  readonly guesses: boolean;
  readonly found: readonly [number, number];
  readonly before?: { readonly word: string; readonly by?: Team };
  readonly seed: number;
}

/** Words that are looked for in one game. */
export const HIDDEN_WORDS = 3;

const plain = (word: string) => word.trim().replace(/’/g, "'").toLocaleLowerCase();
const isOver = ({ at, words }: HiddenTable) => at >= words.length;

/** Tasks that do not say the word that is looked for. */
const tasksOf = ({ items, hidden: { word } }: HiddenTable) => {
  const silent = items.filter(
    ({ question, answer }) => !plain(`${question} ${answer}`).includes(plain(word)),
  );
  return silent.length > 0 ? silent : items;
};

function nextWord(state: HiddenTable, by: Team | undefined): HiddenTable {
  const at = state.at + 1;
  return {
    ...state,
    at,
    hidden: hideWord(state.words[at] ?? '', new Random(state.seed + at)),
    turn: other(state.turn),
    guesses: false,
    found: by === undefined ? state.found : oneMore(state.found, by),
    before: { word: state.hidden.word, ...(by === undefined ? {} : { by }) },
  };
}

export const hidden: GameRules<HiddenTable> = {
  name: 'Hidden word',
  how: `Each right answer opens a letter; then the word may be written. ${HIDDEN_WORDS} words are looked for.`,
  counts: 'words',
  canPlay: (material) =>
    judged(material).length >= 3 && material.words.some(({ text }) => canHide(text)),
  begin: (material, random) => {
    const words = random
      .shuffle(material.words.map(({ text }) => text).filter(canHide))
      .slice(0, HIDDEN_WORDS);
    const seed = Math.floor(random.next() * 1_000_000);
    return {
      items: random.shuffle(judged(material)),
      words,
      at: 0,
      hidden: hideWord(words[0] ?? '', new Random(seed)),
      turn: 0,
      tasks: 0,
      guesses: false,
      found: [0, 0],
      seed,
    };
  },
  move: (state, player, move) => {
    if (isOver(state)) return state;
    const { turn, guesses } = state;
    if (guesses) {
      if (player !== turn) return state;
      if ('word' in move) {
        return plain(move.word) === plain(state.hidden.word)
          ? nextWord(state, player)
          : { ...state, guesses: false, turn: other(turn) };
      }
      const passes = 'does' in move && move.does === 'pass';
      return passes ? { ...state, guesses: false, turn: other(turn) } : state;
    }
    if (!('said' in move) || player === turn) return state;
    const tasks = state.tasks + 1;
    if (!move.said) return { ...state, tasks, turn: other(turn) };
    const opened = uncover(state.hidden);
    // With its last letter the word stands there, and is nobody's.
    if (isFound(opened)) return nextWord({ ...state, tasks }, undefined);
    return { ...state, tasks, hidden: opened, guesses: true };
  },
  standing: ({ found }) => found,
  winner: (state) => (isOver(state) ? ahead(state.found) : undefined),
  sight: (state, you) => {
    const { turn, guesses, before, tasks } = state;
    const found = before ? { found: before } : {};
    if (isOver(state)) return { turn, ...found };
    return {
      turn,
      ...found,
      letters: lettersOf(state.hidden).map((letter) => letter ?? null),
      ...(guesses ? (you === turn ? { guesses } : {}) : taskFor(tasksOf(state), tasks, turn, you)),
    };
  },
};
