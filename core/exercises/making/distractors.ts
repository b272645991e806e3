/**
 * Near-miss distractors: words one sound or one grapheme away, of the same
 * length and level where there are such, never a homophone of the answer, never
 * another right answer.
 */
import { phonemesOf } from '../../languages/en/sounds/phonemes';
import type { Lexicon, LexiconEntry } from '../../languages/en/lexicon/lexicon';
import { phonemesIn, soundIndex } from '../../languages/en/words/sound-index';
import type { Random } from '../../kernel/random';

/** A distractor with what makes it wrong. */
export interface Distractor {
  readonly word: string;
  readonly entry: LexiconEntry;
}

/** Distractors rarer than this stand out. */
const LEAST_ZIPF = 2.8;
/** Harder by more years than this stands out too. */
const LEVEL_MARGIN = 2.5;

const letters = (entry: LexiconEntry) => entry.readings[0].units.map((unit) => unit.grapheme);

/** How many graphemes two words of the same number of graphemes differ in. */
function graphemesApart(one: readonly string[], other: readonly string[]): number {
  if (one.length !== other.length) return Infinity;
  return one.filter((grapheme, index) => grapheme !== other[index]).length;
}

/**
 * Near misses of a word, the nearest first within a random order of equals.
 *
 * @param except words that may not be offered: the other answers of the exercise
 * @param allow a further test, for example that the picture does not show the distractor too
 */
export function nearMisses(
  entry: LexiconEntry,
  lexicon: Lexicon,
  random: Random,
  count: number,
  except: ReadonlySet<string>,
  allow: (candidate: LexiconEntry) => boolean = () => true,
): LexiconEntry[] {
  const index = soundIndex(lexicon);
  const twins = new Set(index.homophones(entry));
  const own = letters(entry);
  const inventory = phonemesOf(lexicon.accent).map((each) => each.phoneme);
  const fits = (candidate: LexiconEntry) =>
    candidate !== entry &&
    !twins.has(candidate) &&
    !except.has(candidate.word.toLowerCase()) &&
    candidate.zipf >= LEAST_ZIPF &&
    candidate.level <= entry.level + LEVEL_MARGIN &&
    lexicon.twinOf(entry.word)?.word !== candidate.word &&
    allow(candidate);
  const oneSound = index
    .minimalPairs(entry, inventory)
    .map(({ partner }) => partner)
    .filter(fits);
  const pool = [...new Set(oneSound)];
  if (pool.length < count * 2) {
    const syllables = entry.readings[0].syllables.length;
    const sounds = phonemesIn(entry.readings[0].units).length;
    for (const candidate of lexicon.entries.slice(0, 12_000)) {
      if (pool.length >= count * 8) break;
      const reading = candidate.readings[0];
      if (reading.syllables.length !== syllables || pool.includes(candidate) || !fits(candidate))
        continue;
      const apart = graphemesApart(own, letters(candidate));
      const sameStart = candidate.word[0] === entry.word[0];
      const near = apart === 1 || (apart === 2 && sameStart);
      const alike =
        syllables > 2 && sameStart && Math.abs(phonemesIn(reading.units).length - sounds) <= 1;
      if (near || alike) pool.push(candidate);
    }
  }
  const distance = (candidate: LexiconEntry) =>
    Math.min(graphemesApart(own, letters(candidate)), 4) +
    Math.abs(candidate.level - entry.level) * 0.4;
  return random
    .shuffle(pool)
    .sort((left, right) => Math.round(distance(left)) - Math.round(distance(right)))
    .slice(0, count);
}
