/**
 * Rule cards: a spelling rule or a phonics pattern on one card, with examples
 * that the class can read, the words that break it, and a picture. Everything
 * but the wording of the rule is found in the lexicon.
 */
import { offerTest } from '../reach/fitness';
import type { ClassProfile } from '../classes/class-profile';
import { basesOf, builtForm, prefixes, shownSuffix } from '../languages/en/forms/built-form';
import { ingUse } from '../languages/en/forms/ing-use';
import type { Inflection } from '../languages/en/forms/inflection';
import { inflect, ruleText, suffixes, type Suffix } from '../languages/en/forms/inflect';
import { irregularBases } from '../languages/en/forms/irregular-verbs';
import { isPatternName, patternTexts, type PatternName } from '../languages/en/sounds/patterns';
import { describePhoneme, showSound } from '../languages/en/sounds/phonemes';
import { showGrapheme } from '../reach/check-word';
import { findWords } from '../search/find-words';
import type { Lexicon, LexiconEntry } from '../languages/en/lexicon/lexicon';
import { grammarCard } from './grammar-card';
import type { RuleCard, RuleLine, RuleTopic } from './card';

export type { RuleCard, RuleExample, RuleLine, RuleTopic } from './card';
import { breaksPattern, patternRules } from '../languages/en/rules/pattern-rules';

/** Examples under one rule, and exceptions on a card. */
const EXAMPLES = 4;
const EXCEPTIONS = 6;
/** Words that make a spelling a line of its own. */
const LEAST_WORDS = 2;
/** Most lines on a card. */
const LINES = 6;
/** Exceptions are words that a class meets: the most frequent ones. */
const FREQUENT = 2500;

/** Words of the class's reach, most frequent first; of any word where it can read too few. */
function reachable(
  query: Parameters<typeof findWords>[1],
  profile: ClassProfile,
  lexicon: Lexicon,
) {
  for (const knows of ['secure', 'stretch', 'any'] as const) {
    const found = findWords(lexicon, { ...query, class: profile, knows });
    if (found.total < 3 && knows !== 'any') continue;
    // What can be pictured stands first: it is the better example.
    const pictured = (word: string) => lexicon.picturesOf(word).length > 0;
    return found.groups.map((group) => {
      const words = group.words.filter(({ entry }) => /^[a-z]{2,}$/.test(entry.word));
      return {
        ...group,
        words: [
          ...words.filter(({ entry }) => pictured(entry.word)),
          ...words.filter(({ entry }) => !pictured(entry.word)),
        ],
      };
    });
  }
  return [];
}

function soundCard(
  sound: string,
  profile: ClassProfile,
  lexicon: Lexicon,
): Omit<RuleCard, 'topic'> {
  const shown = showSound(sound.split(' '));
  // Only words that are mostly said so: no wind for the sound of find.
  const found = reachable({ sound, limit: 40, maxSyllables: 2 }, profile, lexicon).map((group) => ({
    ...group,
    words: group.words.filter(({ entry, reading }) => reading === entry.readings[0]),
  }));
  // A spelling of a single word is no rule: a word that is often met is one to watch out for.
  const groups = found.filter(({ words }) => words.length >= LEAST_WORDS).slice(0, LINES);
  const alone = found
    .filter(({ words }) => words.length < LEAST_WORDS)
    .flatMap(({ words }) => words)
    .filter(({ entry }) => entry.rank < FREQUENT)
    .map(({ entry }) => entry.word);
  const rules = groups.map(({ spelling, words }): RuleLine => {
    const places = words.map(({ reading, matches }) => {
      const at = matches[0] ?? 0;
      return at === 0 ? 'beginning' : at >= reading.units.length - 1 ? 'end' : 'middle';
    });
    const share = (place: string) =>
      places.filter((each) => each === place).length / Math.max(1, places.length);
    const where = (['beginning', 'middle', 'end'] as const).find((place) => share(place) >= 0.75);
    return {
      text: `${showGrapheme(spelling)}${where === undefined ? '' : `, mostly ${where === 'middle' ? 'in' : 'at'} the ${where}`}`,
      examples: words.slice(0, EXAMPLES).map(({ entry }) => ({ word: entry.word })),
    };
  });
  // The same letters saying something else.
  const spellings = groups.map((group) => group.spelling);
  const fit = offerTest(lexicon, profile);
  const exceptions = lexicon.entries
    .slice(0, FREQUENT)
    .filter(
      (entry) =>
        fit(entry) &&
        entry.readings.every((reading) =>
          reading.units.every((unit) => !` ${unit.phonemes.join(' ')} `.includes(` ${sound} `)),
        ) &&
        entry.readings[0].units.some(
          (unit) => unit.grapheme.length > 1 && spellings.includes(unit.grapheme),
        ),
    )
    .map((entry) => entry.word);
  return { title: `Ways to spell ${shown}`, rules, exceptions: [...alone, ...exceptions] };
}

