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
  /** The pieces are things in a row, as numbers are: written with commas. */
  readonly row?: boolean;
}

/** The pieces as they are written down: letters close up, words with spaces, a row with commas. */
export const writtenOut = (
  pieces: readonly string[],
  { list, sentence, row }: Pick<OrderTask, 'list' | 'sentence' | 'row'>,
): string => pieces.join(row ? ', ' : sentence || list ? ' ' : '');

/** Item id to the pieces in the order they were put. */
export type OrderResponse = Readonly<Record<string, readonly string[]>>;
