/** Search: the words that meet every condition of a query, with counts at once. */
import { checkWord, type WordReach } from '../reach/check-word';
import { conditionsOf, metAs, pairPartners } from './conditions';
import type { Condition } from './condition';
import { homophonesOf, oppositesOf } from './meaning-conditions';
import { meaningAhead } from '../reach/meaning-reach';
import { litGraphemes, strengthOf, wantedCorrespondences } from './sound-conditions';
import type { Lexicon, LexiconEntry, Reading } from '../languages/en/lexicon/lexicon';
import { familyOf } from '../languages/en/words/word-family';
import type { SortOrder, WordQuery } from './word-query';

export { readSpelling, unitSays } from './sound-conditions';
export * from './word-query';

/** A word that was found, with the graphemes that matched. */
export interface FoundWord {
  readonly entry: LexiconEntry;
  readonly reading: Reading;
  /** Indexes into the reading's units of the graphemes that were asked for. */
  readonly matches: readonly number[];
  readonly reach: WordReach | undefined;
  /** The other word of a minimal pair, a homophone, an opposite: what was asked for. */
  readonly partner?: string;
  /** The word's inflected forms, where forms are folded. */
  readonly forms?: readonly string[];
}

export interface SpellingGroup {
  readonly spelling: string;
  readonly total: number;
  readonly words: readonly FoundWord[];
}

export interface SearchResult {
  readonly total: number;
  /** By spelling where a sound or a spelling was asked, the largest first; else one group. */
  readonly groups: readonly SpellingGroup[];
  /** How many words match apart from the class's reach. */
  readonly totalWithoutReach: number;
}

type Match = Omit<FoundWord, 'reach'>;

/** The entries that can match at all: those with a wanted correspondence, or every one. */
function candidates(lexicon: Lexicon, wanted: ReadonlySet<number> | undefined) {
  return wanted ? lexicon.withCorrespondences([...wanted]) : lexicon.entries;
}

/** The first reading of a word that meets the conditions, or undefined. */
function fittingReading(
  entry: LexiconEntry,
  conditions: readonly Condition[],
  lit = false,
): Reading | undefined {
  // The candidates of a search have a lit grapheme: with one reading there is nothing to ask again.
  const sure = lit && entry.readings.length === 1;
  return entry.readings.find((reading) =>
    conditions.every(({ implied, test }) => (sure && implied) || test(entry, reading)),
  );
}

/**
 * Walks the words that match a query apart from the class's reach, most frequent
 * first; words that cannot match by their correspondences are never looked at.
 */
export function* matchingWords(lexicon: Lexicon, query: WordQuery): Iterable<Match> {
  const conditions = conditionsOf(query, lexicon).filter((each) => !each.isReach);
  const wanted = wantedCorrespondences(query);
  for (const entry of candidates(lexicon, wanted)) {
    const reading = fittingReading(entry, conditions, wanted !== undefined);
    if (reading === undefined) continue;
    yield {
      entry,
      reading,
      matches: litGraphemes(reading, wanted, query.place, strengthOf(query)),
    };
  }
}

const collator = new Intl.Collator('en');
type Compare = (left: LexiconEntry, right: LexiconEntry) => number;
const byAlphabet: Compare = (left, right) => collator.compare(left.word, right.word);
const byFrequency: Compare = (left, right) => left.rank - right.rank;

/** The order of a query's answers. */
export function orderOf(query: WordQuery, lexicon: Lexicon): Compare {
  const order = query.sort ?? (query.class ? 'known' : 'frequency');
  const { class: profile, wordClass } = query;
  /** What the class knows is one heap, by frequency; what it does not goes by how far ahead it is. */
  const ahead = (entry: LexiconEntry) =>
    Math.max(0, Math.ceil(profile ? meaningAhead(entry, profile) - 0.5 : entry.level));
  const by: Readonly<Record<SortOrder, Compare>> = {
    known: (left, right) => ahead(left) - ahead(right) || byFrequency(left, right),
    frequency: byFrequency,
    alphabet: byAlphabet,
    reach: (left, right) => left.level - right.level || byFrequency(left, right),
    spelling: (left, right) => left.word.length - right.word.length || byAlphabet(left, right),
  };
  const compare = by[order];
  if (order !== 'known' && order !== 'frequency') return compare;
  if (query.minimalPair !== undefined) {
    // A pair is as hard as its harder word.
    const hardest = (entry: LexiconEntry) =>
      Math.max(entry.level, pairPartners(entry, query, lexicon)[0]?.level ?? 0);
    return (left, right) => hardest(left) - hardest(right) || byFrequency(left, right);
  }
  if (wordClass === undefined && query.topic) {
    // What a topic names comes before what is done in it (soup before try).
    const names = (entry: LexiconEntry) => Number(lexicon.lemmaOf(entry).schoolClasses[0] !== 'n');
    const known = (entry: LexiconEntry) => (order === 'known' ? ahead(entry) : 0);
    return (left, right) =>
      known(left) - known(right) || names(left) - names(right) || compare(left, right);
  }
  if (wordClass === undefined) return compare;
  // What a school meets in this class first stands before what it also meets in it.
  const rank = { first: 0, too: 2, never: 3 };
  const met = (entry: LexiconEntry) => rank[metAs(entry, wordClass, lexicon) ?? 'first'];
  return (left, right) => met(left) - met(right) || compare(left, right);
}

