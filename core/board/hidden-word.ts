/** A word under covers: each right answer opens a letter, until somebody says the word. */
import type { Random } from '../kernel/random';

export interface HiddenWord {
  readonly word: string;
  /** Places of letters in the order in which they open. */
  readonly order: readonly number[];
  /** So many are open. */
  readonly open: number;
}

const isLetter = (sign: string) => /[\p{L}\p{M}]/u.test(sign);

/** Words long enough to be looked for. */
export const canHide = (word: string): boolean => /^\p{L}[\p{L}'’ -]{2,15}$/u.test(word);

/** A word to be found; what is no letter is open from the beginning, the first letter opens last. */
export function hideWord(word: string, random: Random): HiddenWord {
  const places = [...word].map((_, at) => at).filter((at) => isLetter([...word][at] ?? ''));
  const [first, ...rest] = places;
  return {
    word,
    order: [...random.shuffle(rest), ...(first === undefined ? [] : [first])],
    open: 0,
  };
}

/** Opens one letter more, or all. */
export const uncover = (hidden: HiddenWord, all = false): HiddenWord => ({
  ...hidden,
  open: all ? hidden.order.length : Math.min(hidden.order.length, hidden.open + 1),
});

export const isFound = ({ order, open }: HiddenWord) => open >= order.length;

/** The letters in their places; a covered one is undefined. */
export function lettersOf({ word, order, open }: HiddenWord): readonly (string | undefined)[] {
  const covered = new Set(order.slice(open));
  return [...word].map((sign, at) => (covered.has(at) ? undefined : sign));
}
