/** What can be computed of a sentence a learner writes freely: its words, its capital, its end mark. */

export interface SentenceCheck {
  /** Words that must stand in it, in this form. */
  readonly words: readonly string[];
  /** Fewest words it may have. */
  readonly fewest: number;
  /** Most words it may have. */
  readonly most?: number;
  /** True for a longer text: each of its sentences needs a capital and an end mark. */
  readonly text?: boolean;
  /** Each sentence must be whole: a subject, a verb, a complete thought. Checked where grammar is at hand. */
  readonly complete?: boolean;
  /** Structures and word classes that must stand in it, so many of each; checked where grammar is at hand. */
  readonly structures?: readonly { readonly name: string; readonly count: number }[];
}

const wordsIn = (text: string) =>
  text
    .toLowerCase()
    .replaceAll('’', "'")
    .match(/[\p{L}\p{M}]+(?:['-][\p{L}\p{M}]+)*/gu) ?? [];

/** What is still missing, in the learner's words; empty where nothing is. */
export function checkSentence(text: string, check: SentenceCheck): string[] {
  const trimmed = text.trim();
  if (trimmed === '') return [check.text ? 'Write your text.' : 'Write a sentence.'];
  const words = wordsIn(trimmed);
  const missing = check.words.filter((word) => {
    const wanted = wordsIn(word).join(' ');
    return !` ${words.join(' ')} `.includes(` ${wanted} `);
  });
  const capital = /^["“‘'(]*\p{Lu}/u.test(trimmed);
  const end = /[.!?…]["”’')]*$/.test(trimmed);
  return [
    ...missing.map((word) => `Use the word ${word}.`),
    ...(words.length < check.fewest
      ? [
          `Write ${check.fewest} words or more: there ${words.length === 1 ? 'is' : 'are'} ${words.length}.`,
        ]
      : []),
    ...(check.most !== undefined && words.length > check.most
      ? [`Write ${check.most} words at most: there are ${words.length}.`]
      : []),
    ...(capital ? [] : ['Begin with a capital letter.']),
    ...(end ? [] : ['End with a full stop, a question mark or an exclamation mark.']),
  ];
}
