/** Which capitals of pasted words are the teacher's, and which her program's. */

/** Months and days that are other words without their capital, or might be taken for such. */
const ALWAYS = new Set(['March', 'May', 'August', 'I']);

/**
 * The words whose capital says nothing: a list typed where each line, or its first word, gets one
 * by itself. A capital that stands alone among small letters was meant.
 *
 * @param words words as they were pasted, in order
 * @param lowerOf the word in small letters, where the word bank has it so
 */
export function wordsToLower(
  words: readonly string[],
  lowerOf: (word: string) => string | undefined,
): ReadonlyMap<string, string> {
  const capital = words.filter((word) => /^\p{Lu}/u.test(word));
  const most = capital.length > words.length / 2;
  return new Map(
    words.flatMap((word, at) => {
      const lower = /^\p{Lu}/u.test(word) && !ALWAYS.has(word) ? lowerOf(word) : undefined;
      return lower !== undefined && lower !== word && (most || at === 0) ? [[word, lower]] : [];
    }),
  );
}
