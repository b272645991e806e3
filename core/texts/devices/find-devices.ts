/** All that a machine can find in a text, in the order of the text. */
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import {
  isHeading,
  linesIn,
  looksLikeVerse,
  sentencesIn,
  type Span,
} from '../../languages/shared/segment';
import type { SyllableCounter } from '../analysis/syllable-count';
import { soundedWords, type FoundDevice } from './device';
import { anaphora, repetition } from './repetition';
import {
  findConnectives,
  findDialogue,
  findShifts,
  findStructureSignals,
  findTimeWords,
  type TextStructure,
} from './signals';
import { similes } from './similes';
import { alliteration, assonance } from './sound-patterns';
import { verseForm, type VerseForm } from './verse';

export interface TextDevices {
  readonly verse: boolean;
  readonly devices: readonly FoundDevice[];
  /** Of verse only. */
  readonly form: VerseForm | undefined;
  /** Signals of each text structure, the most frequent first. */
  readonly structures: readonly { readonly structure: TextStructure; readonly count: number }[];
}

/** Finds devices; sound patterns are heard within a line of verse or a sentence of prose. */
export function findDevices(
  text: string,
  lexicon: Lexicon,
  counter: SyllableCounter,
  verse = looksLikeVerse(text),
): TextDevices {
  const sentences = sentencesIn(text, verse).filter(
    ({ start, end }) => !isHeading(text.slice(start, end)),
  );
  const lines = linesIn(text).filter(({ start, end }) => !isHeading(text.slice(start, end)));
  const units: readonly Span[] = verse ? lines : sentences;
  const heard = units.flatMap((unit) => {
    const words = soundedWords(text, unit, lexicon);
    return [...alliteration(words), ...(verse ? assonance(words) : [])];
  });
  const structures = findStructureSignals(text);
  const devices = [
    ...heard,
    ...anaphora(text, units),
    ...repetition(text, units),
    ...similes(text),
    ...findShifts(text, units),
    ...findDialogue(text),
    ...findConnectives(text, sentences),
    ...findTimeWords(text),
    ...structures.flatMap(({ signals }) => signals),
  ].sort((left, right) => left.start - right.start || left.end - right.end);
  return {
    verse,
    devices,
    form: verse ? verseForm(text, lexicon, counter) : undefined,
    structures: structures.map(({ structure, signals }) => ({ structure, count: signals.length })),
  };
}
