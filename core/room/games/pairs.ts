/** Pairs to find, for two. */
import {
  hasPairs,
  isCleared,
  newPairs,
  pairsOfEach,
  turnCard,
  type PairsGame,
} from '../../board/pairs-game';
import { ahead, type GameRules } from './rules';

export const pairs: GameRules<PairsGame> = {
  name: 'Find the pairs',
  how: 'Questions and answers lie face down. Who turns two that belong together keeps them, and goes on.',
  counts: 'pairs',
  canPlay: ({ items }) => hasPairs(items),
  begin: ({ items }, random) => newPairs(items, random),
  move: (state, player, move) =>
    'at' in move && player === state.turn ? turnCard(state, move.at) : state,
  standing: pairsOfEach,
  winner: (state) => (isCleared(state) ? ahead(pairsOfEach(state)) : undefined),
  sight: ({ cards, open, taken, turn }) => ({
    turn,
    cards: cards.map(({ pair, text }, place) => {
      const of = taken[pair];
      if (of !== undefined) return { text, of };
      return open.includes(place) ? { text } : {};
    }),
  }),
};
