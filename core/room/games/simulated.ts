/** What somebody of the simulated class does at a table: nothing that a learner could not do herself. */
import type { Random } from '../../kernel/random';
import type { GameMove } from './rules';
import type { GameView } from './table';

/** How often an answer is judged right, and how often a bid is raised. */
const RIGHT = 0.75;
const RAISES = 0.4;

const anyOf = (places: readonly number[], random: Random): GameMove | undefined => {
  const at = places[Math.floor(random.next() * places.length)];
  return at === undefined ? undefined : { at };
};

/** Her next move; undefined while it is the other's turn, or the game is over. */
export function simulatedMove(view: GameView, random: Random): GameMove | undefined {
  const { you, turn, over, squares, columns = 1, question, cards, path, task, kind, lot } = view;
  if (over !== undefined) return undefined;
  if (view.judges) return { said: random.next() < RIGHT };
  if (turn !== you) return undefined;
  if (view.guesses) return { does: 'pass' };
  if (view.describe) return { said: random.next() < RIGHT };
  if (lot) {
    if (lot.settled) return { does: 'next' };
    return { does: lot.raises && random.next() < RAISES ? 'raise' : 'pass' };
  }
  if (squares && question === undefined) {
    // A piece that falls needs room at the top of its column.
    const free = squares.flatMap((team, at) => (team === null ? [at] : []));
    return anyOf(kind === 'line4' ? free.filter((at) => at < columns) : free, random);
  }
  if (cards) {
    const closed = cards.flatMap(({ text }, at) => (text === undefined ? [at] : []));
    return anyOf(closed, random);
  }
  const throws = (path && path.thrown === undefined) || (['vane', 'dice'].includes(kind) && !task);
  return throws ? { does: 'throw' } : undefined;
}
