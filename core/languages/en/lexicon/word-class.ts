/** Word classes (parts of speech), kept as bits so that a word can have several. */

export const wordClassBits = {
  noun: 1,
  verb: 2,
  adjective: 4,
  adverb: 8,
  pronoun: 16,
  determiner: 32,
  preposition: 64,
  conjunction: 128,
  auxiliary: 256,
  interjection: 512,
  number: 1024,
} as const;

export type WordClassName = keyof typeof wordClassBits;
export const wordClassNames = Object.keys(wordClassBits) as WordClassName[];

/** The classes whose bits are set, the open classes first. */
export function wordClassesOf(mask: number): WordClassName[] {
  return wordClassNames.filter((name) => (mask & wordClassBits[name]) !== 0);
}
