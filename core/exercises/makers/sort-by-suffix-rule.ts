import { inflect, ruleText, type Suffix } from '../../languages/en/forms/inflect';
import { wordClassBits } from '../../languages/en/lexicon/word-class';
import type { ExerciseParameters } from '../making/exercise';
import { whyNoVerb } from '../../languages/en/words/verb-in-use';
import { sortMaker } from '../making/sort-maker';
import { shownSuffix } from '../../languages/en/forms/built-form';
import { choice, read } from '../making/parameters';

/** Endings whose rules differ by the base word, with the class of word that takes them. */
const sortable: Partial<Record<Suffix, 'verb' | 'adjective'>> = {
  ing: 'verb',
  ed: 'verb',
  s: 'verb',
  er: 'adjective',
  est: 'adjective',
};

const declared = {
  suffix: choice(
    'Ending',
    [
      ['ing', '-ing'],
      ['ed', '-ed'],
      ['s', '-s and -es'],
      ['er', '-er (more)'],
      ['est', '-est'],
    ],
    'ing',
  ),
};

const suffixOf = (parameters: ExerciseParameters): Suffix => read(declared, parameters).suffix;

const TRICKY = 'tricky: learn it';

/** True where a word is a noun at least as often as a verb: fox, and not wash. */
function isNounFirst(shares: string): boolean {
  const [noun = 0, verb = 0] = [...shares].map(Number);
  return noun >= verb;
}

/** Base words under what must be done before an ending is added. */
export default sortMaker({
  id: 'sort-by-suffix-rule',
  name: 'Sort by the rule for an ending',
  parameters: declared,
  group: 'Sounds and spelling',
  description: 'Base words sorted by what -ing, -ed, -s, -er or -est makes them do.',
  needs: 'base words that take the ending in different ways, such as hop, hope, rain, carry',
  startWords: ['hop', 'hope', 'rain', 'jump', 'run', 'make', 'wait', 'help', 'stop', 'bake'],
  onScreen: 'Look at the last letters. Put each word under what you must do first.',
  title: ({ parameters }) => `What happens before -${shownSuffix(suffixOf(parameters))}?`,
  instruction:
    'Cut out the words. Look at the last letters. Glue each word under what you must do first.',
  homeOf({ word, entry }, { parameters, lexicon, meanings, profile }) {
    const suffix = suffixOf(parameters);
    const wordClass =
      suffix === 's' && isNounFirst(entry.shares) ? 'noun' : (sortable[suffix] ?? 'verb');
    if ((entry.kinds & wordClassBits[wordClass]) === 0) return `is no ${wordClass}`;
    const why = /^(?:ing|ed)$/.test(suffix) ? whyNoVerb(entry, lexicon, meanings) : undefined;
    if (why !== undefined) return why;
    const made = inflect(word, suffix, {
      reading: entry.readings[0],
      ...(profile ? { spelling: profile.spelling } : {}),
      ...(wordClass === 'adjective' ? {} : { wordClass }),
      isWord: (form) => lexicon.find(form) !== undefined,
    });
    if (made.form.includes(' ')) return 'takes more or most instead';
    if (made.rule === 'irregular')
      return { heading: TRICKY, reason: `${word}: ${made.form}. No rule makes it: learn it.` };
    // More happy beside happier is no second rule.
    if (made.alternatives.some((other) => !other.includes(' ')))
      return 'may follow two rules, so it has two homes';
    // A team of vowels before the ending changes nothing, and neither does anything else that is left.
    const name = ruleText(made.rule).name;
    const heading = name.endsWith('just add') ? 'just add' : name;
    return { heading, reason: `${word}: ${made.form}. ${made.reason}` };
  },
  replacements: (_, { parameters }) => [
    { wordClass: sortable[suffixOf(parameters)] ?? 'verb', maxSyllables: 1 },
  ],
  suggestions: () => [
    { ingRule: 'double-final-consonant', wordClass: 'verb', maxSyllables: 1 },
    { ingRule: 'drop-silent-e', wordClass: 'verb', maxSyllables: 1 },
    { wordClass: 'verb', maxSyllables: 1 },
  ],
});
