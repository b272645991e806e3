/** Pairs to find: questions and answers lie face down, and who turns two that belong together keeps them. */
import type { Random } from '../kernel/random';
import type { BoardItem } from './board-item';
import type { Team } from './line-game';

export interface PairsGame {
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

export const hasPairs = (items: readonly BoardItem[]): boolean =>
  pairable(items).length >= FEWEST_PAIRS;

export function newPairs(items: readonly BoardItem[], random: Random, first: Team = 0): PairsGame {
  const used = random.shuffle(pairable(items)).slice(0, MOST_PAIRS);
  const cards = used.flatMap(({ question, answer }, pair) => [
    { pair, text: question },
    { pair, text: answer },
  ]);
  return { cards: random.shuffle(cards), open: [], taken: {}, turn: first };
}

/** The card at a place is turned by the team in turn; one that is open or taken is not. */
export function turnCard(game: PairsGame, at: number): PairsGame {
  const { cards, taken, turn } = game;
  const card = cards[at];
  if (card === undefined || taken[card.pair] !== undefined) return game;
  // What the other one turned last lies open until the next card is turned.
  const open = game.open.length === 2 ? [] : game.open;
  if (open.includes(at)) return game;
  const [first] = open;
  if (first === undefined) return { ...game, open: [at] };
  if (cards[first]?.pair === card.pair) {
    return { ...game, open: [], taken: { ...taken, [card.pair]: turn } };
  }
  return { ...game, open: [first, at], turn: turn === 0 ? 1 : 0 };
}

/** Pairs of each. */
export function pairsOfEach({ taken }: PairsGame): readonly [number, number] {
  const owners = Object.values(taken);
  return [owners.filter((team) => team === 0).length, owners.filter((team) => team === 1).length];
}

/** All pairs are found. */
export const isCleared = ({ taken, cards }: PairsGame): boolean =>
  Object.keys(taken).length * 2 === cards.length;
