/**
 * Phonics patterns of a word, read off its alignment. The labels follow the
 * phoneme–grapheme and syllable-type tables of the Common Core State Standards,
 * ELA Appendix A (2010).
 */
import type { AlignedUnit } from './align';
import { isVowelPhoneme } from './phonemes';
import {
  regularShortVowel,
  syllablesOf,
  syllableTypeOf,
  type SyllableUnits,
} from './syllable-types';
import { endsInAddedEnding } from './sequence';

export const patternNames = [
  'CVC',
  'CCVC',
  'CVCC',
  'CCVCC',
  'CVCe',
  'consonant-digraph',
  'blend',
  'vowel-team',
  'r-controlled',
  'diphthong',
  'silent-letter',
  'soft-c',
  'hard-c',
  'soft-g',
  'hard-g',
  'doubled-consonant',
  'open-syllable',
  'closed-syllable',
  'consonant-le',
] as const;
export type PatternName = (typeof patternNames)[number];

export function isPatternName(name: string): name is PatternName {
  return (patternNames as readonly string[]).includes(name);
}

/** How a teacher reads each label. */
export const patternTexts: Readonly<Record<PatternName, string>> = {
  CVC: 'one short vowel between two consonants (CVC)',
  CCVC: 'two consonants, short vowel, consonant (CCVC)',
  CVCC: 'consonant, short vowel, two consonants (CVCC)',
  CCVCC: 'two consonants on each side of a short vowel (CCVCC)',
  CVCe: 'split digraph (vowel–consonant–e)',
  'consonant-digraph': 'consonant digraph',
  blend: 'blend',
  'vowel-team': 'vowel team',
  'r-controlled': 'r-controlled vowel',
  diphthong: 'diphthong',
  'silent-letter': 'silent letter',
  'soft-c': 'soft c',
  'hard-c': 'hard c',
  'soft-g': 'soft g',
  'hard-g': 'hard g',
  'doubled-consonant': 'doubled consonant',
  'open-syllable': 'open syllable',
  'closed-syllable': 'closed syllable',
  'consonant-le': 'consonant + le',
};

/** A reading as far as patterns need it. */
export interface PatternSource {
  readonly units: readonly AlignedUnit[];
  readonly stresses: readonly number[];
  readonly syllables: readonly string[];
}

const consonantDigraphs = new Set(['sh', 'ch', 'th', 'wh', 'ph', 'ng', 'ck', 'tch', 'dge']);
/** Pairs in which one letter is silent, with the sound that is left. */
const silentPairs = new Set(
  `kn|N gn|N pn|N mn|M mn|N mb|M lm|M wr|R rh|R rrh|R ps|S sc|S st|S sw|S bt|T pt|T ct|T tw|T cht|T lk|K lf|F lv|V
   ft|F gh|G wh|HH dne|N ln|N bd|D dh|D kh|K al|AA al|AE al|AO oul|UH xh|G Z ckg|G phth|T pb|B bh|B gm|M sth|S sl|L`.split(
    /\s+(?!Z)/,
  ),
);

const isVowelUnit = (unit: AlignedUnit) => unit.phonemes.some(isVowelPhoneme);

/** C and V for each grapheme, where the word has one syllable and a regular short vowel; else undefined. */
function shapeOf({ units, syllables }: PatternSource): string | undefined {
  if (syllables.length !== 1) return undefined;
  let shape = '';
  for (const unit of units) {
    if (unit.phonemes.length === 0) return undefined;
    if (!isVowelUnit(unit)) shape += 'C';
    else if (regularShortVowel(unit)) shape += 'V';
    else return undefined;
  }
  return shape;
}

/** True for the letters of a vowel grapheme that work as a team: ai, igh, ow, eigh, but not al or ur. */
export function isVowelTeam(unit: AlignedUnit): boolean {
  const { grapheme } = unit;
  return (
    isVowelUnit(unit) &&
    grapheme.length > 1 &&
    !grapheme.endsWith('_e') &&
    /^[aeiouy]+[wy]?(gh)?$/.test(grapheme)
  );
}

/** A vowel with the r that colours it, in one grapheme. */
export function isRControlled(unit: AlignedUnit): boolean {
  return isVowelUnit(unit) && /^h?[aeiouy]+w?e?rr?h?e?'?r?e?$/.test(unit.grapheme);
}

