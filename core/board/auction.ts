/** An auction of sentences: teams bid for what they take to be right, and win or lose what they bid. */
import type { Random } from '../kernel/random';
import type { BoardItem } from './board-item';

/** What each team begins with, and by how much a bid goes up. */
export const PURSE = 100;
export const BID = 10;

export interface Lot {
  /** Id of the item that it comes from. */
  readonly item: string;
  readonly sentence: string;
  readonly right: boolean;
  /** Why, or what would be right. */
  readonly says: string;
}

export interface Auction {
  readonly lots: readonly Lot[];
  readonly at: number;
  readonly purses: readonly [number, number];
  /** Who has bid last, and how much. */
  readonly bid?: { readonly team: 0 | 1; readonly coins: number };
  /** The lot is settled: what became of it is shown. */
  readonly settled: boolean;
}

/** A blank in a question, as the board shows it. */
const BLANK = /_{2,}/;

/** An item that can be put up: a sentence with a blank, and an answer known to be wrong. */
export const canBePutUp = ({ question, wrong = [] }: BoardItem) =>
  BLANK.test(question) && wrong.length > 0;

/** Whether there are enough sentences of a part for an auction. */
export const FEWEST_LOTS = 4;
export const hasAuction = (items: readonly BoardItem[]): boolean =>
  items.filter(canBePutUp).length >= FEWEST_LOTS;

/** A dash for an answer means that nothing stands there: Lake Victoria has no article. */
const filled = (question: string, answer: string) => {
  // A mark is put where it belongs, not its name: full stop (.).
  const mark = /\((\p{P})\)$/u.exec(answer)?.[1];
  if (mark !== undefined) return question.replace(/\s*_{2,}/, mark);
  return answer === '–' ? question.replace(/_{2,}\s*/, '') : question.replace(BLANK, answer);
};

/** Half of the sentences are right, half have a wrong answer that the exercise names as one. */
export function newAuction(items: readonly BoardItem[], random: Random): Auction {
  const up = random.shuffle(items.filter(canBePutUp));
  const lots = up.map((item, index): Lot => {
    const right = index % 2 === 0;
    const answer = right ? item.answer : (random.shuffle(item.wrong ?? [])[0] ?? item.answer);
    return {
      item: item.id,
      sentence: filled(item.question, answer),
      right,
      says: right ? item.reason : `Right is: ${filled(item.question, item.answer)}`,
    };
  });
  return { lots: random.shuffle(lots), at: 0, purses: [PURSE, PURSE], settled: false };
}

export const lotNow = ({ lots, at }: Auction): Lot | undefined => lots[at];

/** A team bids more than the last bid, as far as its purse goes; else nothing happens. */
export function bidBy(auction: Auction, team: 0 | 1): Auction {
  const coins = (auction.bid?.coins ?? 0) + BID;
  if (auction.settled || coins > auction.purses[team] || auction.bid?.team === team) return auction;
  return { ...auction, bid: { team, coins } };
}

/** The hammer falls: whoever has bid wins as much for a right sentence, and loses it for a wrong one. */
export function settle(auction: Auction): Auction {
  const lot = lotNow(auction);
  if (lot === undefined || auction.settled) return auction;
  const { bid, purses } = auction;
  if (bid === undefined) return { ...auction, settled: true };
  const change = lot.right ? bid.coins : -bid.coins;
  const [left, right] = purses;
  return {
    ...auction,
    purses: bid.team === 0 ? [left + change, right] : [left, right + change],
    settled: true,
  };
}

export const nextLot = ({ bid: _bid, ...auction }: Auction): Auction => ({
  ...auction,
  at: Math.min(auction.lots.length, auction.at + 1),
  settled: false,
});
