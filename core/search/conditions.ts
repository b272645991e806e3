/**
 * A query as a row of conditions, each with the sentence that explains it: the
 * same row filters the lexicon and answers “why is this word here, or not?”.
 */
import { levelOptions } from '../classes/class-level';
import { ingForm, ingRules, type IngRuleName } from '../languages/en/forms/ing';
import { ingUse } from '../languages/en/forms/ing-use';
import { showGrapheme } from '../reach/check-word';
import { offerTest } from '../reach/fitness';
import { reachTest } from '../reach/reach-table';
import { patternMask, patternTexts } from '../languages/en/sounds/patterns';
import { showSound } from '../languages/en/sounds/phonemes';
import type { Lexicon, LexiconEntry, Reading } from '../languages/en/lexicon/lexicon';
import { possessive } from '../kernel/possessive';
import type { Condition } from './condition';
import { meaningConditions } from './meaning-conditions';
import {
  idsOf,
  joinOf,
  readSpelling,
  saysSound,
  setCondition,
  showSounds,
  soundConditions,
} from './sound-conditions';
import { readExpression } from '../languages/en/words/pattern-language';
import { phonemesIn, rhymeKey, soundIndex } from '../languages/en/words/sound-index';
import { wordClassBits, type WordClassName } from '../languages/en/lexicon/word-class';
import { compoundWords, wordFacts } from '../languages/en/words/word-facts';
import type { Place, StressPlace, WordQuery } from './word-query';

function withoutConditions(query: WordQuery, lexicon: Lexicon): Condition[] {
  const { sounds = [], spellings = [], patterns = [] } = query.without ?? {};
  const conditions: Condition[] = [];
  if (sounds.length > 0) {
    const set = idsOf((each) => sounds.some((sound) => saysSound(each.phonemes, sound)));
    conditions.push(
      setCondition([set], 'none', 'any', `does not have ${showSounds(sounds, ' or ')}`),
    );
  }
  if (spellings.length > 0) {
    const plain = spellings.map(readSpelling);
    const set = idsOf((each) => plain.includes(each.grapheme));
    conditions.push(
      setCondition([set], 'none', 'any', `does not have ${plain.map(showGrapheme).join(' or ')}`),
    );
  }
  if (patterns.length > 0) {
    const facts = wordFacts(lexicon);
    const mask = patternMask(patterns);
    conditions.push({
      asks: `has no ${patterns.map((name) => patternTexts[name]).join(' or ')}`,
      test: (entry) => ((facts.patterns[entry.rank] ?? 0) & mask) === 0,
    });
  }
  return conditions;
}

function patternCondition(query: WordQuery, lexicon: Lexicon): Condition[] {
  const names = [...(query.pattern ? [query.pattern] : []), ...(query.patterns ?? [])];
  if (names.length === 0) return [];
  const match = query.patternMatch ?? 'all';
  const mask = patternMask(names);
  const facts = wordFacts(lexicon);
  const texts = names.map((name) => patternTexts[name]).join(joinOf(match));
  return [
    {
      asks: match === 'none' ? `has no ${texts}` : `has the pattern: ${texts}`,
      test: ({ rank }) => {
        const present = (facts.patterns[rank] ?? 0) & mask;
        if (match === 'all') return present === mask;
        return match === 'any' ? present !== 0 : present === 0;
      },
    },
  ];
}

function stressFits(reading: Reading, place: StressPlace): boolean {
  const { stresses } = reading;
  if (stresses.length < 2) return false;
  const main = stresses.indexOf(1);
  switch (place) {
    case 'first':
      return main === 0;
    case 'second':
      return main === 1;
    case 'last':
      return main === stresses.length - 1;
    case 'not-first':
      return main > 0;
  }
}

/** The top of a level on the internal scale, or undefined for a name that is none. */
export function topOfLevel(value: string): number | undefined {
  const option = Object.values(levelOptions)
    .flat()
    .find((each) => each.value === value);
  return option?.to;
}

const verbsByRule = new WeakMap<Lexicon, Map<LexiconEntry, IngRuleName>>();

/** The verbs of a lexicon with the rule of their -ing form; found once. */
export function ingRulesOf(lexicon: Lexicon): ReadonlyMap<LexiconEntry, IngRuleName> {
  let rules = verbsByRule.get(lexicon);
  if (rules === undefined) {
    rules = new Map();
    for (const entry of lexicon.entries) {
      // Of care, not of cares, though caressing is in use.
      if (lexicon.lemmaOf(entry) !== entry || ingUse(entry, lexicon) !== 'common') continue;
      rules.set(entry, ingForm(entry.word, { reading: entry.readings[0] }).rule);
    }
    verbsByRule.set(lexicon, rules);
  }
  return rules;
}

