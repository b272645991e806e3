/**
 * Written syllables from an alignment: a maximal legal onset, except that a
 * short stressed vowel keeps one consonant, doubled letters are split,
 * consonant-le takes one consonant, and a known morpheme boundary always cuts.
 *
 * The rules are those of American school dictionaries (common practice); the
 * onsets are the clusters that begin English words (e.g. Harris 1994, from memory).
 */
import type { AlignedUnit } from './align';
import { isVowelPhoneme, shortVowels } from './phonemes';

const clusters =
  'PL PR BL BR TR TW DR KL KR KW GL GR GW FL FR THR THW SHR SP ST SK SM SN SL SW SF SPL SPR STR SKR SKW PY BY MY KY FY VY HHY HHW NY'.split(
    ' ',
  );
const legalOnsets = new Set(clusters);

function isLegalOnset(units: readonly AlignedUnit[]): boolean {
  // sphere, but sat·is·fy.
  if (units[0]?.grapheme === 's' && units[1]?.grapheme === 'f') return false;
  const sounds = units.flatMap((unit) => unit.phonemes);
  if (sounds.length <= 1) return sounds[0] !== 'NG';
  return legalOnsets.has(sounds.join(''));
}

function isNucleus(unit: AlignedUnit): boolean {
  return unit.phonemes.some(isVowelPhoneme);
}

function isConsonantLe(unit: AlignedUnit): boolean {
  return unit.grapheme === 'le' && unit.phonemes.join(' ') === 'AH L';
}

/** Short and stressed, so that the syllable needs a consonant to close it. */
function isChecked(unit: AlignedUnit, stress: number, next: AlignedUnit | undefined): boolean {
  const vowel = unit.phonemes.find(isVowelPhoneme);
  if (vowel === undefined || stress === 0 || !shortVowels.has(vowel)) return false;
  // Before r the dictionary's IH is the long vowel of hero.
  if (vowel === 'IH' && next?.phonemes[0] === 'R')
    return next.grapheme === 'rr' || /^[iy]$/.test(unit.grapheme);
  // The vowel of tour is no short one.
  if (/r$/.test(unit.grapheme)) return false;
  return vowel !== 'AA' || unit.grapheme === 'o';
}

function isConsonantLeAt(units: readonly AlignedUnit[], start: number): boolean {
  return units.some((unit) => unit.start >= start && isConsonantLe(unit));
}

function isDoubled(unit: AlignedUnit): boolean {
  return /^(.)\1$/.test(unit.grapheme);
}

/** The letter offset that divides the syllable of one nucleus from the syllable of the next. */
function cutBetween(
  nucleus: AlignedUnit,
  stress: number,
  between: readonly AlignedUnit[],
  next: AlignedUnit,
  inside: boolean,
): number {
  const first = between[0];
  // cur·rent: the second r of a vowel spelled with rr opens the next syllable.
  if (first === undefined) return /rr$/.test(nucleus.grapheme) ? nucleus.end - 1 : next.start;
  // The consonant of a split digraph belongs to its vowel, silent e and all.
  if (nucleus.grapheme.endsWith('_e')) {
    const rest = between.slice(1);
    return rest[0]?.start ?? first.end;
  }
  if (between.length === 1 && first.grapheme === 'ck') return first.end;
  if (isConsonantLe(next)) {
    const last = between[between.length - 1] as AlignedUnit;
    if (last.grapheme.length === 2 && (isDoubled(last) || last.grapheme === 'st')) {
      return last.start + 1;
    }
    return last.start;
  }
  // lis·ten, fas·ten: the silent t opens the next syllable; ex·haust.
  if (isDoubled(first) || /^(xc|xh|st|dj)$/.test(first.grapheme)) return first.start + 1;
  // The i of -tion, -cian, -sion is only a sign for the sound: it never closes a syllable.
  if (/^(ti|ci|si|sci|xi)$/.test(first.grapheme)) return first.start;
  if (first.grapheme === 'ssi') return first.start + 1;
  // reg·is·ter, ped·es·tal: inside a word an s before p, t, k closes its syllable.
  const closes = inside && first.grapheme === 's' && /^[ptkc]/.test(between[1]?.grapheme ?? '');
  const kept = closes || isChecked(nucleus, stress, first) ? 1 : 0;
  for (let taken = kept; taken <= between.length; taken += 1) {
    const onset = between.slice(taken);
    const head = onset[0];
    if (head !== undefined && taken > 0 && isDoubled(head)) return head.start + 1;
    if (isLegalOnset(onset)) return head?.start ?? next.start;
  }
  return next.start;
}

/**
 * The written syllables of an aligned word.
 *
 * @param word the word's letters
 * @param units its alignment
 * @param stresses the stress of each vowel phoneme in order: 1 primary, 2 secondary, 0 none
 * @param boundaries letter offsets where two morphemes meet; a cut is moved there
 */
export function syllabify(
  word: string,
  units: readonly AlignedUnit[],
  stresses: readonly number[],
  boundaries: readonly number[] = [],
): string[] {
  const nuclei: { index: number; stress: number }[] = [];
  let vowelsHeard = 0;
  units.forEach((unit, index) => {
    const vowels = unit.phonemes.filter(isVowelPhoneme).length;
    if (vowels > 0) {
      nuclei.push({ index, stress: stresses[vowelsHeard] ?? 0 });
      vowelsHeard += vowels;
    }
  });

  const cuts: number[] = [];
  for (let pair = 0; pair + 1 < nuclei.length; pair += 1) {
    const left = nuclei[pair] as { index: number; stress: number };
    const right = nuclei[pair + 1] as { index: number; stress: number };
    const nucleus = units[left.index] as AlignedUnit;
    const next = units[right.index] as AlignedUnit;
    const boundary = boundaries.find((at) => at > nucleus.start && at <= next.start);
    cuts.push(
      boundary ??
        cutBetween(
          nucleus,
          left.stress,
          units.slice(left.index + 1, right.index),
          next,
          pair > 0 || !/^(re|de|pre|pro|be|se|a)$/.test(word.slice(0, nucleus.end)),
        ),
    );
  }
  // A syllable needs a vowel letter (gam·bling, not gam·bl·ing).
  const kept = cuts.filter((cut, index) => {
    const before = cuts[index - 1] ?? 0;
    return /[aeiouy]/.test(word.slice(before, cut)) || isConsonantLeAt(units, before);
  });
  const edges = [0, ...kept, word.length];
  return edges
    .slice(0, -1)
    .map((from, index) => word.slice(from, edges[index + 1]))
    .filter((part) => part !== '');
}

export { isNucleus, isConsonantLe };
