/**
 * A form of a word of the bank: in the spelling that was asked for, only where
 * the word's class takes the suffix, and only where the form is in use.
 */
import type { Spelling } from '../../../kernel/spelling';
import type { Lexicon, LexiconEntry } from '../lexicon/lexicon';
import { wordClassBits, wordClassesOf, type WordClassName } from '../lexicon/word-class';
import { basesOf, shownSuffix } from './built-form';
import { prefixNames } from './derive';
import { inflect, ruleText, suffixes, type Suffix } from './inflect';
import type { Inflection } from './inflection';

/** Suffixes that make other words, which are in use or not; the others make forms that every word has. */
const derives = new Set<string>(
  suffixes.filter((suffix) => !['ing', 's', 'ed', 'er', 'est', 'ly'].includes(suffix)),
);
const compared: readonly WordClassName[] = ['adjective', 'adverb', 'determiner'];

export interface KnownOptions {
  readonly spelling?: Spelling;
  readonly wordClass?: 'noun' | 'verb';
}

function none(base: string, reason: string, alternatives: readonly string[] = []): Inflection {
  const rule = 'no-form';
  return { base, form: '', rule, reason, learnerReason: ruleText(rule).learner, alternatives };
}

const has = (entry: LexiconEntry, classes: readonly WordClassName[]) =>
  classes.some((name) => (entry.kinds & wordClassBits[name]) !== 0);

const article = (name: string) => (/^[aeiou]/.test(name) ? `an ${name}` : `a ${name}`);

/** What a word makes with the other prefixes that mean not. */
function otherNegatives(entry: LexiconEntry, not: string, lexicon: Lexicon): string[] {
  return ['un', 'in', 'dis']
    .filter((prefix) => prefix !== not)
    .map((prefix) => inflect(entry.word, prefix).form)
    .filter((form) => lexicon.find(form) !== undefined);
}

/**
 * The form, or a reason with an empty form and the rule `no-form`.
 *
 * @throws RangeError for a suffix that is not one of `suffixes`
 */
export function inflectKnown(
  word: string,
  suffix: string,
  lexicon: Lexicon,
  options: KnownOptions = {},
): Inflection {
  const { spelling = 'us' } = options;
  const found = lexicon.find(word);
  // The base in the spelling that was asked for: colour makes colors in America.
  const twin =
    found && !lexicon.suits(found.word, spelling) ? lexicon.twinOf(found.word)?.word : undefined;
  const entry = (twin === undefined ? undefined : lexicon.find(twin)) ?? found;
  const base = entry?.word ?? word;
  const isWord = (form: string) => lexicon.find(form) !== undefined;
  const make = (wordClass = options.wordClass) =>
    inflect(base, suffix, {
      ...(entry ? { reading: entry.readings[0] } : {}),
      spelling,
      ...(wordClass ? { wordClass } : {}),
      isWord,
    });
  if (entry === undefined) return make();
  if (suffix === 'er' || suffix === 'est') {
    if (has(entry, compared)) return make();
    if (suffix === 'er' && has(entry, ['verb'])) return make('verb');
    const classes = wordClassesOf(entry.kinds).map(article).join(' and ');
    return none(
      base,
      `${base} is ${classes || 'no adjective'}: only adjectives and adverbs are compared.`,
    );
  }
  const made = make();
  if (!derives.has(suffix)) return made;
  const used = [made.form, ...made.alternatives].some(isWord);
  if (used) return made;
  const others = ['un', 'in', 'dis'].includes(suffix) ? otherNegatives(entry, suffix, lexicon) : [];
  const shown = (prefixNames as readonly string[]).includes(suffix)
    ? `${suffix}-`
    : `-${shownSuffix(suffix as Suffix)}`;
  const classes = basesOf[suffix as Suffix];
  if (classes && !has(entry, classes)) {
    return none(
      base,
      `${shown} is put on ${classes.join('s and ')}s, and ${base} is none.`,
      others,
    );
  }
  const instead = others.length > 0 ? ` Say ${others.join(' or ')}.` : '';
  return none(
    base,
    `${made.form} is not in use: ${base} does not take ${shown}.${instead}`,
    others,
  );
}
