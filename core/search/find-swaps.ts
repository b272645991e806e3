/** Words that can stand in another's place: what the exercise needs, within the class's reach. */
import type { ClassProfile } from '../classes/class-profile';
import { matchingWords, type WordQuery } from './find-words';
import type { Lexicon, LexiconEntry } from '../languages/en/lexicon/lexicon';
import { checkWord } from '../reach/check-word';

/** The ending a word seems to have been given: a swap should have the same, or none. */
function endingOf({ word }: LexiconEntry): string {
  // The ing of king and the ed of bed are no endings: a stem has a vowel of its own.
  return /[aeiouy].*?(ing|ed|s)$/.exec(word.replace(/(ss|us)$/, ''))?.[1] ?? '';
}

/** How unlike two words are in size and form, less how common the other is; smaller is closer. */
function distance(one: LexiconEntry, other: LexiconEntry): number {
  const [first, second] = [one.readings[0], other.readings[0]];
  const syllables = Math.abs(first.syllables.length - second.syllables.length);
  const graphemes = Math.abs(first.units.length - second.units.length);
  const form = endingOf(one) === endingOf(other) ? 0 : 4;
  return syllables * 2 + graphemes * 0.6 + form - other.zipf * 0.5;
}

/**
 * Up to `count` secure words that match the first query any word matches, the
 * closest to `word` first.
 *
 * @param queries what a swap must be, the most fitting first
 * @param except words already used, which are not offered again
 */
export function findSwaps(
  word: string,
  queries: readonly WordQuery[],
  profile: ClassProfile,
  lexicon: Lexicon,
  except: readonly string[],
  count = 3,
): string[] {
  const entry = lexicon.find(word);
  for (const query of queries) {
    const found: { word: string; distance: number }[] = [];
    for (const match of matchingWords(lexicon, {
      ...query,
      class: profile,
      except: [...except, word],
    })) {
      const candidate = match.entry;
      if (checkWord(candidate.word, candidate, profile).reach !== 'secure') continue;
      found.push({
        word: candidate.word,
        distance: entry ? distance(entry, candidate) : -candidate.zipf,
      });
    }
    found.sort((left, right) => left.distance - right.distance);
    if (found.length > 0) return found.slice(0, count).map((each) => each.word);
  }
  return [];
}
