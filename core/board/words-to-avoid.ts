/** Words that may not be said while a word is described: the ones by which it would be guessed at once. */

/** Small words that give nothing away. */
const small =
  /^(?:about|after|also|another|because|been|before|being|between|both|does|each|from|have|into|just|like|made|make|makes|many|more|most|much|none|only|other|over|part|people|person|put|somebody|someone|something|somewhere|such|than|that|their|them|then|there|these|they|thing|things|this|those|through|used|very|what|when|where|which|while|with|without|your)$/;

/** How many are forbidden at once. */
export const MOST_AVOIDED = 4;

const stem = (word: string) => word.replace(/(?:ies|es|s|ed|ing|er|y)$/, '');

/**
 * The word itself, and the telling words of what it means.
 *
 * @param definition its meaning in plain words; empty where none is known
 */
export function wordsToAvoid(word: string, definition: string): string[] {
  const telling = (definition.toLowerCase().match(/[\p{L}’'-]{4,}/gu) ?? []).filter(
    (each) => !small.test(each) && stem(each) !== stem(word.toLowerCase()),
  );
  return [word, ...[...new Set(telling)].slice(0, MOST_AVOIDED - 1)];
}
