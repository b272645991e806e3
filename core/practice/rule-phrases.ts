/**
 * The rules that feedback names, in the learners' languages: by hand for Wordane. They speak of English
 * words and letters, so those stay as they are.
 */
import { learnerTables } from '../learner-phrases';

/** The rules in English; the tables of core/learner-phrases have each under these words. */
export const translatedRules: readonly string[] = [
  'The past ending is written -ed, however it sounds.',
  'After s, x, z, ch and sh the ending is -es.',
  'In some words f becomes v before -es.',
  'This verb has a past form of its own: learn it by heart.',
  'This noun has a plural of its own: learn it by heart.',
  'After one short vowel the consonant is doubled before the ending.',
  'The consonant is doubled only after one short vowel, before an ending with a vowel.',
  'The word has no silent e: the ending follows it as it is.',
  'The silent e goes before an ending that begins with a vowel.',
  'The silent e stays before an ending that begins with a consonant.',
  'After a consonant y becomes i before an ending, but not before -ing.',
  'The y stays after a vowel, and before -ing.',
  'The apostrophe stands where letters are left out, or before the s of whose it is.',
  'Say the word slowly, and write a letter for each sound.',
  'Say the word slowly, and count its sounds.',
  'Say the sounds one after the other, and write each.',
  'Say the sounds one after the other, and look for each.',
  'Look where a capital letter is needed.',
  'Look at the marks: the end mark, the apostrophe.',
  'Look at the end of the word.',
  'Who or what comes first, then what is done.',
  'Say the word, and clap its parts.',
  'Ask each time: what happened before?',
];

export const ruleLanguages = Object.keys(learnerTables);

/** A rule in a learner's language; undefined where it has not been written there. */
export function ruleIn(language: string, rule: string): string | undefined {
  const rules: Readonly<Record<string, string>> | undefined = learnerTables[language]?.rules;
  return rules?.[rule];
}
