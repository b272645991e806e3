/** The spot interaction: words or stretches are picked out of a text or a grid of letters. QTI 3 counterpart: hottextInteraction. */
export interface SpotItem {
  readonly id: string;
  /** The word the item is about. */
  readonly word: string;
  /** What is picked, as it stands in the text. */
  readonly find: string;
  /** The offsets in the text of its characters, in order; a stretch of running text is a run of them. */
  readonly place: readonly number[];
  readonly reason: string;
}

export interface SpotTask {
  readonly interaction: 'spot';
  /** Running text, or the rows of a letter grid, a line each. */
  readonly text: string;
  readonly layout: 'text' | 'grid';
  readonly items: readonly SpotItem[];
  /** What is picked are letters of words, not whole words. */
  readonly letters?: boolean;
  /** Print what is to be found beside the text. */
  readonly listed: boolean;
}

/** Item id to the offsets that were picked for it; a stretch picked for no item stands under an id of its own. */
export type SpotResponse = Readonly<Record<string, readonly number[]>>;
