/** The order interaction: pieces are put in order. QTI 3 counterpart: orderInteraction. */
export interface OrderItem {
  readonly id: string;
  readonly word: string;
  /** The pieces as they are shown. */
  readonly pieces: readonly string[];
  /** The pieces in their right order. */
  readonly key: readonly string[];
  /** What stands beside them: a picture's name, or a hint in words. */
  readonly picture?: string;
  readonly reason: string;
}

export interface OrderTask {
  readonly interaction: 'order';
  readonly items: readonly OrderItem[];
  /** The pieces are whole sentences, one under another, to be numbered. */
  readonly list?: boolean;
  /** The pieces are the words of a sentence: it is written on a line of its own. */
  readonly sentence?: boolean;
}

/** Item id to the pieces in the order they were put. */
export type OrderResponse = Readonly<Record<string, readonly string[]>>;
