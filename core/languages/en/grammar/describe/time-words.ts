/**
 * Words of time that go with some tenses and not with others (common practice of
 * grammars for learners): they settle which of two forms a gap takes. Only those
 * that settle it in every variety of English are here: with already, just and yet
 * American English takes the past simple too.
 */

/** A time expression, and the tenses it goes with. */
const rules: readonly (readonly [pattern: RegExp, tenses: readonly string[]])[] = [
  [
    /\b(?:yesterday|(?:\w+|a few|many) (?:minutes?|hours?|days?|weeks?|months?|years?) ago|last (?:night|week|month|year|spring|summer|autumn|fall|winter|\w+day)|in (?:1[0-9]|20)\d\d)\b/i,
    ['past simple', 'past continuous'],
  ],
  [
    /\b(?:since (?:\w+)|so far|up to now|in all (?:my|her|his|our|their) life|this is the (?:first|second|third) time)\b/i,
    ['present perfect', 'present perfect continuous'],
  ],
  [
    /\b(?:every (?:day|morning|afternoon|evening|night|week|month|year|spring|summer|autumn|fall|winter|\w+day)|on (?:\w+)days|(?:once|twice|three times) a (?:day|week|month|year)|usually|often|always)\b/i,
    ['present simple'],
  ],
  [/\b(?:at the moment|right now|at present)\b|^(?:look|listen)!/i, ['present continuous']],
  [/\b(?:tomorrow|next (?:week|month|year|\w+day))\b/i, ['future will', 'future going-to']],
];

/** The words of a sentence that go with the one tense and not with the other; undefined where none decide. */
export function decidingTime(text: string, tense: string, other: string): string | undefined {
  for (const [pattern, tenses] of rules) {
    const found = pattern.exec(text);
    if (found && tenses.includes(tense) && !tenses.includes(other)) return found[0];
  }
  return undefined;
}
