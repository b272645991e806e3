/** The coverage of a list: which spellings of its sound it has, how evenly, and which words would fill it. */
import type { ClassProfile } from '../classes/class-profile';
import { findTargetSound, spellingsOf } from '../search/target-sound';
import { findWords } from '../search/find-words';
import type { Lexicon } from '../languages/en/lexicon/lexicon';

export interface SpellingCoverage {
  readonly spelling: string;
  readonly count: number;
  /** Words more that an even set would have. */
  readonly missing: number;
  /** Words within the class's reach that would fill it. */
  readonly suggestions: readonly string[];
}

export interface ListCoverage {
  /** The sound most of the words share; undefined where they share none. */
  readonly sound: string | undefined;
  readonly spellings: readonly SpellingCoverage[];
  /** Spellings of the sound within the class's reach that the list has no word for. */
  readonly absent: readonly {
    readonly spelling: string;
    readonly suggestions: readonly string[];
  }[];
}

/** Suggestions for one spelling. */
const MOST_SUGGESTIONS = 6;
/** A spelling with fewer words within reach than this is not missed. */
const LEAST_WORDS = 3;

/** The coverage of a list for a class. */
export function coverageOf(
  words: readonly string[],
  profile: ClassProfile,
  lexicon: Lexicon,
): ListCoverage {
  const material = words.map((word) => ({ word, entry: lexicon.find(word) }));
  const sound = findTargetSound(material);
  if (sound === undefined) return { sound, spellings: [], absent: [] };
  const counts = new Map<string, number>();
  for (const word of material) {
    const spelling = spellingsOf(word, sound)[0]?.grapheme;
    if (spelling !== undefined) counts.set(spelling, (counts.get(spelling) ?? 0) + 1);
  }
  const found = findWords(lexicon, {
    sound,
    class: profile,
    knows: 'secure',
    maxSyllables: 2,
    except: words,
    limit: MOST_SUGGESTIONS,
  });
  const suggestionsFor = (spelling: string) =>
    found.groups
      .find((group) => group.spelling === spelling)
      ?.words.map(({ entry }) => entry.word) ?? [];
  const even = Math.max(...counts.values());
  const spellings = [...counts]
    .map(([spelling, count]) => ({
      spelling,
      count,
      missing: even - count,
      suggestions: suggestionsFor(spelling),
    }))
    .sort((left, right) => right.count - left.count);
  const absent = found.groups
    .filter((group) => !counts.has(group.spelling) && group.total >= LEAST_WORDS)
    .map((group) => ({ spelling: group.spelling, suggestions: suggestionsFor(group.spelling) }));
  return { sound, spellings, absent };
}
