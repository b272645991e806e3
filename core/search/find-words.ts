/** Search: the words that meet every condition of a query, with counts at once. */
import { checkWord, type WordReach } from '../reach/check-word';
import { conditionsOf, pairPartners } from './conditions';
import type { Condition } from './condition';
import { litGraphemes, wantedCorrespondences } from './sound-conditions';
import type { Lexicon, LexiconEntry, Reading } from '../languages/en/lexicon/lexicon';
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
  /** The other word of a minimal pair. */
  readonly partner?: string;
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
    yield { entry, reading, matches: litGraphemes(reading, wanted, query.place) };
  }
}

const collator = new Intl.Collator('en');
const byAlphabet = (left: Match, right: Match) =>
  collator.compare(left.entry.word, right.entry.word);

function sorted(found: Match[], order: SortOrder): Match[] {
  const by: Readonly<Record<SortOrder, ((left: Match, right: Match) => number) | undefined>> = {
    frequency: undefined,
    alphabet: byAlphabet,
    reach: (left, right) => left.entry.level - right.entry.level,
    spelling: (left, right) =>
      left.entry.word.length - right.entry.word.length || byAlphabet(left, right),
  };
  const compare = by[order];
  return compare ? found.sort(compare) : found;
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
    const matches = litGraphemes(reading, wanted, query.place);
    const key = wanted === undefined ? '' : (reading.units[matches[0] ?? -1]?.grapheme ?? '');
    const group = groups.get(key);
    const match = { entry, reading, matches };
    if (group === undefined) groups.set(key, [match]);
    else group.push(match);
  }
  const described = [...groups].map(([spelling, found]) => ({
    spelling,
    total: found.length,
    words: sorted(found, query.sort ?? 'frequency')
      .slice(0, query.limit)
      .map((match) => describe(match, query, lexicon)),
  }));
  described.sort((left, right) => right.total - left.total);
  return { total, totalWithoutReach, groups: described };
}

function describe(match: Match, query: WordQuery, lexicon: Lexicon): FoundWord {
  const reach = query.class ? checkWord(match.entry.word, match.entry, query.class) : undefined;
  const partner = pairPartners(match.entry, query, lexicon)[0]?.word;
  return { ...match, reach, ...(partner === undefined ? {} : { partner }) };
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
