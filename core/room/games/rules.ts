/** What a game of two is: how it begins, what a move does, and what each of the two may see of it. */
import type { BoardItem } from '../../board/board-item';
import type { Team } from '../../board/line-game';
import type { Random } from '../../kernel/random';

/** What is done in a game besides choosing a place and saying a word. */
export const deeds = ['throw', 'raise', 'pass', 'next'] as const;
export type Deed = (typeof deeds)[number];

/** A square or a card is chosen; the referee says whether it was right; a word is said; something is done. */
export type GameMove =
  | { readonly at: number }
  | { readonly said: boolean }
  | { readonly word: string }
  | { readonly does: Deed };

export const WORD_LENGTH = 60;

/** A move as it came over the wire. */
export function isMove(given: unknown): given is GameMove {
  const { at, said, word, does } = (given ?? {}) as Partial<
    Record<'at' | 'said' | 'word' | 'does', unknown>
  >;
  return (
    typeof said === 'boolean' ||
    (typeof word === 'string' && word.length <= WORD_LENGTH) ||
    deeds.includes(does as Deed) ||
    (Number.isInteger(at) && (at as number) >= 0)
  );
}

export interface GameWord {
  readonly text: string;
  /** What may not be said while it is described: the word itself first. */
  readonly avoid: readonly string[];
}

/** What is played with. */
export interface GameMaterial {
  readonly items: readonly BoardItem[];
  readonly words: readonly GameWord[];
}

export type Winner = Team | 'both';

/** What one of the two sees of a game, besides whose turn it is and how it stands. */
export interface GameSight {
  readonly turn: Team;
  readonly question?: string;
  /** The referee's alone. */
  readonly answer?: string;
  /** She is the referee now: she says whether it was right. */
  readonly judges?: true;
  readonly squares?: readonly (Team | null)[];
  readonly columns?: number;
  /** The finished line. */
  readonly line?: readonly number[];
  /** By place: what is seen of a card, and whose it is once it is taken. */
  readonly cards?: readonly { readonly text?: string; readonly of?: Team }[];
  /** Steps of the knot from the middle of the rope; below 0 on the first one's side. */
  readonly knot?: number;
  /** Squares of a path on which the two stand, and what was thrown. */
  readonly path?: { readonly places: readonly [number, number]; readonly thrown?: number };
  /** Letters of a hidden word; null where one is covered. */
  readonly letters?: readonly (string | null)[];
  /** She may say the hidden word now. */
  readonly guesses?: true;
  /** The word that was to be found before this one, and who found it. */
  readonly found?: { readonly word: string; readonly by?: Team };
  /** The one who describes sees what, and what she may not say. */
  readonly describe?: GameWord;
  /** Words around a vane, the one it rests at, and how far it has turned. */
  readonly vane?: {
    readonly words: readonly string[];
    readonly at?: number;
    readonly turned: number;
  };
  /** A word and what is to be done with it. */
  readonly task?: { readonly word: string; readonly does: string };
  readonly lot?: {
    readonly sentence: string;
    /** Its number, from 1, of so many. */
    readonly number: number;
    readonly of: number;
    readonly bid?: { readonly team: Team; readonly coins: number };
    /** Whether it was right, and why; once the hammer has fallen. */
    readonly settled?: { readonly right: boolean; readonly says: string };
    /** She can bid more. */
    readonly raises?: true;
  };
}

/** The rules of one game. Its state is plain data: the teacher's browser keeps it as JSON. */
export interface GameRules<State> {
  readonly name: string;
  /** How it is played, in a line for the teacher. */
  readonly how: string;
  /** What is counted for each of the two. */
  readonly counts: string;
  readonly canPlay: (material: GameMaterial) => boolean;
  readonly begin: (material: GameMaterial, random: Random) => State;
  /** The state after a move; the same state where the rules do not allow it. */
  readonly move: (state: State, player: Team, move: GameMove) => State;
  readonly standing: (state: State) => readonly [number, number];
  readonly winner: (state: State) => Winner | undefined;
  /** No answer but the referee's, nothing that is still covered. */
  readonly sight: (state: State, you: Team) => GameSight;
}

export const other = (team: Team): Team => (team === 0 ? 1 : 0);

/** Who has more of two counts. */
export const ahead = ([one, two]: readonly [number, number]): Winner =>
  one === two ? 'both' : one > two ? 0 : 1;

/** Items that can be judged: they have an answer. */
export const judged = ({ items }: GameMaterial): BoardItem[] =>
  items.filter(({ answer }) => answer !== '');

/** The task of a turn; the referee alone is shown its answer. */
export const taskFor = (
  items: readonly BoardItem[],
  tasks: number,
  turn: Team,
  you: Team,
): Pick<GameSight, 'question' | 'answer' | 'judges'> => {
  const item = items[tasks % Math.max(1, items.length)];
  if (!item) return {};
  const { question, answer } = item;
  return you === turn ? { question } : { question, answer, judges: true };
};

/** One more for one of the two. */
export const oneMore = (
  counts: readonly [number, number],
  team: Team,
): readonly [number, number] =>
  team === 0 ? [counts[0] + 1, counts[1]] : [counts[0], counts[1] + 1];
