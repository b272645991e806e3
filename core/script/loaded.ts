/** What the functions for scripts work on: word bank, meanings and syllables, loaded once a process. */
import type { Accent } from '../kernel/accent';
import { SyllableCounter, unpackSyllables } from '../texts/analysis/syllable-count';
import { Lexicon } from '../languages/en/lexicon/lexicon';
import type { AccentPack, LexiconPack } from '../languages/en/lexicon/lexicon-pack';
import { Meanings } from '../languages/en/words/meanings';
import { Atlas, type AtlasPack } from '../maps/atlas';

/** Reads a pack when an accent is first asked for. */
export type PackSource = () => { lexicon: LexiconPack; spoken?: AccentPack };

const sources = new Map<Accent, PackSource>();
const lexicons = new Map<Accent, Lexicon>();

/** Says where the lexicon of an accent comes from; it is read when first needed. */
export function useLexicon(accent: Accent, source: PackSource): void {
  sources.set(accent, source);
  lexicons.delete(accent);
}

export function loadedLexicon(accent: Accent = 'american'): Lexicon {
  let lexicon = lexicons.get(accent);
  if (lexicon === undefined) {
    const source = sources.get(accent);
    if (source === undefined) {
      throw new RangeError(
        `There is no word bank for the accent ${String(accent)}. Accents: ${[...sources.keys()].join(', ')}.`,
      );
    }
    const packs = source();
    lexicon = new Lexicon(packs.lexicon, packs.spoken);
    lexicons.set(accent, lexicon);
  }
  return lexicon;
}

/** Packed meanings, and the sentences packed apart. */
export type MeaningsSource = () => readonly [meanings: string, sentences: string];

let meaningsSource: MeaningsSource | undefined;
let meanings: Meanings | undefined;

/** Says where the packed meanings come from; they are read when first needed. */
export function useMeanings(source: MeaningsSource): void {
  meaningsSource = source;
  meanings = undefined;
}

/** The meanings, read when first needed; undefined where none were given. */
export function loadedMeanings(): Meanings | undefined {
  if (meanings === undefined && meaningsSource !== undefined)
    meanings = new Meanings(...meaningsSource());
  return meanings;
}

let syllablesSource: (() => string) | undefined;
let syllableCounter: SyllableCounter | undefined;

/** Says where the packed syllable counts come from; they are read when first needed. */
export function useSyllables(source: () => string): void {
  syllablesSource = source;
  syllableCounter = undefined;
}

export function loadedSyllables(): SyllableCounter {
  syllableCounter ??= new SyllableCounter(
    syllablesSource === undefined ? undefined : unpackSyllables(syllablesSource()),
  );
  return syllableCounter;
}

let atlasSource: (() => AtlasPack) | undefined;
let atlas: Atlas | undefined;

/** Says where the packed atlas comes from; it is read when first needed. */
export function useAtlas(source: () => AtlasPack): void {
  atlasSource = source;
  atlas = undefined;
}

/** @throws Error where no atlas was given */
export function loadedAtlas(): Atlas {
  if (atlasSource === undefined) throw new Error('The atlas is not loaded: call useAtlas first.');
  atlas ??= new Atlas(atlasSource());
  return atlas;
}