/** Every word that matches, under its spelling, in the order asked for. */
export function findWords(lexicon: Lexicon, query: WordQuery): SearchResult {
  const all = conditionsOf(query, lexicon);
  const reachCondition = all.find((each) => each.isReach);
  const wanted = wantedCorrespondences(query);
  const groups = new Map<string, Match[]>();
  const plain = all.filter((each) => !each.isReach);
  let total = 0;
  let totalWithoutReach = 0;
  for (const entry of candidates(lexicon, wanted)) {
    const reading = fittingReading(entry, plain, wanted !== undefined);
    if (reading === undefined) continue;
    totalWithoutReach += 1;
    if (reachCondition && !reachCondition.test(entry, reading)) continue;
    total += 1;
    const matches = litGraphemes(reading, wanted, query.place, strengthOf(query));
    const key = wanted === undefined ? '' : (reading.units[matches[0] ?? -1]?.grapheme ?? '');
    const group = groups.get(key);
    const match = { entry, reading, matches };
    if (group === undefined) groups.set(key, [match]);
    else group.push(match);
  }
  const compare = orderOf(query, lexicon);
  const described = [...groups].map(([spelling, found]) => ({
    spelling,
    total: found.length,
    words: found
      .sort((left, right) => compare(left.entry, right.entry))
      .slice(0, query.limit)
      .map((match) => describe(match, query, lexicon)),
  }));
  described.sort((left, right) => right.total - left.total);
  return { total, totalWithoutReach, groups: described };
}

/** The word that stands beside a found one, by what the query asks. */
function partnerOf(entry: LexiconEntry, query: WordQuery, lexicon: Lexicon): string | undefined {
  if (query.minimalPair) return pairPartners(entry, query, lexicon)[0]?.word;
  if (query.opposites) return oppositesOf(entry, query, lexicon)[0]?.word;
  return query.homophones ? homophonesOf(entry, query, lexicon)[0]?.word : undefined;
}

function describe(match: Match, query: WordQuery, lexicon: Lexicon): FoundWord {
  const { entry } = match;
  const reach = query.class ? checkWord(entry.word, entry, query.class) : undefined;
  const partner = partnerOf(entry, query, lexicon);
  const forms = query.fold
    ? familyOf(entry, lexicon)
        .filter((each) => each.head?.derived === false && lexicon.headOf(each) === entry)
        .map((each) => each.word)
    : undefined;
  return {
    ...match,
    reach,
    ...(partner === undefined ? {} : { partner }),
    ...(forms ? { forms } : {}),
  };
}

/** One condition with its answer for a word. */
export interface ConditionAnswer {
  readonly asks: string;
  readonly met: boolean;
}

/** Why a word is among the answers, or is not: each condition with whether it is met. */
export interface WhyHere {
  readonly word: string;
  readonly known: boolean;
  readonly here: boolean;
  readonly conditions: readonly ConditionAnswer[];
  /** The reasons for its reach, where a class is given. */
  readonly reach?: WordReach;
}

/** Explains a word's place in, or absence from, the answers. */
export function explainWord(lexicon: Lexicon, word: string, query: WordQuery): WhyHere {
  const entry = lexicon.find(word);
  if (entry === undefined) return { word, known: false, here: false, conditions: [] };
  const conditions = conditionsOf(query, lexicon);
  const reading = fittingReading(entry, conditions) ?? entry.readings[0];
  const answers = conditions.map(({ asks, test }) => ({ asks, met: test(entry, reading) }));
  return {
    word: entry.word,
    known: true,
    here: answers.every((answer) => answer.met),
    conditions: answers,
    ...(query.class ? { reach: checkWord(entry.word, entry, query.class) } : {}),
  };
}
