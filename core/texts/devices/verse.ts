/** The build of a poem: stanzas, syllables and stress of each line, its metre and its rhyme scheme. */
import { isVowelPhoneme } from '../../languages/en/sounds/phonemes';
import type { Lexicon, Reading } from '../../languages/en/lexicon/lexicon';
import {
  isHeading,
  linesIn,
  paragraphsIn,
  wordsIn,
  type Span,
} from '../../languages/shared/segment';
import type { SyllableCounter } from '../analysis/syllable-count';
import { entryOf, wordTokens } from '../analysis/word-tokens';
import { functionWords, phonemesOf } from './device';

export interface VerseLine extends Span {
  /** Counted from 1 through the poem, headings left out. */
  readonly number: number;
  readonly stanza: number;
  readonly syllables: number;
  /** One sign a syllable: / stressed, x not. */
  readonly stress: string;
  /** The letter of its rhyme; – where it rhymes with nothing. */
  readonly rhyme: string;
}

export interface Metre {
  /** iambic, trochaic, anapaestic, dactylic. */
  readonly foot: string;
  /** Stressed beats in most lines. */
  readonly beats: number;
  /** Share of the gaps between beats that keep to it. */
  readonly fit: number;
  readonly name: string;
}

export interface VerseForm {
  readonly lines: readonly VerseLine[];
  /** Lines of each stanza. */
  readonly stanzas: readonly number[];
  /** One group of letters a stanza: abcb · adad. */
  readonly scheme: string;
  readonly metre: Metre | undefined;
  /** Syllables of most lines. */
  readonly usualSyllables: number;
}

/** From the last stressed vowel to the end: what rhymes (Princeton handbook use; common practice). */
function rhymeKey(reading: Reading): string {
  const phonemes = phonemesOf(reading);
  const vowels = phonemes.flatMap((phoneme, index) => (isVowelPhoneme(phoneme) ? [index] : []));
  let stressed = vowels[vowels.length - 1] ?? 0;
  for (let index = reading.stresses.length - 1; index >= 0; index -= 1) {
    if (reading.stresses[index] !== 0) {
      stressed = vowels[index] ?? stressed;
      break;
    }
  }
  // fire and desire: the dictionary writes one with two vowels, the other with one.
  return phonemes
    .slice(stressed)
    .join(' ')
    .replace(/\b(AY|AW) ER\b/, '$1 R');
}

/** Every way the last word of a line can rhyme: each of its readings; by its letters where it is not known. */
function rhymesOf(text: string, line: Span, lexicon: Lexicon): { word: string; keys: string[] } {
  const words = wordTokens(text, line);
  const last = words[words.length - 1];
  if (last === undefined) return { word: '', keys: [] };
  const entry = entryOf(last.key, lexicon);
  if (entry) return { word: last.key, keys: entry.readings.map(rhymeKey) };
  const letters = /[aeiouy]+[^aeiouy]*e?$/.exec(last.key)?.[0] ?? last.key;
  return { word: last.key, keys: [`letters ${letters}`] };
}

const letters = 'abcdefghijklmnopqrstuvwxyz';

function schemeOf(text: string, lines: readonly Span[], lexicon: Lexicon): string[] {
  const found: { keys: Set<string>; words: Set<string> }[] = [];
  return lines.map((line) => {
    const { word, keys } = rhymesOf(text, line, lexicon);
    const at = found.findIndex(
      (group) => group.words.has(word) || keys.some((key) => group.keys.has(key)),
    );
    if (at === -1) {
      found.push({ keys: new Set(keys), words: new Set([word]) });
      return letters[(found.length - 1) % 26] ?? 'z';
    }
    keys.forEach((key) => found[at]?.keys.add(key));
    found[at]?.words.add(word);
    return letters[at % 26] ?? 'z';
  });
}

/** One sign a syllable: the dictionary's stress; a short full word is stressed, a short function word is not. */
function stressOf(text: string, line: Span, lexicon: Lexicon, counter: SyllableCounter): string {
  return wordTokens(text, line)
    .map(({ key, text: written }) => {
      const reading = entryOf(key, lexicon)?.readings[0];
      const count = counter.count(written);
      if (count <= 1) return functionWords.has(key) ? 'x' : '/';
      const stresses = reading?.stresses ?? [];
      return Array.from({ length: count }, (_, index) =>
        (stresses[index] ?? (index === 0 ? 1 : 0)) > 0 ? '/' : 'x',
      ).join('');
    })
    .join('');
}

