/** Which rule card goes with an exercise: that of its ending, its structure, its sound or its pattern. */
import { grammarRuleNames } from '../languages/en/rules/grammar-rules';
import { suffixes } from '../languages/en/forms/inflect';
import { isPatternName } from '../languages/en/sounds/patterns';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import { aimOf } from '../lists/aim-of';
import type { RuleTopic } from '../rule-cards/card';
import { makerInfo, parametersOf } from './catalogue';

/** Exercises whose rule is known from what they are. */
const ofMaker: Readonly<Record<string, RuleTopic>> = {
  'build-ing': 'ending:ing',
  'reported-speech': 'grammar:reported speech',
  'relative-clauses': 'grammar:relative clause',
  'used-to': 'grammar:used to',
  'question-tags': 'grammar:question tag',
  'place-and-time': 'grammar:prepositions of place and time',
  'how-much-how-many': 'grammar:some and any, much and many',
};

const hasSoftC = (word: string) => /c[eiy]/i.test(word);

/** The name of a structure's card: “second” of conditional halves is the second conditional. */
function structureCard(chosen: string): RuleTopic | undefined {
  const name = [chosen, `${chosen} conditional`, `${chosen} clause`].find((each) =>
    grammarRuleNames.includes(each),
  );
  return name === undefined ? undefined : `grammar:${name}`;
}

/** The card's topic; undefined where no card says what this exercise is about. */
export function ruleTopicOf(
  {
    maker,
    parameters,
    words,
  }: {
    readonly maker: string;
    readonly parameters: Readonly<Record<string, unknown>>;
    readonly words: readonly string[];
  },
  lexicon: Lexicon,
): RuleTopic | undefined {
  const chosen = (name: string): string | undefined => {
    const declared = parametersOf(makerInfo(maker))[name];
    if (declared === undefined) return undefined;
    const value = parameters[name] ?? ('usual' in declared ? declared.usual : undefined);
    return typeof value === 'string' ? value : undefined;
  };
  const structure = chosen('grammar');
  const ofStructure = structure === undefined ? undefined : structureCard(structure);
  if (ofStructure !== undefined) return ofStructure;
  if (maker === 'sort-hard-soft') return `pattern:soft-${words.some(hasSoftC) ? 'c' : 'g'}`;
  const known = ofMaker[maker];
  if (known !== undefined) return known;
  const suffix = suffixes.find((each) => each === chosen('suffix'));
  if (suffix !== undefined) return `ending:${suffix}`;
  const own = chosen('sound');
  const { sound = own, patterns: [pattern] = [] } = aimOf(words, lexicon);
  if (sound !== undefined) return `sound:${sound.replace(/\d/g, '')}`;
  return pattern !== undefined && isPatternName(pattern) ? `pattern:${pattern}` : undefined;
}
