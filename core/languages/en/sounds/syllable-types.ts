/**
 * The type of each syllable: closed, open, vowel team, split digraph,
 * r-controlled, consonant-le, or other (an unstressed or odd one). The six types
 * are those of the Common Core State Standards, ELA Appendix A (2010), table
 * "Six Syllable Types".
 */
import type { AlignedUnit } from './align';
import { isVowelPhoneme } from './phonemes';

export const syllableTypes = [
  'closed',
  'open',
  'vowel-team',
  'split-digraph',
  'r-controlled',
  'consonant-le',
  'other',
] as const;
export type SyllableType = (typeof syllableTypes)[number];

/** A syllable's letters with the units that begin in it. */
export interface SyllableUnits {
  readonly letters: string;
  readonly units: readonly AlignedUnit[];
  /** Index of its first unit in the word. */
  readonly from: number;
}

interface Source {
  readonly units: readonly AlignedUnit[];
  readonly syllables: readonly string[];
}

/** Divides the units among the written syllables; a unit cut by a boundary (rab·bit) belongs where it begins. */
export function syllablesOf({ units, syllables }: Source): SyllableUnits[] {
  const found: SyllableUnits[] = [];
  let at = 0;
  let from = 0;
  for (const letters of syllables) {
    at += letters.length;
    let to = from;
    while (to < units.length && (units[to] as AlignedUnit).start < at) to += 1;
    found.push({ letters, units: units.slice(from, to), from });
    from = to;
  }
  return found;
}

const shortOf: Readonly<Record<string, string>> = {
  a: 'AE',
  e: 'EH',
  i: 'IH',
  o: 'AA OH AO',
  u: 'AH',
};

/**
 * True for a single vowel letter with its regular short sound. The o of dog and
 * off, which many Americans round, counts as regular.
 */
export function regularShortVowel(unit: AlignedUnit): boolean {
  const [phoneme, more] = unit.phonemes;
  if (phoneme === undefined || more !== undefined) return false;
  return shortOf[unit.grapheme]?.split(' ').includes(phoneme) ?? false;
}

const longOf: Readonly<Record<string, readonly string[]>> = {
  a: ['EY'],
  e: ['IY'],
  i: ['AY', 'IY'],
  o: ['OW', 'UW'],
  u: ['UW', 'Y UW'],
  y: ['AY', 'IY'],
};

/** The type of one syllable. */
export function syllableTypeOf({ units }: SyllableUnits): SyllableType {
  const at = units.findIndex((unit) => unit.phonemes.some(isVowelPhoneme));
  const vowel = units[at];
  if (vowel === undefined) return 'other';
  const { grapheme } = vowel;
  if (grapheme === 'le') return 'consonant-le';
  if (grapheme.endsWith('_e')) return 'split-digraph';
  if (/[aeiouy].*r/.test(grapheme)) return 'r-controlled';
  if (/^[aeiouy]+[wy]?(gh)?$/.test(grapheme) && grapheme.length > 1) return 'vowel-team';
  const last = at === units.length - 1;
  if (last && longOf[grapheme]?.includes(vowel.phonemes.join(' '))) return 'open';
  if (!last && regularShortVowel(vowel)) return 'closed';
  // A doubled consonant closes the syllable it begins in (rab·bit): its unit is here.
  return 'other';
}