const feet = {
  rising: { duple: 'iambic', triple: 'anapaestic' },
  falling: { duple: 'trochaic', triple: 'dactylic' },
} as const;
const lengths = [
  '',
  'monometer',
  'dimeter',
  'trimeter',
  'tetrameter',
  'pentameter',
  'hexameter',
  'heptameter',
];

function mostCommon(numbers: readonly number[]): number {
  const counts = new Map<number, number>();
  for (const number of numbers) counts.set(number, (counts.get(number) ?? 0) + 1);
  return [...counts].sort((left, right) => right[1] - left[1])[0]?.[0] ?? 0;
}

/**
 * Where the beats of a line fall: its stresses, and of three weak syllables
 * running the middle one too; of three strong ones the middle gives way
 * (promotion and demotion, as handbooks of metre describe them).
 */
export function beatsOf(stress: string): number[] {
  const settled = stress
    .replace(/x{3,}/g, (run) =>
      [...run].map((_, index) => (index % 2 === 1 && index < run.length - 1 ? '/' : 'x')).join(''),
    )
    .replace(/\/{3}/g, '/x/')
    .replace(/xx$/, 'x/');
  return [...settled].flatMap((sign, index) => (sign === '/' ? [index] : []));
}

function metreOf(lines: readonly VerseLine[]): Metre | undefined {
  if (lines.length < 2) return undefined;
  const beats = lines.map(({ stress }) => beatsOf(stress));
  const gaps = beats.flatMap((line) =>
    line.slice(1).map((at, index) => at - (line[index] ?? 0) - 1),
  );
  if (gaps.length === 0) return undefined;
  const ones = gaps.filter((gap) => gap === 1).length;
  const twos = gaps.filter((gap) => gap === 2).length;
  const kind = twos > ones ? 'triple' : 'duple';
  const kept = Math.max(ones, twos) / gaps.length;
  // In a duple metre the stressed syllables themselves tell: odd places rise, even places fall.
  const stressed = lines.flatMap(({ stress }) =>
    [...stress].flatMap((sign, index) => (sign === '/' ? [index % 2] : [])),
  );
  const odd = stressed.filter((place) => place === 1).length;
  const late = beats.filter((line) => (line[0] ?? 0) > 0).length;
  const rising = kind === 'duple' ? odd * 2 >= stressed.length : late * 2 >= lines.length;
  const usual = mostCommon(beats.map((line) => line.length));
  const steady = beats.filter((line) => Math.abs(line.length - usual) <= 1).length / lines.length;
  // Where neither the beats nor the gaps keep to a pattern, it is free verse.
  if (kept < 0.6 || steady < 0.6) return undefined;
  const foot = feet[rising ? 'rising' : 'falling'][kind];
  return { foot, beats: usual, fit: kept, name: `${foot} ${lengths[usual] ?? `of ${usual} feet`}` };
}

/** How a poem is built. */
export function verseForm(text: string, lexicon: Lexicon, counter: SyllableCounter): VerseForm {
  const stanzas = paragraphsIn(text).filter(({ start, end }) => !isHeading(text.slice(start, end)));
  const spans = stanzas.flatMap((stanza, index) =>
    linesIn(text, stanza).map((line) => ({ ...line, stanza: index + 1 })),
  );
  const rhymes = schemeOf(text, spans, lexicon);
  const lines = spans.map((line, index): VerseLine => ({
    ...line,
    number: index + 1,
    syllables: wordsIn(text, line).reduce(
      (sum, { start, end }) => sum + counter.count(text.slice(start, end)),
      0,
    ),
    stress: stressOf(text, line, lexicon, counter),
    rhyme: rhymes[index] ?? '–',
  }));
  const counts = stanzas.map((_, index) => lines.filter(({ stanza }) => stanza === index + 1));
  return {
    lines,
    stanzas: counts.map((stanza) => stanza.length),
    scheme: counts.map((stanza) => stanza.map(({ rhyme }) => rhyme).join(' ')).join(' · '),
    metre: metreOf(lines),
    usualSyllables: mostCommon(lines.map(({ syllables }) => syllables)),
  };
}
