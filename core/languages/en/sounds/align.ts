/**
 * Grapheme-phoneme alignment by dynamic programming: the cheapest way to cut a
 * word into graphemes so that each spells the next of its phonemes.
 *
 * The price of a path is 0.6 for each unit plus the cost of its correspondence,
 * which makes a long grapheme win over a chain of short ones. A split digraph
 * (the a_e of make) is one composite step over vowel letter, consonant and e.
 */
import { accents, type Accent } from '../../../kernel/accent';
import { correspondences, type Correspondence } from './correspondences';
import { isVowelPhoneme, longVowels, type Phoneme } from './phonemes';

/** One grapheme of a word with the phonemes it spells. */
export interface AlignedUnit {
  /** Letters, a split digraph as `a_e`. */
  readonly grapheme: string;
  /** Empty where the grapheme is silent. */
  readonly phonemes: readonly Phoneme[];
  /** Offset of the first letter in the word. */
  readonly start: number;
  /** Offset after the last letter; for a split digraph after its vowel letters. */
  readonly end: number;
  readonly correspondence: Correspondence;
}

export interface Alignment {
  readonly units: readonly AlignedUnit[];
  /** Price of the path; lower is more regular. */
  readonly cost: number;
}

const UNIT_COST = 0.6;
const vowelLetters = new Set('aeiouy');
const frontLetters = new Set('eiy');

/** The correspondences of one accent, by their letters. */
interface Inventory {
  readonly plainByGrapheme: ReadonlyMap<string, readonly Correspondence[]>;
  readonly splitByLetters: ReadonlyMap<string, readonly Correspondence[]>;
}

const longestGrapheme = Math.max(...correspondences.map((each) => each.grapheme.length));

function inventoryOf(accent: Accent): Inventory {
  const plainByGrapheme = new Map<string, Correspondence[]>();
  const splitByLetters = new Map<string, Correspondence[]>();
  for (const correspondence of correspondences) {
    if (!correspondence.accents.includes(accent)) continue;
    const split = correspondence.grapheme.endsWith('_e');
    const key = split ? correspondence.grapheme.slice(0, -2) : correspondence.grapheme;
    const index = split ? splitByLetters : plainByGrapheme;
    const present = index.get(key);
    if (present) present.push(correspondence);
    else index.set(key, [correspondence]);
  }
  return { plainByGrapheme, splitByLetters };
}

const inventories = new Map(accents.map((accent) => [accent, inventoryOf(accent)]));

/** The split digraph's consonant: one sound, not doubled, not closed by a silent e of its own. */
function canStandInSplit(correspondence: Correspondence): boolean {
  const { grapheme, phonemes } = correspondence;
  return (
    phonemes.length === 1 &&
    !phonemes.some(isVowelPhoneme) &&
    correspondence.contexts.every((context) => context !== 'tail' && context !== 'end') &&
    !/^(.)\1$|^(ck|tch|ng|x|.*e|ed)$/.test(grapheme) &&
    correspondence.cost <= 1
  );
}

/** The word ends here or a consonant other than r follows (before r an e is more than a silent sign). */
function isTail(word: string, end: number): boolean {
  const next = word[end];
  return next === undefined || (next !== 'r' && !vowelLetters.has(next));
}

interface Place {
  readonly word: string;
  readonly start: number;
  readonly end: number;
  readonly nextPhoneme: Phoneme | undefined;
  readonly afterSplit: boolean;
}

function contextHolds(context: string, place: Place): boolean {
  const { word, start, end } = place;
  const next = word[end];
  const previous = word[start - 1];
  switch (context) {
    case 'start':
      return start === 0;
    case 'end':
      return next === undefined;
    case 'tail':
      return isTail(word, end);
    case 'front':
      return next !== undefined && frontLetters.has(next);
    case 'back':
      return next === undefined || !frontLetters.has(next);
    case 'open':
      return next !== undefined && vowelLetters.has(next);
    case 'shut':
      return next === undefined || !vowelLetters.has(next);
    case 'postcons':
      return previous !== undefined && !vowelLetters.has(previous);
    case 'velar':
      return place.nextPhoneme === 'K' || place.nextPhoneme === 'G';
    case 'split':
      return place.afterSplit && next === undefined;
  }
  const [side, letters] = context.split('=') as [string, string];
  const letter = side === 'next' ? next : previous;
  return letter !== undefined && letters.includes(letter);
}

function matchesAt(sounds: readonly Phoneme[], at: number, wanted: readonly Phoneme[]): boolean {
  return wanted.every((phoneme, index) => sounds[at + index] === phoneme);
}

interface Step {
  readonly cost: number;
  readonly from: Step | undefined;
  readonly units: readonly AlignedUnit[];
}

/**
 * The cheapest alignment of a word with a pronunciation, or undefined where no
 * known correspondences cover it (it never guesses).
 *
 * @param word lower-case letters, apostrophes allowed
 * @param sounds phonemes without stress digits
 */
