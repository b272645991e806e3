/**
 * Where two morphemes of a word meet, found by listening: a cut counts only
 * where the parts' own phonemes make the phonemes of the whole.
 */
import type { Phoneme } from '../sounds/phonemes';

/** The phonemes of a known word, or undefined. */
export type LookUpSounds = (word: string) => readonly Phoneme[] | undefined;

/** A division of a word in two, each part with its own letters and phonemes. */
export interface Division {
  /** Offset of the first letter of the second part. */
  readonly at: number;
  /** Number of phonemes in the first part. */
  readonly sounds: number;
  readonly kind: 'compound' | 'suffix' | 'prefix';
}

const suffixSounds: Readonly<Record<string, readonly string[]>> = {
  ings: ['IH NG Z'],
  ing: ['IH NG'],
  ers: ['ER Z', 'AH Z'],
  es: ['AH Z', 'IH Z'],
  en: ['AH N'],
  al: ['AH L'],
  ed: ['AH D', 'IH D'],
  er: ['ER', 'AH'],
  est: ['AH S T', 'IH S T'],
  ly: ['L IY'],
  ful: ['F AH L'],
  less: ['L AH S'],
  ness: ['N AH S'],
  ment: ['M AH N T'],
  ish: ['IH SH'],
  able: ['AH B AH L'],
  ship: ['SH IH P'],
  hood: ['HH UH D'],
};

const prefixSounds: Readonly<Record<string, readonly string[]>> = {
  un: ['AH N'],
  re: ['R IY'],
  dis: ['D IH S'],
  mis: ['M IH S'],
  pre: ['P R IY'],
  non: ['N AA N'],
};

/** Bases that a suffix may have been added to: itself, with its e back, with y for i. */
function basesOf(stem: string): string[] {
  const bases = [stem, `${stem}e`];
  if (stem.endsWith('i')) bases.push(`${stem.slice(0, -1)}y`);
  return bases;
}

const same = (left: readonly Phoneme[], right: readonly Phoneme[]) =>
  left.length === right.length && left.every((phoneme, index) => phoneme === right[index]);

/** Suffixes that also end words of one piece (corner, forest): the base must show another such form. */
function isLikelyBase(base: string, suffix: string, sounds: LookUpSounds): boolean {
  const stem = base.replace(/e$/, '');
  if (suffix === 'al' || suffix === 'en') return base.length >= 3 && stem === base;
  if (suffix === 'er' || suffix === 'ers')
    return sounds(`${stem}ing`) !== undefined || sounds(`${stem}est`) !== undefined;
  if (suffix === 'est') return sounds(`${stem}er`) !== undefined;
  return true;
}

function divideSuffix(
  word: string,
  phonemes: readonly Phoneme[],
  sounds: LookUpSounds,
): Division | undefined {
  for (const [suffix, endings] of Object.entries(suffixSounds)) {
    if (!word.endsWith(suffix) || word.length - suffix.length < 2) continue;
    const stem = word.slice(0, -suffix.length);
    for (const ending of endings.map((each) => each.split(' '))) {
      const head = phonemes.slice(0, phonemes.length - ending.length);
      if (!same(phonemes.slice(head.length), ending)) continue;
      const base = basesOf(stem).find((each) => {
        const known = sounds(each);
        return known !== undefined && same(known, head) && isLikelyBase(each, suffix, sounds);
      });
      if (base !== undefined) return { at: stem.length, sounds: head.length, kind: 'suffix' };
    }
  }
  return undefined;
}

function dividePrefix(
  word: string,
  phonemes: readonly Phoneme[],
  sounds: LookUpSounds,
): Division | undefined {
  for (const [prefix, beginnings] of Object.entries(prefixSounds)) {
    if (!word.startsWith(prefix)) continue;
    const rest = word.slice(prefix.length);
    if (rest.length < 3) continue;
    const known = sounds(rest);
    for (const beginning of beginnings.map((each) => each.split(' '))) {
      if (!same(phonemes.slice(0, beginning.length), beginning)) continue;
      if (known !== undefined && same(known, phonemes.slice(beginning.length))) {
        return { at: prefix.length, sounds: beginning.length, kind: 'prefix' };
      }
    }
  }
  return undefined;
}

/** Words of two letters that compounds are made with: it·self, with·in. */
const shortParts = new Set(['by', 'go', 'in', 'it', 'my', 'no', 'on', 'so', 'to', 'up']);

function divideCompound(
  word: string,
  phonemes: readonly Phoneme[],
  sounds: LookUpSounds,
): Division | undefined {
  const canStand = (part: string) => part.length >= 3 || shortParts.has(part);
  let best: { division: Division; balance: number } | undefined;
  for (let at = 2; at <= word.length - 2; at += 1) {
    if (!canStand(word.slice(0, at)) || !canStand(word.slice(at))) continue;
    const left = sounds(word.slice(0, at));
    const right = sounds(word.slice(at));
    if (left === undefined || right === undefined) continue;
    if (!same([...left, ...right], phonemes)) continue;
    // it·self, not its·elf.
    const balance = word.slice(at) === 'self' ? 9 : Math.min(at, word.length - at);
    if (best === undefined || balance > best.balance) {
      best = { division: { at, sounds: left.length, kind: 'compound' }, balance };
    }
  }
  return best?.division;
}

/**
 * The division of a word in two known parts, or undefined where none explains
 * its sound. Suffixes are tried first (park·ing, not par·king), then compounds, then prefixes.
 */
export function divide(
  word: string,
  phonemes: readonly Phoneme[],
  sounds: LookUpSounds,
): Division | undefined {
  return (
    divideSuffix(word, phonemes, sounds) ??
    divideCompound(word, phonemes, sounds) ??
    dividePrefix(word, phonemes, sounds)
  );
}