/** The -ing form, or why there is none. */
function ingOf(entry: LexiconEntry, lexicon: Lexicon): Inflection | string {
  if (ingUse(entry, lexicon) !== 'common') return 'is no verb in use';
  return inflect(entry.word, 'ing', { reading: entry.readings[0] });
}

function endingCard(
  suffix: Suffix,
  profile: ClassProfile,
  lexicon: Lexicon,
): Omit<RuleCard, 'topic'> {
  const classes = suffix === 'ing' ? (['verb'] as const) : (basesOf[suffix] ?? []);
  const lines = new Map<string, RuleLine>();
  for (const wordClass of classes) {
    const groups = reachable({ wordClass, limit: 400, maxSyllables: 2 }, profile, lexicon);
    for (const { entry } of groups.flatMap((group) => group.words)) {
      const made =
        suffix === 'ing'
          ? ingOf(entry, lexicon)
          : builtForm({ word: entry.word, entry }, suffix, lexicon);
      if (typeof made === 'string' || made.rule === 'irregular' || made.rule === 'not-counted')
        continue;
      const line = lines.get(made.rule) ?? { text: ruleText(made.rule).learner, examples: [] };
      if (line.examples.length < EXAMPLES) {
        lines.set(made.rule, {
          ...line,
          examples: [...line.examples, { word: made.form, from: entry.word }],
        });
      }
    }
  }
  const irregular =
    suffix === 'ed'
      ? irregularBases
          .filter((base) => (lexicon.find(base)?.rank ?? FREQUENT) < FREQUENT / 4)
          .map((base) => `${base} – ${inflect(base, 'ed', { spelling: profile.spelling }).form}`)
      : lexicon.entries
          .slice(0, FREQUENT)
          .filter(
            (entry) => classes.some((name) => name !== 'verb' || suffix !== 's') && entry.zipf > 4,
          )
          .flatMap((entry) => {
            const made = inflect(entry.word, suffix, { reading: entry.readings[0] });
            return made.rule === 'irregular' ? [`${entry.word} – ${made.form}`] : [];
          });
  const shown = prefixes.has(suffix) ? `${shownSuffix(suffix)}-` : `-${shownSuffix(suffix)}`;
  return {
    title: `Adding ${shown}`,
    rules: [...lines.values()].slice(0, LINES),
    exceptions: irregular,
  };
}

function patternCard(
  pattern: PatternName,
  profile: ClassProfile,
  lexicon: Lexicon,
): Omit<RuleCard, 'topic'> {
  const groups = reachable({ pattern, limit: 60, maxSyllables: 2 }, profile, lexicon);
  const words = groups.flatMap((group) => group.words).map(({ entry }) => entry.word);
  const fit = offerTest(lexicon, profile);
  const name = patternTexts[pattern];
  const exceptions = lexicon.entries
    .slice(0, FREQUENT)
    .filter((entry) => fit(entry) && breaksPattern(entry, pattern))
    .map((entry) => entry.word);
  return {
    title: `${name.charAt(0).toUpperCase()}${name.slice(1)}`,
    rules: [
      {
        text: patternRules[pattern],
        examples: words.slice(0, 2 * EXAMPLES).map((word) => ({ word })),
      },
    ],
    exceptions,
  };
}

/**
 * A card for a class.
 *
 * @throws RangeError where there is no such topic
 */
export function ruleCard(topic: RuleTopic, profile: ClassProfile, lexicon: Lexicon): RuleCard {
  const [kind, name = ''] = topic.split(':');
  const suffix = suffixes.find((each) => each === name);
  const made =
    kind === 'sound'
      ? soundCard(name, profile, lexicon)
      : kind === 'ending' && suffix !== undefined
        ? endingCard(suffix, profile, lexicon)
        : kind === 'pattern' && isPatternName(name)
          ? patternCard(name, profile, lexicon)
          : kind === 'grammar'
            ? grammarCard(name, profile, lexicon)
            : undefined;
  if (made === undefined) {
    throw new RangeError(
      `There is no rule card for ${topic}. Ask for sound:EY, ending:ing, pattern:soft-c or grammar:past simple, or the like.`,
    );
  }
  const exceptions = made.exceptions.filter((word) => !lexicon.isUnfit(word)).slice(0, EXCEPTIONS);
  // The word that a sound is remembered by is the best one to see.
  const key = describePhoneme(name)?.keyWord;
  const examples = (made.onLines === true ? [] : made.rules).flatMap((rule) => rule.examples);
  const shown = [...examples]
    .sort((one, other) => Number(other.word === key) - Number(one.word === key))
    .map(({ word, from }) => ({ word, picture: lexicon.picturesOf(from ?? word)[0] }))
    .find(({ picture }) => picture !== undefined);
  return {
    topic,
    ...made,
    exceptions,
    ...(shown?.picture === undefined ? {} : { picture: shown.picture, pictured: shown.word }),
  };
}
