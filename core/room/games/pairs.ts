/** Pairs to find: questions and answers lie face down, and who turns two that belong together keeps them. */
import type { BoardItem } from '../../board/board-item';
import type { Team } from '../../board/line-game';
import { ahead, other, type GameRules } from './rules';

export interface PairsTable {
  /** By place: the number of its pair, and which side of it. */
  readonly cards: readonly { readonly pair: number; readonly text: string }[];
  /** Places that are open now: none, one or two. */
  readonly open: readonly number[];
  /** By pair: who has it. */
  readonly taken: Readonly<Record<number, Team>>;
  readonly turn: Team;
}

/** Pairs on a table, and the fewest with which there is something to remember. */
export const MOST_PAIRS = 8;
export const FEWEST_PAIRS = 4;

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

const standing = ({ taken }: PairsTable): readonly [number, number] => {
  const owners = Object.values(taken);
  return [owners.filter((team) => team === 0).length, owners.filter((team) => team === 1).length];
};

export const pairs: GameRules<PairsTable> = {
  name: 'Find the pairs',
  how: 'Questions and answers lie face down. Who turns two that belong together keeps them, and goes on.',
  counts: 'pairs',
  canPlay: ({ items }) => pairable(items).length >= FEWEST_PAIRS,
  begin: ({ items }, random) => {
    const used = random.shuffle(pairable(items)).slice(0, MOST_PAIRS);
    const cards = used.flatMap(({ question, answer }, pair) => [
      { pair, text: question },
      { pair, text: answer },
    ]);
    return { cards: random.shuffle(cards), open: [], taken: {}, turn: 0 };
  },
  move: (state, player, move) => {
    if (!('at' in move) || player !== state.turn) return state;
    const card = state.cards[move.at];
    if (card === undefined || state.taken[card.pair] !== undefined) return state;
    // What the other one turned last lies open until the next card is turned.
    const open = state.open.length === 2 ? [] : state.open;
    if (open.includes(move.at)) return state;
    const [first] = open;
    if (first === undefined) return { ...state, open: [move.at] };
    if (state.cards[first]?.pair === card.pair) {
      return { ...state, open: [], taken: { ...state.taken, [card.pair]: player } };
    }
    return { ...state, open: [first, move.at], turn: other(player) };
  },
  standing,
  winner: (state) => {
    const [one, two] = standing(state);
    return (one + two) * 2 < state.cards.length ? undefined : ahead([one, two]);
  },
  sight: ({ cards, open, taken, turn }) => ({
    turn,
    cards: cards.map(({ pair, text }, place) => {
      const of = taken[pair];
      if (of !== undefined) return { text, of };
      return open.includes(place) ? { text } : {};
    }),
  }),
};
