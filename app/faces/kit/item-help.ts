import { createContext, useContext } from 'react';
import type { Clue } from '~core/practice/clue';
import type { Span } from '~core/kernel/span';

/** What an item knows beyond its own task: its number where others are hidden, and what helps with it. */
export interface ItemHelp {
  /** Items that stand before the first one that is shown. */
  readonly before: number;
  /** Clues that may be had before an answer, by item. */
  readonly clues: ReadonlyMap<string, Clue>;
  /** Clues that may be had once an item was wrong, by item. */
  readonly after: ReadonlyMap<string, Clue>;
  /** Shows a place of what is read. */
  readonly onPlace?: ((place: Span) => void) | undefined;
}

export const ItemHelpContext = createContext<ItemHelp>({
  before: 0,
  clues: new Map(),
  after: new Map(),
});

export const useItemHelp = () => useContext(ItemHelpContext);