export function align(
  word: string,
  sounds: readonly Phoneme[],
  accent: Accent = 'american',
): Alignment | undefined {
  const { plainByGrapheme, splitByLetters } = inventories.get(accent) as Inventory;
  // One cell for each (letters used, phonemes used, stands directly after a split digraph).
  const width = (sounds.length + 1) * 2;
  const cells: (Step | undefined)[] = Array.from({ length: (word.length + 1) * width });
  const index = (letters: number, heard: number, afterSplit: boolean) =>
    letters * width + heard * 2 + (afterSplit ? 1 : 0);
  const offer = (at: number, from: Step | undefined, cost: number, units: AlignedUnit[]) => {
    const known = cells[at];
    if (known === undefined || cost < known.cost - 1e-9) cells[at] = { cost, from, units };
  };

  cells[0] = { cost: 0, from: undefined, units: [] };
  for (let letters = 0; letters < word.length; letters += 1) {
    for (let heard = 0; heard <= sounds.length; heard += 1) {
      for (const afterSplit of [false, true]) {
        const here = cells[index(letters, heard, afterSplit)];
        if (here === undefined) continue;
        for (let length = 1; length <= longestGrapheme; length += 1) {
          const end = letters + length;
          if (end > word.length) break;
          const slice = word.slice(letters, end);
          for (const option of plainByGrapheme.get(slice) ?? []) {
            if (!matchesAt(sounds, heard, option.phonemes)) continue;
            const after = heard + option.phonemes.length;
            const place = { word, start: letters, end, nextPhoneme: sounds[after], afterSplit };
            if (!option.contexts.every((context) => contextHolds(context, place))) continue;
            offer(index(end, after, false), here, here.cost + UNIT_COST + option.cost, [
              {
                grapheme: slice,
                phonemes: option.phonemes,
                start: letters,
                end,
                correspondence: option,
              },
            ]);
          }
          for (const vowel of splitByLetters.get(slice) ?? []) {
            if (!matchesAt(sounds, heard, vowel.phonemes)) continue;
            offerSplit(here, vowel, letters, end, heard);
          }
        }
      }
    }
  }

  function offerSplit(
    here: Step,
    vowel: Correspondence,
    start: number,
    vowelEnd: number,
    heard: number,
  ): void {
    const heardVowel = heard + vowel.phonemes.length;
    for (let length = 1; length <= 3; length += 1) {
      const end = vowelEnd + length;
      if (word[end] !== 'e') continue;
      const slice = word.slice(vowelEnd, end);
      for (const consonant of plainByGrapheme.get(slice) ?? []) {
        if (!canStandInSplit(consonant) || !matchesAt(sounds, heardVowel, consonant.phonemes)) {
          continue;
        }
        const after = heardVowel + consonant.phonemes.length;
        const place = {
          word,
          start: vowelEnd,
          end,
          nextPhoneme: sounds[after],
          afterSplit: false,
        };
        if (!consonant.contexts.every((context) => contextHolds(context, place))) continue;
        const long = vowel.phonemes.some((phoneme) => longVowels.has(phoneme));
        const cost =
          here.cost +
          2 * UNIT_COST +
          vowel.cost +
          consonant.cost +
          (long ? 0 : 0.3) +
          wordInside(end);
        offer(index(end + 1, after, true), here, cost, [
          {
            grapheme: vowel.grapheme,
            phonemes: vowel.phonemes,
            start,
            end: vowelEnd,
            correspondence: vowel,
          },
          {
            grapheme: slice,
            phonemes: consonant.phonemes,
            start: vowelEnd,
            end: end + 1,
            correspondence: consonant,
          },
        ]);
      }
    }
  }

  /** A silent e is at home at the end of a word; before more letters it costs a little. */
  function wordInside(splitE: number): number {
    const rest = word.slice(splitE + 1);
    return rest === '' || rest === 's' || rest === 'd' ? 0 : 0.2;
  }

  const ends = [false, true]
    .map((afterSplit) => cells[index(word.length, sounds.length, afterSplit)])
    .filter((step) => step !== undefined)
    .sort((left, right) => left.cost - right.cost);
  const best = ends[0];
  if (best === undefined) return undefined;
  const units: AlignedUnit[] = [];
  for (let step: Step | undefined = best; step; step = step.from) units.unshift(...step.units);
  return { units, cost: best.cost };
}

/** Graphemes joined by dots as in `t.r.ai.n`. */
export function writeGraphemes(units: readonly Pick<AlignedUnit, 'grapheme'>[]): string {
  return units.map((unit) => unit.grapheme).join('.');
}

/** One entry a grapheme: its phonemes joined by a space, `-` where it is silent. */
export function writePhonemes(units: readonly Pick<AlignedUnit, 'phonemes'>[]): string[] {
  return units.map((unit) => (unit.phonemes.length === 0 ? '-' : unit.phonemes.join(' ')));
}
