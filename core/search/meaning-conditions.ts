/** What a query asks of a word beside its sounds and letters: its parts, its family, its sense and what stands against it. */
import { offerTest } from '../reach/fitness';
import { reachTest } from '../reach/reach-table';
import type { Lexicon, LexiconEntry } from '../languages/en/lexicon/lexicon';
import { soundIndex } from '../languages/en/words/sound-index';
import { familyOf, rootOf } from '../languages/en/words/word-family';
import { wordParts } from '../languages/en/words/word-parts';
import type { Condition } from './condition';
import type { WordQuery } from './word-query';

const asked = (text: string | undefined) => text?.trim().toLowerCase().replace(/^-|-$/g, '') ?? '';

/** A prefix or suffix as a part of the word, not as letters: un- is in unhappy and not in uncle. */
function partConditions(query: WordQuery, lexicon: Lexicon): Condition[] {
  const prefix = asked(query.prefix);
  const suffix = asked(query.suffix);
  const has = (entry: LexiconEntry, kind: 'prefix' | 'suffix', text: string) =>
    wordParts(entry, lexicon).parts.some((part) => part.kind === kind && part.text === text);
  const conditions: Condition[] = [];
  if (prefix !== '') {
    conditions.push({
      asks: `has the prefix ${prefix}-`,
      test: (entry) => entry.word.startsWith(prefix) && has(entry, 'prefix', prefix),
    });
  }
  if (suffix !== '') {
    conditions.push({
      asks: `has the suffix -${suffix}`,
      test: (entry) => entry.word.endsWith(suffix) && has(entry, 'suffix', suffix),
    });
  }
  return conditions;
}

function familyCondition(query: WordQuery, lexicon: Lexicon): Condition[] {
  const word = asked(query.family ?? query.root);
  if (word === '') return [];
  const entry = lexicon.find(word);
  const root = entry && rootOf(entry, lexicon);
  const family = new Set(root ? [root, ...familyOf(root, lexicon)] : []);
  return [{ asks: `belongs to the family of ${word}`, test: (each) => family.has(each) }];
}

const companions = new WeakMap<WordQuery, (entry: LexiconEntry) => boolean>();

/** Whether a word may stand beside one that is found: offered to the class, and as well known as was asked. */
function companionTest(query: WordQuery, lexicon: Lexicon): (entry: LexiconEntry) => boolean {
  const known = companions.get(query);
  if (known) return known;
  const { class: profile, knows = 'any' } = query;
  const offered = profile ? offerTest(lexicon, profile) : () => true;
  const reach = profile && knows !== 'any' ? reachTest(lexicon, profile) : undefined;
  const test = (entry: LexiconEntry) => {
    if (entry.word.includes("'") || !offered(entry)) return false;
    const here = reach?.(entry) ?? 'secure';
    return here === 'secure' || (knows === 'stretch' && here === 'stretch');
  };
  companions.set(query, test);
  return test;
}

/** The homophones of a word that may stand beside it; contractions and names are none. */
export function homophonesOf(entry: LexiconEntry, query: WordQuery, lexicon: Lexicon) {
  const fits = companionTest(query, lexicon);
  return soundIndex(lexicon)
    .homophones(entry)
    .filter((each) => !/^[A-Z]./.test(each.word) && fits(each));
}

function homophoneConditions(query: WordQuery, lexicon: Lexicon): Condition[] {
  const conditions: Condition[] = [];
  const of = asked(query.homophoneOf);
  if (of !== '') {
    const model = lexicon.find(of);
    const found = new Set(model ? soundIndex(lexicon).homophones(model) : []);
    conditions.push({ asks: `sounds like ${of}`, test: (entry) => found.has(entry) });
  }
  if (query.homophones === true) {
    conditions.push({
      asks: 'sounds like another word that is spelled otherwise',
      test: (entry) =>
        !entry.word.includes("'") &&
        homophonesOf(entry, query, lexicon).some((each) => each.zipf >= LEAST_ZIPF),
    });
  }
  return conditions;
}

/** A homophone rarer than this confuses nobody. */
const LEAST_ZIPF = 2.6;

/** The opposites of a word that may stand beside it, in the order of the wordbook. */
export function oppositesOf(
  entry: LexiconEntry,
  query: WordQuery,
  lexicon: Lexicon,
): LexiconEntry[] {
  return lexicon
    .oppositesOf(entry.word)
    .flatMap((word) => lexicon.find(word) ?? [])
    .filter(companionTest(query, lexicon));
}

function oppositeConditions(query: WordQuery, lexicon: Lexicon): Condition[] {
  const conditions: Condition[] = [];
  const of = asked(query.oppositeOf);
  if (of !== '') {
    const model = lexicon.find(of);
    const found = new Set(model && lexicon.oppositesOf(model.word));
    conditions.push({ asks: `is an opposite of ${of}`, test: ({ word }) => found.has(word) });
  }
  if (query.opposites === true) {
    conditions.push({
      asks: 'has an opposite',
      test: (entry) => oppositesOf(entry, query, lexicon).length > 0,
    });
  }
  return conditions;
}

/** The conditions on parts, family and sense. */
export function meaningConditions(query: WordQuery, lexicon: Lexicon): Condition[] {
  const conditions = [
    ...familyCondition(query, lexicon),
    ...partConditions(query, lexicon),
    ...homophoneConditions(query, lexicon),
    ...oppositeConditions(query, lexicon),
  ];
  const kind = query.nameFor?.trim() ?? '';
  if (kind !== '') {
    const names = lexicon.namesFor(kind);
    conditions.unshift({
      asks: `is a name for ${/^[aeiou]/.test(kind) ? 'an' : 'a'} ${kind}`,
      test: ({ word }) => names.has(word),
    });
  }
  if (query.fold === true) {
    conditions.unshift({
      asks: 'is no form of another word',
      test: ({ head }) => head?.derived !== false,
    });
  }
  return conditions;
}
