/** Everything that is measured of a text: counts, formulas, vocabulary, what is decodable, and how it runs. */
import type { ClassProfile } from '../../classes/class-profile';
import { sequenceIndexOf } from '../../classes/class-sequence';
import { decodingReasons } from '../../reach/check-word';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { Measures } from './measures';
import { profileOf, type LexicalProfile } from './profile';
import {
  readabilityOf,
  isSure,
  type Readability,
  type ReadabilityInputs,
  type TextCounts,
} from './readability';
import {
  linesIn,
  looksLikeVerse,
  paragraphsIn,
  sectionsIn,
  sentencesIn,
  wordsIn,
  type Section,
  type Span,
} from '../../languages/shared/segment';
import type { SyllableCounter } from './syllable-count';
import { entryOf, namesIn, sentenceStarts, wordTokens, type WordToken } from './word-tokens';
import { speaks } from '../../languages/registry/registry';

export interface MeasuredPart {
  readonly counts: TextCounts;
  readonly readability: Readability;
  /** False where the part is too short for a grade to be trusted. */
  readonly sure: boolean;
}

export interface MeasuredSection extends Section, MeasuredPart {}

/** A stretch of about a hundred words, to draw how the text runs. */
export interface RunPoint extends Span {
  /** Words before it. */
  readonly at: number;
  readonly grade: number;
  readonly wordsInSentence: number;
  readonly hardShare: number;
}

export interface Decodable {
  readonly step: number;
  readonly secure: number;
  readonly total: number;
  readonly share: number;
  /** Words that are not, the most frequent first, at most sixty. */
  readonly others: readonly string[];
}

export interface TextAnalysis extends MeasuredPart {
  readonly verse: boolean;
  readonly inputs: ReadabilityInputs;
  readonly profile: LexicalProfile;
  /** Null without a class on the sequence, or for a language that is not taught by it. */
  readonly decodable: Decodable | null;
  readonly sentenceLengths: readonly number[];
  readonly sections: readonly MeasuredSection[];
  readonly run: readonly RunPoint[];
  /** What the teacher should know of the numbers, in plain sentences. */
  readonly notes: readonly string[];
}

export interface AnalyseInput {
  readonly text: string;
  readonly lexicon: Lexicon;
  readonly syllables: SyllableCounter;
  readonly profile?: ClassProfile | undefined;
  readonly language?: string | undefined;
  readonly verse?: boolean | undefined;
  /** Called now and then with the share that is done. */
  readonly onProgress?: ((share: number) => void) | undefined;
}

const STRETCH_WORDS = 100;

/** The words of each span: both lists are in order. */
function wordsBySpan(spans: readonly Span[], words: readonly Span[]): Span[][] {
  let index = 0;
  return spans.map(({ start, end }) => {
    const found: Span[] = [];
    for (; index < words.length; index += 1) {
      const word = words[index] as Span;
      if (word.start >= end) break;
      if (word.start >= start) found.push(word);
    }
    return found;
  });
}

function decodableOf(
  tokens: readonly WordToken[],
  names: ReadonlySet<string>,
  profile: ClassProfile,
  lexicon: Lexicon,
): Decodable | null {
  const { step } = profile;
  if (step === null) return null;
  const index = sequenceIndexOf(profile);
  const known = new Set(profile.knownWords.map((word) => word.toLowerCase()));
  const cache = new Map<string, boolean>();
  const others = new Map<string, number>();
  let secure = 0;
  let total = 0;
  for (const { key } of tokens) {
    if (names.has(key)) continue;
    total += 1;
    let can = cache.get(key);
    if (can === undefined) {
      const sight = index.stepOfSightWord(key);
      const entry = entryOf(key, lexicon);
      can =
        known.has(key) ||
        (sight !== undefined && sight <= step) ||
        (entry !== undefined && decodingReasons(entry.readings[0], step, index).reach === 'secure');
      cache.set(key, can);
    }
    if (can) secure += 1;
    else others.set(key, (others.get(key) ?? 0) + 1);
  }
  return {
    step,
    secure,
    total,
    share: total === 0 ? 0 : secure / total,
    others: [...others]
      .sort((left, right) => right[1] - left[1])
      .slice(0, 60)
      .map(([word]) => word),
  };
}

