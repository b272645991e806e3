/** What a word card shows: the whole analysis with what belongs to one class. */
import { sequenceIndexOf } from '~core/classes/class-sequence';
import type { ClassProfile } from '~core/classes/class-profile';
import { offerTest } from '~core/reach/fitness';
import { checkWord, showGrapheme, type WordReach } from '~core/reach/check-word';
import { phonemesOf, showSound, toIpa } from '~core/languages/en/sounds/phonemes';
import { analyseWord, type WordAnalysis } from '~core/languages/en/words/analyse-word';
import { explainWord, type WhyHere, type WordQuery } from '~core/search/find-words';
import { guessReading } from '~core/languages/en/words/guess-reading';
import type { Lexicon, LexiconEntry } from '~core/languages/en/lexicon/lexicon';
import { definedBy } from '~core/languages/en/words/meanings';
import { soundIndex } from '~core/languages/en/words/sound-index';
import { baseOf } from '~core/languages/en/words/word-parts';
import { tileUnits, type TileUnit } from './tile-units';

/** One grapheme with its sound. */
export interface CardGrapheme {
  readonly grapheme: string;
  readonly shown: string;
  /** Phonemes joined by a space; empty where it is silent. */
  readonly sound: string;
  readonly sign: string;
  readonly ipa: string;
  /** Step of the class's sequence that teaches it; undefined where none does. */
  readonly step?: number;
}

export interface WordCardData {
  readonly analysis: WordAnalysis;
  readonly units: readonly TileUnit[];
  readonly graphemes: readonly CardGrapheme[];
  readonly reach: WordReach;
  readonly pairs: readonly { readonly word: string; readonly signs: readonly [string, string] }[];
  readonly family: readonly string[];
  /** Words to look up for the meaning, in this order. */
  readonly definedBy: readonly string[];
  readonly why?: WhyHere;
}

const MOST_PAIRS = 12;
const MOST_FAMILY = 14;
/** Words rarer than this are not offered as relatives. */
const LEAST_ZIPF = 2.3;

function family(entry: LexiconEntry, lexicon: Lexicon): string[] {
  const base = baseOf(entry, lexicon);
  const start = base.slice(0, Math.max(3, base.length - 1));
  return lexicon.entries
    .filter((each) => each !== entry && each.zipf >= LEAST_ZIPF && each.word.startsWith(start))
    .filter((each) => baseOf(each, lexicon) === base || each.word === base)
    .slice(0, MOST_FAMILY)
    .map((each) => each.word);
}

/** The card of a word for a class. */
export function describeForCard(
  word: string,
  profile: ClassProfile,
  lexicon: Lexicon,
  query: WordQuery | undefined,
): WordCardData {
  const entry = lexicon.find(word);
  const index = sequenceIndexOf(profile);
  const reading = entry?.readings[0] ?? guessReading(word, lexicon);
  const units = reading?.units ?? [];
  const analysis = analyseWord(word, lexicon);
  /** What is beside the word is only what this class may be offered. */
  const fit = offerTest(lexicon, profile);
  const suits = (each: string) => {
    const found = lexicon.find(each);
    return found !== undefined && fit(found);
  };
  const inventory = phonemesOf(lexicon.accent).map((each) => each.phoneme);
  const pairs = entry
    ? soundIndex(lexicon)
        .minimalPairs(entry, inventory)
        .filter(({ partner }) => partner.zipf >= LEAST_ZIPF + 0.5 && suits(partner.word))
        .slice(0, MOST_PAIRS)
    : [];
  return {
    analysis: analysis.known
      ? {
          ...analysis,
          rhymes: analysis.rhymes.filter(suits),
          homophones: analysis.homophones.filter(suits),
        }
      : analysis,
    units: reading
      ? tileUnits(entry?.word ?? word, reading, () => false)
      : [{ letters: word, mark: 'none', taught: false }],
    graphemes: units.map((unit) => {
      const step = index.stepOf(unit);
      return {
        grapheme: unit.grapheme,
        shown: showGrapheme(unit.grapheme),
        sound: unit.phonemes.join(' '),
        sign: unit.phonemes.length === 0 ? 'silent' : showSound(unit.phonemes),
        ipa: unit.phonemes.length === 0 ? '' : toIpa(unit.phonemes, lexicon.accent),
        ...(step === undefined ? {} : { step }),
      };
    }),
    reach: checkWord(entry?.word ?? word, entry, profile),
    pairs: pairs.map(({ partner, sounds }) => ({
      word: partner.word,
      signs: [showSound([sounds[0]]), showSound([sounds[1]])],
    })),
    family: entry ? family(entry, lexicon).filter(suits) : [],
    definedBy: definedBy(word, lexicon),
    ...(query ? { why: explainWord(lexicon, word, query) } : {}),
  };
}
