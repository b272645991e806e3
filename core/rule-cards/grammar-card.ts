/** The card of a structure: form, use, examples in the class's reach, a time line, typical mistakes. */
import type { ClassProfile } from '../classes/class-profile';
import { tenseFeatures } from '../languages/en/grammar/transform/form-change';
import { transformSentence } from '../languages/en/grammar/transform/transform';
import { bankSentence } from '../languages/en/grammar/frames/bank-sentence';
import { bankClauses, bankConditions } from '../languages/en/grammar/frames/clause-bank';
import {
  conditionalSentence,
  conditionalTypes,
  type ConditionalType,
} from '../languages/en/grammar/frames/conditional-sentence';
import { checkWord } from '../reach/check-word';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import { grammarRules } from '../languages/en/rules/grammar-rules';
import type { RuleCard } from './card';

const EXAMPLES = 3;

/** Words of a sentence past the class; fewest first is closest to its reach. */
const past = (text: string, profile: ClassProfile, lexicon: Lexicon) =>
  (text.match(/[\p{L}’']+/gu) ?? []).filter(
    (word) => checkWord(word, lexicon.find(word.toLowerCase()), profile).reach !== 'secure',
  ).length;

function examplesOf(name: string, { spelling }: ClassProfile, lexicon: Lexicon): string[] {
  const forms = { lexicon, spelling };
  const type = name.replace(/ conditional$/, '') as ConditionalType;
  if (conditionalTypes.includes(type)) {
    return bankConditions.map((pair) => conditionalSentence(pair, type, forms).text);
  }
  if (name === 'passive') {
    return bankClauses.flatMap((clause) => {
      const sentence = bankSentence(clause, { past: true }, forms).text;
      return transformSentence({ sentence, to: 'passive', spelling }, lexicon).result ?? [];
    });
  }
  return bankClauses.map((clause) => bankSentence(clause, tenseFeatures(name), forms).text);
}

/** The card, or undefined where there is no such structure. */
export function grammarCard(
  name: string,
  profile: ClassProfile,
  lexicon: Lexicon,
): Omit<RuleCard, 'topic'> | undefined {
  const rule = grammarRules[name];
  if (rule === undefined) return undefined;
  const examples = [...(rule.examples ?? examplesOf(name, profile, lexicon))]
    .sort((left, right) => past(left, profile, lexicon) - past(right, profile, lexicon))
    .slice(0, EXAMPLES);
  return {
    title: name.charAt(0).toUpperCase() + name.slice(1),
    rules: [
      { text: `Form: ${rule.form}`, examples: [] },
      { text: `Use: ${rule.use}`, examples: examples.map((word) => ({ word })) },
    ],
    exceptions: rule.mistakes.map(([wrong, right]) => `${wrong} → ${right}`),
    exceptionsTitle: 'Watch out! Wrong → right:',
    onLines: true,
    ...(rule.timeLine ? { timeLine: rule.timeLine } : {}),
  };
}