function isSilentLetter(unit: AlignedUnit): boolean {
  if (unit.phonemes.length === 0) return !/^[e']$/.test(unit.grapheme);
  return silentPairs.has(`${unit.grapheme}|${unit.phonemes.join(' ')}`);
}

/** Two sounded consonant graphemes side by side in one syllable, an added ending not counted. */
function hasBlend(source: PatternSource, syllables: readonly SyllableUnits[]): boolean {
  const last = endsInAddedEnding(source.units) ? source.units.length - 1 : source.units.length;
  return syllables.some(({ units, from }) =>
    units.some((unit, index) => {
      const next = units[index + 1];
      if (next === undefined || from + index + 1 >= last) return false;
      const bothConsonants = [unit, next].every(
        (each) => each.phonemes.length > 0 && !isVowelUnit(each),
      );
      return bothConsonants && !/^[y']|'/.test(next.grapheme);
    }),
  );
}

const says = (unit: AlignedUnit, graphemes: string, phoneme: string) =>
  graphemes.split(' ').includes(unit.grapheme) && unit.phonemes.includes(phoneme);

type UnitTest = (unit: AlignedUnit) => boolean;

/** Patterns that one grapheme with its sound decides. */
const unitTests: Partial<Record<PatternName, UnitTest>> = {
  CVCe: ({ grapheme }) => grapheme.endsWith('_e'),
  'consonant-digraph': (unit) =>
    (consonantDigraphs.has(unit.grapheme) && unit.phonemes.length > 0) || says(unit, 'gh', 'F'),
  'vowel-team': isVowelTeam,
  'r-controlled': isRControlled,
  diphthong: ({ phonemes }) => /^(AW|OY)$/.test(phonemes.join(' ')),
  'silent-letter': isSilentLetter,
  'soft-c': (unit) => says(unit, 'c ce sc xc cc', 'S'),
  'hard-c': (unit) => says(unit, 'c cc', 'K'),
  'soft-g': (unit) => says(unit, 'g ge gg', 'JH'),
  'hard-g': (unit) => says(unit, 'g gg', 'G'),
  'doubled-consonant': ({ grapheme, phonemes }) =>
    phonemes.length > 0 && /^([^aeiou])\1e?$/.test(grapheme),
};

const bitOf = Object.fromEntries(patternNames.map((name, index) => [name, 1 << index])) as Readonly<
  Record<PatternName, number>
>;

const bitsByCorrespondence: number[] = [];

/** What a grapheme with its sound decides is the same in every word, and is found once. */
function unitBits(unit: AlignedUnit): number {
  const { id } = unit.correspondence;
  const known = bitsByCorrespondence[id];
  if (known !== undefined) return known;
  let bits = 0;
  for (const [name, test] of Object.entries(unitTests) as [PatternName, UnitTest][]) {
    if (test(unit)) bits |= bitOf[name];
  }
  bitsByCorrespondence[id] = bits;
  return bits;
}

/** The patterns of a word as bits, in the order of `patternNames`. */
export function patternBitsOf(source: PatternSource): number {
  let bits = 0;
  for (const unit of source.units) bits |= unitBits(unit);
  const shape = shapeOf(source);
  if (shape === 'CVC' || shape === 'CCVC' || shape === 'CVCC' || shape === 'CCVCC') {
    bits |= bitOf[shape];
  }
  const syllables = syllablesOf(source);
  if (hasBlend(source, syllables)) bits |= bitOf.blend;
  for (const syllable of syllables) {
    const type = syllableTypeOf(syllable);
    if (type === 'open') bits |= bitOf['open-syllable'];
    else if (type === 'closed') bits |= bitOf['closed-syllable'];
    else if (type === 'consonant-le') bits |= bitOf['consonant-le'];
  }
  return bits;
}

/** The names whose bits are set, in the order of `patternNames`. */
export function patternsIn(bits: number): PatternName[] {
  return patternNames.filter((name) => (bits & bitOf[name]) !== 0);
}

/** The bits of patterns. */
export function patternMask(names: readonly PatternName[]): number {
  return names.reduce((bits, name) => bits | bitOf[name], 0);
}

/** Every pattern a word has, in the order of `patternNames`. */
export function patternsOf(source: PatternSource): PatternName[] {
  return patternsIn(patternBitsOf(source));
}
