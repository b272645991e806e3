/** Sentences under the hammer: the two bid in turn for what they take to be right. */
import {
  BID,
  bidBy,
  canBePutUp,
  hasAuction,
  lotNow,
  newAuction,
  nextLot,
  settle,
  type Auction,
} from '../../board/auction';
import type { Team } from '../../board/line-game';
import { ahead, other, type GameRules } from './rules';

export interface AuctionTable {
  readonly auction: Auction;
  /** Whose bid it is; once the hammer has fallen, who began. */
  readonly turn: Team;
  /** The other has passed, and nobody has bid. */
  readonly passed: boolean;
}

/** Sentences of one game. */
const MOST_LOTS = 8;

const isOver = ({ auction }: AuctionTable) => lotNow(auction) === undefined;

export const auction: GameRules<AuctionTable> = {
  name: 'Auction of sentences',
  how: `Is the sentence right? They bid by ${BID} coins in turn, and win or lose what they bid.`,
  counts: 'coins',
  canPlay: ({ items }) => hasAuction(items),
  begin: ({ items }, random) => {
    const up = random.shuffle(items.filter(canBePutUp)).slice(0, MOST_LOTS);
    return { auction: newAuction(up, random), turn: 0, passed: false };
  },
  move: (state, player, move) => {
    const { auction: now, turn, passed } = state;
    if (isOver(state) || !('does' in move)) return state;
    if (now.settled) {
      // Either may go on; whoever did not begin before begins now.
      if (move.does !== 'next') return state;
      const next = nextLot(now);
      return { auction: next, turn: next.at % 2 === 0 ? 0 : 1, passed: false };
    }
    if (player !== turn) return state;
    if (move.does === 'raise') {
      const raised = bidBy(now, player);
      return raised === now ? state : { auction: raised, turn: other(turn), passed: false };
    }
    if (move.does !== 'pass') return state;
    return now.bid || passed
      ? { ...state, auction: settle(now) }
      : { ...state, turn: other(turn), passed: true };
  },
  standing: ({ auction: { purses } }) => purses,
  winner: (state) => (isOver(state) ? ahead(state.auction.purses) : undefined),
  sight: (state, you) => {
    const { auction: now, turn } = state;
    const lot = lotNow(now);
    if (!lot) return { turn };
    const { bid, settled, at, lots } = now;
    return {
      turn,
      lot: {
        sentence: lot.sentence,
        number: at + 1,
        of: lots.length,
        ...(bid ? { bid } : {}),
        ...(settled ? { settled: { right: lot.right, says: lot.says } } : {}),
        ...(!settled && you === turn && bidBy(now, you) !== now ? { raises: true as const } : {}),
      },
    };
  },
};