function notesOf(
  text: string,
  analysis: { counts: TextCounts; verse: boolean; sure: boolean },
  english: boolean,
): string[] {
  const { counts, verse, sure } = analysis;
  const notes: string[] = [];
  if (counts.words === 0) return ['There is no word in this text yet.'];
  if (!english)
    notes.push(
      'The formulas were made for English: for this language only the counts are to be trusted.',
    );
  if (!/[.!?…]/.test(text)) {
    notes.push(
      'No full stop, question mark or exclamation mark was found, so each paragraph counts as one sentence.',
    );
  }
  if (!sure) {
    notes.push(
      `Too short to say: a grade is unsure under 100 words or 10 sentences, and this has ${counts.words} and ${counts.sentences}.`,
    );
  }
  if (verse) notes.push('This is set as verse. Formulas were made for prose; read them with care.');
  return notes;
}

export function analyseText(input: AnalyseInput): TextAnalysis {
  const { text, lexicon, syllables, profile, language = 'en', onProgress } = input;
  const verse = input.verse ?? looksLikeVerse(text);
  const plain = text.replace(/^#{1,6} +/gm, (signs) => ' '.repeat(signs.length));
  const sentences = sentencesIn(text, verse).filter(
    ({ start, end }) => wordsIn(plain, { start, end }).length > 0,
  );
  const words = wordsIn(plain);
  onProgress?.(0.2);
  const tokens = wordTokens(plain);
  const starts = sentenceStarts(plain, sentences, verse ? linesIn(plain) : paragraphsIn(plain));
  const names = namesIn(tokens, starts, lexicon);
  onProgress?.(0.35);
  const measures = new Measures(syllables, names);
  const inputs = measures.of(plain, words, sentences.length);
  onProgress?.(0.6);
  const bySentence = wordsBySpan(sentences, words);
  const countsOf = ({
    sentences: count,
    words: all,
    syllables: spoken,
    letters,
  }: ReadabilityInputs): TextCounts => ({
    sentences: count,
    words: all,
    syllables: spoken,
    letters,
  });
  const sections = sectionsIn(text);
  const bySection = wordsBySpan(sections, words);
  const measured = sections.map((section, index): MeasuredSection => {
    const inside = sentences.filter(
      ({ start }) => start >= section.start && start < section.end,
    ).length;
    const part = measures.of(plain, bySection[index] ?? [], inside);
    return {
      ...section,
      counts: countsOf(part),
      readability: readabilityOf(part),
      sure: isSure(part),
    };
  });
  onProgress?.(0.75);
  const run: RunPoint[] = [];
  let stretch: Span[] = [];
  let count = 0;
  let before = 0;
  bySentence.forEach((found, index) => {
    stretch = [...stretch, ...found];
    count += 1;
    const last = index === bySentence.length - 1;
    if (stretch.length < STRETCH_WORDS && !(last && stretch.length > 0)) return;
    const part = measures.of(plain, stretch, count);
    run.push({
      start: stretch[0]?.start ?? 0,
      end: stretch[stretch.length - 1]?.end ?? 0,
      at: before,
      grade: readabilityOf(part).fleschKincaid,
      wordsInSentence: part.words / part.sentences,
      hardShare: part.hardWords / part.words,
    });
    before += stretch.length;
    stretch = [];
    count = 0;
  });
  const counts = countsOf(inputs);
  const english = speaks(language, 'words');
  onProgress?.(0.85);
  const analysis = {
    verse,
    counts,
    inputs,
    readability: readabilityOf(inputs),
    sure: isSure(counts) && english,
    profile: profileOf(tokens, names, lexicon),
    decodable: profile && english ? decodableOf(tokens, names, profile, lexicon) : null,
    sentenceLengths: bySentence.map((found) => found.length),
    sections: measured,
    run,
  };
  onProgress?.(1);
  return { ...analysis, notes: notesOf(text, analysis, english) };
}
