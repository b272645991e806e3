/** Words called one after the other, each once, as for boards that the class fills in. */
import type { Random } from '../kernel/random';

export interface Calling {
  /** All words, in the order in which they are called. */
  readonly order: readonly string[];
  /** How many have been called. */
  readonly called: number;
}

export const newCalling = (words: readonly string[], random: Random): Calling => ({
  order: random.shuffle([...new Set(words)]),
  called: 0,
});

/** The word that is being called; undefined before the first. */
export const calledNow = ({ order, called }: Calling): string | undefined => order[called - 1];

export const callNext = (calling: Calling): Calling => ({
  ...calling,
  called: Math.min(calling.order.length, calling.called + 1),
});

/** The last call is taken back: it was not heard. */
export const callBack = (calling: Calling): Calling => ({
  ...calling,
  called: Math.max(0, calling.called - 1),
});
