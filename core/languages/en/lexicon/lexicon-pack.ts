/**
 * The packed lexicon: columns of text that compress well and load in one go.
 *
 * Alignments are stored as one character a unit: the id of its correspondence
 * added to `UNIT_BASE`, and a split digraph's consonant follows its vowel.
 */
import { correspondences } from '../sounds/correspondences';
import type { AlignedUnit } from '../sounds/align';

/** How the words are said in one accent: a column for each part, in the order of the pack's words. */
export interface SoundColumns {
  /** Readings of each word joined by `|`; the words joined by a space. */
  readonly units: string;
  /** Stress digits of each reading, joined alike. */
  readonly stresses: string;
  /** Letters in each syllable as base-36 digits, joined alike. */
  readonly syllables: string;
  /** Word class of each reading (n, v, a, d or -), joined alike. */
  readonly classes: string;
}

export interface LexiconPack extends SoundColumns {
  /** Format of the pack; a loader refuses another. */
  readonly format: typeof PACK_FORMAT;
  /** Words joined by spaces, most frequent first. */
  readonly words: string;
  /** Zipf frequency times 100, one integer a word. */
  readonly zipf: readonly number[];
  /** Age at which each word is understood, in half years, one base-36 digit a word. */
  readonly ages: string;
  /** CEFR level of each word: 0 for A1 to 4 for C1, one digit a word. */
  readonly cefrs: string;
  /** Where the level is from: one letter of `levelSources` a word. */
  readonly levelsFrom: string;
  /** The youngest age for which each word is offered unasked, one base-36 digit a word; 0 for any. */
  readonly froms: string;
  /** The headword each word is a form of, as its rank in base 36 (`-` before it where it is derived), empty for itself. */
  readonly heads: string;
  /** The wordbook's word classes of each headword, what a school meets first in front; letters as there, empty for others. */
  readonly schoolClasses: string;
  /** Words and their opposites: `big=small,little`, joined by spaces. */
  readonly opposites: string;
  /** What nouns are names for: words of each kind, joined by spaces. */
  readonly nameKinds: Readonly<Record<string, string>>;
  /** Word classes of each word, the bits of `wordClassBits` in base 36, joined by a space. */
  readonly kinds: string;
  /** How often each word is meant as noun, verb, adjective, adverb: digits 0 to 9, joined by a space. */
  readonly shares: string;
  /** American spellings and their British twins: `color=colour center=centre`. */
  readonly twins: string;
  /** Words of each topic, joined by spaces. */
  readonly topics: Readonly<Record<string, string>>;
  /** Words that have a picture: `icon word word`, one icon a line. */
  readonly pictures: string;
  /** Hashes of unfit words, by letters, by ear and by phonemes; see `packHashes`. */
  readonly unfit: string;
  /** Hashes of short real words and names outside the lexicon, by letters and by phonemes. */
  readonly otherWords: string;
}

/** Where a word's level is from: its own line of the wordbook, the line of its headword, or the estimate. */
export const levelSources = { w: 'wordbook', h: 'headword', e: 'estimate' } as const;
export type LevelSource = (typeof levelSources)[keyof typeof levelSources];

/** The columns of another accent, packed on their own. */
export interface AccentPack extends SoundColumns {
  readonly format: typeof PACK_FORMAT;
  readonly accent: 'british';
}

export const PACK_FORMAT = 6;
const UNIT_BASE = 0x100;

/** The character that stands for a correspondence in a packed reading. */
export function unitCharacter(id: number): string {
  return String.fromCharCode(UNIT_BASE + id);
}

export function encodeUnits(units: readonly AlignedUnit[]): string {
  return units.map((unit) => unitCharacter(unit.correspondence.id)).join('');
}

/** The ids of the correspondences in a packed column, all readings together. */
export function* correspondenceIds(codes: string): Iterable<number> {
  for (let at = 0; at < codes.length; at += 1) {
    const code = codes.charCodeAt(at);
    if (code >= UNIT_BASE) yield code - UNIT_BASE;
  }
}

/** Rebuilds the units and their letter offsets. */
export function decodeUnits(code: string): AlignedUnit[] {
  const units: AlignedUnit[] = [];
  let at = 0;
  let silentE = false;
  for (const character of code) {
    const correspondence = correspondences[character.charCodeAt(0) - UNIT_BASE];
    if (correspondence === undefined) throw new Error('The word pack does not fit this program.');
    const { grapheme, phonemes } = correspondence;
    const split = grapheme.endsWith('_e');
    const letters = split ? grapheme.length - 2 : grapheme.length;
    const end = at + letters + (silentE ? 1 : 0);
    units.push({ grapheme, phonemes, start: at, end, correspondence });
    at = end;
    silentE = split;
  }
  return units;
}
