/** “Words like these”: what two or three examples share, as a query a teacher can read and change. */
import { patternMask, patternsIn, type PatternName } from '../languages/en/sounds/patterns';
import { isVowelPhoneme } from '../languages/en/sounds/phonemes';
import type { Lexicon, LexiconEntry } from '../languages/en/lexicon/lexicon';
import { wordFacts } from '../languages/en/words/word-facts';
import { rhymeKey } from '../languages/en/words/sound-index';
import type { WordQuery } from './word-query';

export interface Likeness {
  /** What the examples share, to search by. */
  readonly query: WordQuery;
  /** The shared traits in words. */
  readonly shared: readonly string[];
  /** Examples that are not in the word bank. */
  readonly unknown: readonly string[];
}

/** The values that every list has, in the order of the first. */
function inAll<Value>(lists: readonly (readonly Value[])[]): Value[] {
  const [first = [], ...others] = lists;
  return [...new Set(first)].filter((value) => others.every((list) => list.includes(value)));
}

/** Patterns that nearly every word of a kind has say little when another says more. */
const weakPatterns: ReadonlySet<PatternName> = new Set([
  'closed-syllable',
  'open-syllable',
  'blend',
]);

function sharedPatterns(entries: readonly LexiconEntry[], lexicon: Lexicon): PatternName[] {
  const facts = wordFacts(lexicon);
  const all = entries.reduce(
    (bits, { rank }) => bits & (facts.patterns[rank] ?? 0),
    patternMask([...patternsIn(-1)]),
  );
  const names = patternsIn(all);
  const strong = names.filter((name) => !weakPatterns.has(name));
  return strong.length > 0 ? strong : names;
}

/** A query for words like the examples. */
export function wordsLike(words: readonly string[], lexicon: Lexicon): Likeness {
  const entries = words.flatMap((word) => lexicon.find(word) ?? []);
  const unknown = words.filter((word) => lexicon.find(word) === undefined);
  if (entries.length === 0) return { query: {}, shared: [], unknown };
  const shared: string[] = [];
  const keys = (vowel: boolean) =>
    entries.map((entry) =>
      entry.readings[0].units
        .filter((unit) => unit.phonemes.some(isVowelPhoneme) === vowel && unit.phonemes.length > 0)
        .map((unit) => `${unit.grapheme}|${unit.phonemes.join(' ')}`),
    );
  let query: WordQuery = {};
  const vowels = inAll(keys(true)).filter((key) => !/\|AH$/.test(key));
  const sounds = inAll(keys(true).map((list) => list.map((key) => key.split('|')[1] ?? '')));
  const rhymes = inAll(entries.map((entry) => entry.readings.map(rhymeKey)));
  const single = entries.every((entry) => entry.readings[0].syllables.length === 1);
  if (rhymes.length > 0 && entries.length > 1 && single) {
    query = { ...query, rhymesWith: entries[0]?.word ?? '' };
    shared.push(`rhyme with ${entries[0]?.word}`);
  } else if (vowels[0] !== undefined) {
    const [spelling = '', sound = ''] = vowels[0].split('|');
    query = { ...query, sound, spelling };
    shared.push(`have ${spelling.replace('_', '–')} in them`);
  } else if (sounds[0] !== undefined && sounds[0] !== 'AH') {
    query = { ...query, sound: sounds[0] };
    shared.push('have the same vowel sound');
  }
  const patterns = sharedPatterns(entries, lexicon);
  if (patterns.length > 0) {
    query = { ...query, patterns };
    shared.push(`have the pattern ${patterns.join(', ')}`);
  }
  const counts = entries.map((entry) => entry.readings[0].syllables.length);
  query = { ...query, minSyllables: Math.min(...counts), maxSyllables: Math.max(...counts) };
  const topics = inAll(entries.map((entry) => lexicon.topicsOf(entry.word)));
  if (topics[0] !== undefined && query.sound === undefined && query.rhymesWith === undefined) {
    query = { ...query, topic: topics[0] };
    shared.push(`are about ${topics[0]}`);
  }
  return { query: { ...query, except: [...words] }, shared, unknown };
}
