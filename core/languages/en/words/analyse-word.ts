/** One word taken apart, as plain data. */
import { writeGraphemes, writePhonemes } from '../sounds/align';
import { patternsOf, type PatternName } from '../sounds/patterns';
import { syllablesOf, syllableTypeOf, type SyllableType } from '../sounds/syllable-types';
import { guessReading } from './guess-reading';
import { ukYearOf, usGradeOf } from '../../../kernel/level';
import type { Lexicon, LexiconEntry, Reading } from '../lexicon/lexicon';
import { soundIndex } from './sound-index';
import { wordClassesOf, type WordClassName } from '../lexicon/word-class';
import { familyOf, rootOf } from './word-family';
import { wordParts, type WordParts } from './word-parts';
import type { LevelSource } from '../lexicon/lexicon-pack';
import { isVowelPhoneme } from '../sounds/phonemes';

export interface ReadingAnalysis {
  /** Graphemes joined by dots; a split digraph as `m.a_e.k`. */
  readonly graphemes: string;
  /** One entry a grapheme; `-` where it is silent. */
  readonly phonemes: readonly string[];
  readonly syllables: readonly string[];
  /** One digit a vowel: 1 primary, 2 secondary, 0 none. */
  readonly stress: readonly number[];
}

export interface WordShapeAnalysis extends ReadingAnalysis {
  readonly patterns: readonly PatternName[];
  /** One a syllable. */
  readonly syllableTypes: readonly SyllableType[];
  /** Of a word of one syllable: the consonants before its vowel, and the rest, in letters. */
  readonly onset?: string;
  readonly rime?: string;
}

export interface KnownWord extends WordShapeAnalysis {
  readonly word: string;
  readonly known: true;
  readonly zipf: number;
  /** 1 (below one in a hundred million) to 7; the whole part of the Zipf value. */
  readonly frequencyBand: number;
  /** By the wordbook, by the headword's line there, or by the estimate. */
  readonly level: {
    readonly cefr: string;
    readonly usGrade: string;
    readonly ukYear: string;
    /** Age at which most children who grow up with English understand it. */
    readonly age: number;
    readonly from: LevelSource;
  };
  /** The age from which it is offered unasked; 0 for any. */
  readonly from: number;
  /** The word it is a form of or is built on; itself where it is neither. */
  readonly headword: string;
  /** Other words built on the same headword, and its forms. */
  readonly family: readonly string[];
  readonly wordClasses: readonly WordClassName[];
  readonly homophones: readonly string[];
  readonly rhymes: readonly string[];
  readonly parts: WordParts['parts'];
  readonly partsKind: WordParts['kind'];
  /** The spelling rule that joined the parts, where one did. */
  readonly partsRule?: WordParts['rule'];
  readonly topics: readonly string[];
  /** Names of the pictures that show it; empty where none does. */
  readonly pictures: readonly string[];
  /** The spelling on the other side of the Atlantic. */
  readonly otherSpelling?: { readonly word: string; readonly spelling: 'uk' | 'us' };
  /** Other ways the word is said, with the word class they belong to. */
  readonly otherReadings: readonly (ReadingAnalysis & { readonly wordClass: string })[];
}

export interface UnknownWord {
  readonly word: string;
  readonly known: false;
  readonly message: string;
  /** How it is probably said; absent where its letters give no guess. */
  readonly guess?: WordShapeAnalysis & { readonly basis: string };
}

export type WordAnalysis = KnownWord | UnknownWord;

/** The stress of each written syllable; two vowels in one (fire, hour) count as one. */
export function stressOfSyllables(reading: Omit<Reading, 'wordClass'>): number[] {
  let vowels = 0;
  return syllablesOf(reading).map(({ units }) => {
    const count = units.reduce((sum, unit) => sum + unit.phonemes.filter(isVowelPhoneme).length, 0);
    const own = reading.stresses.slice(vowels, vowels + count);
    vowels += count;
    return own.includes(1) ? 1 : own.includes(2) ? 2 : 0;
  });
}

export function describeReading(reading: Omit<Reading, 'wordClass'>): ReadingAnalysis {
  return {
    graphemes: writeGraphemes(reading.units),
    phonemes: writePhonemes(reading.units),
    syllables: reading.syllables,
    stress: stressOfSyllables(reading),
  };
}

/** Onset and rime of a word of one syllable, in letters. */
export function onsetAndRime(word: string, { units, syllables }: Omit<Reading, 'wordClass'>) {
  if (syllables.length !== 1) return undefined;
  const vowel = units.find((unit) => unit.phonemes.some(isVowelPhoneme));
  if (vowel === undefined) return undefined;
  // The u of qu belongs to the onset: the vowel unit begins after it.
  return { onset: word.slice(0, vowel.start), rime: word.slice(vowel.start) };
}

function describeShape(word: string, reading: Omit<Reading, 'wordClass'>): WordShapeAnalysis {
  return {
    ...describeReading(reading),
    patterns: patternsOf(reading),
    syllableTypes: syllablesOf(reading).map(syllableTypeOf),
    ...onsetAndRime(word, reading),
  };
}

/** Most rhymes and homophones that are told. */
const MOST_RELATED = 40;

function describeKnown(entry: LexiconEntry, lexicon: Lexicon): KnownWord {
  const [first, ...others] = entry.readings;
  const index = soundIndex(lexicon);
  const parts = wordParts(entry, lexicon);
  const twin = lexicon.twinOf(entry.word);
  return {
    word: entry.word,
    known: true,
    ...describeShape(entry.word, first),
    zipf: entry.zipf,
    frequencyBand: Math.max(1, Math.floor(entry.zipf)),
    level: {
      cefr: entry.cefr,
      usGrade: usGradeOf(entry.level),
      ukYear: ukYearOf(entry.level),
      age: entry.age,
      from: entry.levelFrom,
    },
    from: entry.from,
    headword: rootOf(entry, lexicon).word,
    family: familyOf(entry, lexicon)
      .slice(0, MOST_RELATED)
      .map((each) => each.word),
    wordClasses: wordClassesOf(entry.kinds),
    homophones: index.homophones(entry).map((each) => each.word),
    rhymes: index
      .rhymes(first)
      .filter((each) => each !== entry)
      .slice(0, MOST_RELATED)
      .map((each) => each.word),
    parts: parts.parts,
    partsKind: parts.kind,
    ...(parts.rule ? { partsRule: parts.rule } : {}),
    topics: lexicon.topicsOf(entry.word),
    pictures: lexicon.picturesOf(entry.word),
    ...(twin ? { otherSpelling: twin } : {}),
    otherReadings: others.map((reading) => ({
      ...describeReading(reading),
      wordClass: reading.wordClass,
    })),
  };
}

/** The analysis of a word, or `known: false` with a sentence that says so and a best guess. */
export function analyseWord(word: string, lexicon: Lexicon): WordAnalysis {
  const entry = lexicon.find(word);
  if (entry !== undefined) return describeKnown(entry, lexicon);
  const guess = guessReading(word.trim(), lexicon);
  return {
    word,
    known: false,
    message: guess
      ? `${word} is not in the word bank; this is a best guess, ${guess.basis}.`
      : `${word} is not in the word bank.`,
    ...(guess ? { guess: { ...describeShape(word.trim(), guess), basis: guess.basis } } : {}),
  };
}