const schoolLetters: Readonly<Partial<Record<WordClassName, string>>> = {
  noun: 'n',
  verb: 'v',
  adjective: 'a',
  adverb: 'd',
  preposition: 'p',
  conjunction: 'c',
  pronoun: 'o',
  determiner: 't',
  number: 'm',
  auxiliary: 'x',
  interjection: 'i',
};

/** Whether a school meets a word in this class, by the wordbook; undefined for a word that it lacks. */
export function metAs(
  entry: LexiconEntry,
  wordClass: WordClassName,
  lexicon: Lexicon,
): 'first' | 'too' | 'never' | undefined {
  const { schoolClasses } = lexicon.lemmaOf(entry);
  if (schoolClasses === '') return undefined;
  const at = schoolClasses.indexOf(schoolLetters[wordClass] ?? '?');
  return at === 0 ? 'first' : at > 0 ? 'too' : 'never';
}

/** Words of this class, by the wordbook where it has them; else a verb must be met as one (its -ing form is in use). */
function wordClassCondition(query: WordQuery, lexicon: Lexicon): Condition[] {
  const { wordClass } = query;
  if (wordClass === undefined) return [];
  const bit = wordClassBits[wordClass];
  return [
    {
      asks: `is ${/^[aeiou]/.test(wordClass) ? 'an' : 'a'} ${wordClass}`,
      test: (entry) =>
        (entry.kinds & bit) !== 0 &&
        metAs(entry, wordClass, lexicon) !== 'never' &&
        (wordClass !== 'verb' ||
          ingRulesOf(lexicon).has(entry) ||
          /(ed|ing|s)$/.test(entry.word) ||
          entry.zipf > 4.5),
    },
  ];
}

function rhymeCondition(query: WordQuery, lexicon: Lexicon): Condition[] {
  if (query.rhymesWith === undefined || query.rhymesWith.trim() === '') return [];
  const model = lexicon.find(query.rhymesWith);
  const keys = new Set(model?.readings.map(rhymeKey));
  const index = soundIndex(lexicon);
  const rhymes = new Set([...keys].flatMap((key) => [...index.withRhyme(key)]));
  if (model) for (const same of [model, ...index.homophones(model)]) rhymes.delete(same);
  return [
    {
      asks: `rhymes with ${query.rhymesWith.trim()}`,
      test: (entry, reading) => rhymes.has(entry) && keys.has(rhymeKey(reading)),
    },
  ];
}

function lettersConditions(query: WordQuery): Condition[] {
  const start = query.beginsWith?.trim().toLowerCase() ?? '';
  const end = query.endsWith?.trim().toLowerCase() ?? '';
  const conditions: Condition[] = [];
  if (start !== '') {
    conditions.push({
      asks: `begins with ${start}`,
      test: ({ word }) => word.toLowerCase().startsWith(start),
    });
  }
  if (end !== '') {
    conditions.push({
      asks: `ends with ${end}`,
      test: ({ word }) => word.toLowerCase().endsWith(end),
    });
  }
  return conditions;
}

