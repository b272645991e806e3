/**
 * A sentence with slots, each filled with one of the words that fit it. What is filled so far is
 * the sentence itself, with a blank for each slot that is still open.
 */

export interface FrameChoice {
  readonly word: string;
  readonly picture?: string;
}

/** Text as it stands, or a slot with what fits it. */
export type FramePart = string | readonly FrameChoice[];
export type SentenceFrame = readonly FramePart[];

/** Stands for a slot that is still open. */
export const BLANK = '____';

const isSlot = (part: FramePart): part is readonly FrameChoice[] => typeof part !== 'string';

export const slotsOf = (frame: SentenceFrame): (readonly FrameChoice[])[] => frame.filter(isSlot);

const upperFirst = (text: string) => text.charAt(0).toLocaleUpperCase() + text.slice(1);

/** The sentence with these words in its slots, a capital first; a blank where none is given. */
export function filled(frame: SentenceFrame, words: readonly (string | undefined)[]): string {
  let slot = -1;
  const parts = frame.map((part) => {
    if (!isSlot(part)) return part;
    slot += 1;
    return words[slot] ?? BLANK;
  });
  return upperFirst(parts.join(''));
}

const folded = (text: string) =>
  text.trim().replace(/\s+/g, ' ').replaceAll('’', "'").toLowerCase();

/**
 * The words in the slots of a sentence, undefined for a blank; undefined where the sentence is none
 * of the frame's. Capitals and more than one blank between words make no difference.
 */
export function wordsIn(frame: SentenceFrame, text: string): (string | undefined)[] | undefined {
  const given = folded(text);
  const parts = frame.map((part) =>
    isSlot(part) ? part : part.replaceAll('’', "'").toLowerCase(),
  );
  const follow = (at: number, from: number): (string | undefined)[] | undefined => {
    const part = parts[at];
    if (part === undefined) return given.slice(from).trim() === '' ? [] : undefined;
    if (!isSlot(part)) {
      // What stands first or last is trimmed with the sentence.
      const plain = at === 0 ? part.trimStart() : at === parts.length - 1 ? part.trimEnd() : part;
      return given.startsWith(plain, from) ? follow(at + 1, from + plain.length) : undefined;
    }
    // The longest first, so that “rain coat” is not taken for “rain”.
    const fits = [...part.map(({ word }) => word), undefined].sort(
      (one, other) => (other ?? BLANK).length - (one ?? BLANK).length,
    );
    for (const word of fits) {
      const shown = folded(word ?? BLANK);
      if (!given.startsWith(shown, from)) continue;
      const rest = follow(at + 1, from + shown.length);
      if (rest) return [word, ...rest];
    }
    return undefined;
  };
  return follow(0, 0);
}

/** True where a sentence is the frame with every slot filled by what fits. */
export const isFilled = (frame: SentenceFrame, text: string): boolean =>
  wordsIn(frame, text)?.every((word) => word !== undefined) ?? false;

/** The words so far: none where nothing was written, or something else. */
export const wordsSoFar = (frame: SentenceFrame, text: string): (string | undefined)[] =>
  wordsIn(frame, text) ?? slotsOf(frame).map(() => undefined);

/** The slot that is filled next; undefined where none is open. */
export function nextSlot(frame: SentenceFrame, text: string): number | undefined {
  const at = wordsSoFar(frame, text).indexOf(undefined);
  return at < 0 ? undefined : at;
}

/** The sentence with its next slot filled. */
export function withWord(frame: SentenceFrame, text: string, word: string): string {
  const words = wordsSoFar(frame, text);
  const at = words.indexOf(undefined);
  return at < 0 ? text : filled(frame, words.with(at, word));
}

/** The sentence with the last word taken back. */
export function withoutWord(frame: SentenceFrame, text: string): string {
  const words = wordsSoFar(frame, text);
  const at = words.findLastIndex((word) => word !== undefined);
  return at < 0 ? '' : filled(frame, words.with(at, undefined));
}
