/** Japanese adjectives: those in い change themselves, those in な take the copula (school grammars, from memory). */

export const adjectiveFormNames = {
  beforeNoun: 'before a noun',
  negative: 'negative',
  past: 'past',
  pastNegative: 'past negative',
  te: 'te-form',
  adverb: 'adverb',
} as const;
export type AdjectiveFormName = keyof typeof adjectiveFormNames;

/** Each form, the preferred first, then what is said as well. */
export type AdjectiveForms = Readonly<Record<AdjectiveFormName, readonly string[]>>;

export type AdjectiveClass = 'i' | 'na';

export const adjectiveRules: Readonly<Record<AdjectiveClass, string>> = {
  i: 'い-adjective: い becomes く, くない, かった',
  na: 'な-adjective: な before a noun, else with だ, じゃない, だった',
};

export interface JapaneseAdjective {
  readonly written: string;
  readonly reading: string;
  readonly adjectiveClass: AdjectiveClass;
  readonly meaning: string;
}

/** いい is よ- in all forms but before a noun. */
const stemOf = (word: string) =>
  /(?:^|[のと番])いい$/.test(word) ? word.replace(/いい$/, 'よ') : word.slice(0, -1);

function formsOfI(word: string): AdjectiveForms {
  const stem = stemOf(word);
  return {
    beforeNoun: [word],
    negative: [`${stem}くない`, `${stem}くありません`],
    past: [`${stem}かった`],
    pastNegative: [`${stem}くなかった`, `${stem}くありませんでした`],
    te: [`${stem}くて`],
    adverb: [`${stem}く`],
  };
}

const formsOfNa = (word: string): AdjectiveForms => ({
  beforeNoun: [`${word}な`],
  negative: [
    `${word}じゃない`,
    `${word}ではない`,
    `${word}じゃありません`,
    `${word}ではありません`,
  ],
  past: [`${word}だった`, `${word}でした`],
  pastNegative: [`${word}じゃなかった`, `${word}ではなかった`],
  te: [`${word}で`],
  adverb: [`${word}に`],
});

/** The forms of an adjective as it is given, in kana or with its kanji. */
export const adjectiveForms = (word: string, adjectiveClass: AdjectiveClass): AdjectiveForms =>
  adjectiveClass === 'i' ? formsOfI(word) : formsOfNa(word);

/** Adjectives by how they are written and how they are read; of one word the meanings together. */
export function japaneseAdjectives(
  rows: readonly (readonly string[])[],
): ReadonlyMap<string, JapaneseAdjective> {
  const found = new Map<string, JapaneseAdjective>();
  for (const [written = '', reading = '', kind = '', meaning = ''] of rows) {
    if (kind !== 'i' && kind !== 'na') continue;
    const before = found.get(written);
    const meanings = before ? `${before.meaning}, ${meaning}` : meaning;
    const adjective = { written, reading, adjectiveClass: kind, meaning: meanings } as const;
    found.set(written, adjective);
    if (reading === written || !found.has(reading)) found.set(reading, adjective);
  }
  return found;
}
