/** The phonics patterns as rules in a child's words, and the words that look like a pattern and break it. */
import type { AlignedUnit } from '../sounds/align';
import type { PatternName } from '../sounds/patterns';
import type { LexiconEntry } from '../lexicon/lexicon';

/** Common practice in phonics teaching; the wording is ours. */
export const patternRules: Readonly<Record<PatternName, string>> = {
  CVC: 'One vowel letter with a consonant on each side: the vowel is short.',
  CCVC: 'Two consonants first, then one vowel letter and a consonant: the vowel is short.',
  CVCC: 'One vowel letter before two consonants: the vowel is short.',
  CCVCC: 'Two consonants on each side of one vowel letter: the vowel is short.',
  CVCe: 'Vowel, consonant, e: the e is silent and the vowel says its name.',
  'consonant-digraph': 'Two consonant letters make one new sound.',
  blend: 'Consonants stand side by side, and each keeps its own sound.',
  'vowel-team': 'Two vowel letters work together and make one sound.',
  'r-controlled': 'An r after the vowel changes its sound.',
  diphthong: 'The sound glides: the mouth moves while it says the vowel.',
  'silent-letter': 'One letter of the pair is written and not heard.',
  'soft-c': 'c before e, i or y says s.',
  'hard-c': 'c before a, o, u or a consonant says k.',
  'soft-g': 'g before e, i or y says j.',
  'hard-g': 'g before a, o, u or a consonant says its hard sound.',
  'doubled-consonant': 'Two of the same consonant say one sound; the vowel before them is short.',
  'open-syllable': 'The syllable ends with a vowel: the vowel says its name.',
  'closed-syllable': 'A consonant closes the syllable: the vowel is short.',
  'consonant-le': 'A consonant and le make the last syllable; the e is silent.',
};

const LONG = new Set(['EY', 'IY', 'AY', 'OW', 'UW', 'Y UW']);
const SHORT = new Set(['AE', 'EH', 'IH', 'AA', 'AO', 'AH', 'UH']);
const shortOf: Readonly<Record<string, readonly string[]>> = {
  a: ['AE'],
  e: ['EH'],
  i: ['IH'],
  o: ['AA', 'AO'],
  u: ['AH', 'UH'],
};

/** The letter c or g before a vowel letter that softens it, or before one that does not. */
function letterSays(
  word: string,
  units: readonly AlignedUnit[],
  letter: 'c' | 'g',
  soft: boolean,
  sound: string,
): boolean {
  return units.some((unit) => {
    if (unit.grapheme !== letter) return false;
    const next = word[unit.start + 1] ?? '';
    return soft === /[eiy]/.test(next) && next !== '' && unit.phonemes.join(' ') !== sound;
  });
}

const vowelSound = (units: readonly AlignedUnit[], letters: string) =>
  units.find((unit) => unit.grapheme === letters)?.phonemes.join(' ');

/** True for a word with the look of a pattern whose sound is another: have, give, put, get. */
export function breaksPattern(entry: LexiconEntry, pattern: PatternName): boolean {
  const { word, readings } = entry;
  const { units } = readings[0];
  switch (pattern) {
    case 'CVCe': {
      const look = /^[^aeiou]*([aeiou])[^aeiouxwy]e$/.exec(word);
      if (look === null) return false;
      const split = units.find((unit) => unit.grapheme.endsWith('_e'));
      const sound = split?.phonemes.join(' ') ?? vowelSound(units, look[1] ?? '');
      return sound !== undefined && !LONG.has(sound);
    }
    case 'CVC':
    case 'CCVC':
    case 'CVCC':
    case 'CCVCC': {
      const looks = {
        CVC: /^[bcdfghjklmnpqstvz]([aeiou])[bcdfgklmnpstvz]$/,
        CCVC: /^[bcdfghklmnpqrstvwz]{2}([aeiou])[bcdfgklmnpstvz]$/,
        CVCC: /^[bcdfghjklmnpqstvz]([aeiou])[bcdfgklmnpstvz]{2}$/,
        CCVCC: /^[bcdfghklmnpqrstvwz]{2}([aeiou])[bcdfgklmnpstvz]{2}$/,
      } as const;
      const letter = looks[pattern].exec(word)?.[1];
      if (letter === undefined) return false;
      const sound = vowelSound(units, letter);
      return sound !== undefined && !(shortOf[letter] ?? []).includes(sound);
    }
    case 'soft-c':
      return letterSays(word, units, 'c', true, 'S');
    case 'hard-c':
      return letterSays(word, units, 'c', false, 'K');
    case 'soft-g':
      return letterSays(word, units, 'g', true, 'JH');
    case 'hard-g':
      return letterSays(word, units, 'g', false, 'G');
    case 'vowel-team':
      return units.some(
        ({ grapheme, phonemes }) =>
          ['ai', 'ay', 'ee', 'ea', 'oa', 'ie'].includes(grapheme) && SHORT.has(phonemes.join(' ')),
      );
    case 'doubled-consonant': {
      const at = units.findIndex(({ grapheme }) => /^([bdfglmnprstz])\1$/.test(grapheme));
      return at > 0 && LONG.has(units[at - 1]?.phonemes.join(' ') ?? '');
    }
    default:
      return false;
  }
}