/** Every condition of a query, the cheapest first, the class's reach last. */
export function conditionsOf(query: WordQuery, lexicon: Lexicon): Condition[] {
  const conditions: Condition[] = [...lettersConditions(query)];
  const { minSyllables, maxSyllables, stress, topic, level, minimalPair, ingRule } = query;
  if (minSyllables !== undefined || maxSyllables !== undefined) {
    const least = minSyllables ?? 1;
    const most = maxSyllables ?? 99;
    const count =
      least === most ? `${least}` : most >= 99 ? `${least} or more` : `${least} to ${most}`;
    conditions.push({
      asks: `has ${count} ${count === '1' ? 'syllable' : 'syllables'}`,
      test: (_, { syllables }) => syllables.length >= least && syllables.length <= most,
    });
  }
  conditions.push(...patternCondition(query, lexicon));
  if (topic !== undefined && topic !== '') {
    const words = lexicon.topicWords(topic);
    conditions.push({ asks: `is about ${topic}`, test: ({ word }) => words.has(word) });
  }
  if (query.pictured === true) {
    const pictured = lexicon.pictured;
    conditions.push({ asks: 'can be pictured', test: ({ word }) => pictured.has(word) });
  }
  if (level !== undefined && level !== '') {
    const top = topOfLevel(level) ?? 99;
    conditions.push({
      asks: `is within ${level} (an estimate)`,
      test: (entry) => entry.level <= top,
    });
  }
  conditions.push(...wordClassCondition(query, lexicon), ...soundConditions(query));
  conditions.push(...meaningConditions(query, lexicon));
  conditions.push(...withoutConditions(query, lexicon));
  if (stress !== undefined) {
    conditions.push({
      asks: `has its stress on the ${stress === 'not-first' ? 'second syllable or later' : `${stress} syllable`}`,
      test: (_, reading) => stressFits(reading, stress),
    });
  }
  conditions.push(...rhymeCondition(query, lexicon));
  if (query.expression !== undefined && query.expression.trim() !== '') {
    const fits = readExpression(query.expression);
    conditions.push({
      asks: `fits the pattern ${query.expression.trim()}`,
      test: (_, reading) => fits(reading),
    });
  }
  if (ingRule !== undefined) {
    const rules = ingRulesOf(lexicon);
    conditions.push({
      asks: `takes -ing by the rule: ${ingRules[ingRule].name}`,
      test: (entry) => rules.get(entry) === ingRule,
    });
  }
  if (query.compound === true) {
    const words = compoundWords(lexicon);
    conditions.push({ asks: 'is made of two words', test: ({ word }) => words.has(word) });
  }
  if (minimalPair !== undefined) conditions.push(minimalPairCondition(minimalPair, query, lexicon));
  if (query.except !== undefined && query.except.length > 0) {
    const except = new Set(query.except.map((word) => word.toLowerCase()));
    conditions.push({
      asks: 'is not in the list yet',
      test: ({ word }) => !except.has(word.toLowerCase()),
    });
  }
  if (query.class) {
    const { spelling, name } = query.class;
    conditions.push({
      asks: `is a ${spelling === 'uk' ? 'British' : 'American'} spelling and may be offered to ${name}`,
      test: offerTest(lexicon, query.class),
    });
  }
  if (query.class && query.knows !== undefined && query.knows !== 'any') {
    const reach = reachTest(lexicon, query.class);
    const { knows } = query;
    conditions.push({
      asks:
        knows === 'secure'
          ? `is within ${possessive(query.class.name)} reach`
          : `is within ${possessive(query.class.name)} reach or just ahead`,
      isReach: true,
      test: (entry) => {
        const here = reach(entry);
        return here === 'secure' || (knows === 'stretch' && here === 'stretch');
      },
    });
  }
  return conditions;
}

const atPlace = (index: number, last: number, place: Place) =>
  place === 'any' ||
  (place === 'start' && index === 0) ||
  (place === 'end' && index === last) ||
  (place === 'middle' && index > 0 && index < last);

function minimalPairCondition(
  pair: readonly [string, string],
  query: WordQuery,
  lexicon: Lexicon,
): Condition {
  const where = { any: '', start: ' at its start', middle: ' in its middle', end: ' at its end' };
  return {
    asks: `becomes another word when ${showSound(pair[0].split(' '))} is changed to ${showSound(pair[1].split(' '))}${where[query.place ?? 'any']}`,
    test: (entry) => pairPartners(entry, query, lexicon).length > 0,
  };
}

/** The other word of a pair must be one the class may be offered, within the query's level and reach too. */
function partnerTest(query: WordQuery, lexicon: Lexicon): (entry: LexiconEntry) => boolean {
  const top = query.level === undefined ? 99 : (topOfLevel(query.level) ?? 99);
  const limited = query.class && query.knows && query.knows !== 'any' ? query.class : undefined;
  const reach = limited ? reachTest(lexicon, limited) : undefined;
  const offered = query.class ? offerTest(lexicon, query.class) : () => true;
  return (entry) =>
    !entry.word.includes("'") &&
    entry.level <= top &&
    offered(entry) &&
    (reach === undefined || reach(entry) !== 'beyond');
}

const partnerTests = new WeakMap<WordQuery, (entry: LexiconEntry) => boolean>();

/** The words a word becomes by the query's change of sound, in its place; the easiest first. Contractions are none. */
export function pairPartners(
  entry: LexiconEntry,
  query: WordQuery,
  lexicon: Lexicon,
): LexiconEntry[] {
  if (query.minimalPair === undefined || entry.word.includes("'")) return [];
  const [from, to] = query.minimalPair;
  const fits = partnerTests.get(query) ?? partnerTest(query, lexicon);
  partnerTests.set(query, fits);
  const { place = 'any' } = query;
  const own = phonemesIn(entry.readings[0].units);
  const inPlace = (partner: LexiconEntry) =>
    place === 'any' ||
    partner.readings.some((reading) => {
      const other = phonemesIn(reading.units);
      const index = own.findIndex((phoneme, at) => phoneme !== other[at]);
      return other.length === own.length && atPlace(index, own.length - 1, place);
    });
  const partners = soundIndex(lexicon).pairsOf(from, to).get(entry) ?? [];
  return partners
    .filter((each) => fits(each) && inPlace(each))
    .sort((left, right) => left.level - right.level || left.rank - right.rank);
}
