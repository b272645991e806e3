/**
 * A best guess at how an unknown word is said, always marked as one. A known
 * base with a regular ending, or two known words, tell most; else the letters
 * do: the way each grapheme is most often said in the lexicon.
 */
import { align, type AlignedUnit } from '../sounds/align';
import { correspondences, type Correspondence } from '../sounds/correspondences';
import { isVowelPhoneme, type Phoneme } from '../sounds/phonemes';
import { syllabify } from '../sounds/syllables';
import type { Lexicon, Reading } from '../lexicon/lexicon';
import { phonemesIn } from './sound-index';

export interface Guess extends Omit<Reading, 'wordClass'> {
  /** What the guess rests on, for the teacher. */
  readonly basis: string;
}

const UNIT_PRICE = 0.9;
const vowelLetters = new Set('aeiouy');

/** How dear each correspondence is as a reading of its letters: rarer is dearer. */
function prices(lexicon: Lexicon, short: boolean): ReadonlyMap<number, number> {
  const counts = new Map<number, number>();
  const ofGrapheme = new Map<string, number>();
  for (const entry of lexicon.entries.slice(0, 15_000)) {
    const reading = entry.readings[0];
    if ((reading.syllables.length === 1) !== short) continue;
    for (const { correspondence } of reading.units) {
      counts.set(correspondence.id, (counts.get(correspondence.id) ?? 0) + 1);
      const { grapheme } = correspondence;
      ofGrapheme.set(grapheme, (ofGrapheme.get(grapheme) ?? 0) + 1);
    }
  }
  const found = new Map<number, number>();
  for (const [id, count] of counts) {
    const total = ofGrapheme.get((correspondences[id] as Correspondence).grapheme) ?? 1;
    found.set(id, -Math.log(count / total) + 2 / total);
  }
  return found;
}

const priceTables = new WeakMap<
  Lexicon,
  { short: ReadonlyMap<number, number>; long: ReadonlyMap<number, number> }
>();

function priceTable(lexicon: Lexicon, short: boolean): ReadonlyMap<number, number> {
  let tables = priceTables.get(lexicon);
  if (tables === undefined) {
    tables = { short: prices(lexicon, true), long: prices(lexicon, false) };
    priceTables.set(lexicon, tables);
  }
  return short ? tables.short : tables.long;
}

/** The contexts that letters alone can answer. */
function lettersAllow(
  word: string,
  start: number,
  end: number,
  contexts: readonly string[],
): boolean {
  const next = word[end];
  const previous = word[start - 1];
  return contexts.every((context) => {
    switch (context) {
      case 'start':
        return start === 0;
      case 'end':
        return next === undefined;
      case 'tail':
        return next === undefined || (next !== 'r' && !vowelLetters.has(next));
      case 'front':
        return next !== undefined && 'eiy'.includes(next);
      case 'back':
        return next === undefined || !'eiy'.includes(next);
      case 'open':
        return next !== undefined && vowelLetters.has(next);
      case 'shut':
        return next === undefined || !vowelLetters.has(next);
      case 'postcons':
        return previous !== undefined && !vowelLetters.has(previous);
      case 'velar':
        return next !== undefined && 'kgcqx'.includes(next);
      case 'split':
        return false;
    }
    const [side, letters] = context.split('=') as [string, string];
    const letter = side === 'next' ? next : previous;
    return letter !== undefined && letters.includes(letter);
  });
}

interface Path {
  readonly price: number;
  readonly sounds: readonly Phoneme[];
}

/** The likeliest sounds of the letters. */
function soundOut(word: string, lexicon: Lexicon): readonly Phoneme[] | undefined {
  const vowelRuns = (word.replace(/e$/, '').match(/[aeiouy]+/g) ?? []).length;
  const consonantLe = /[^aeiou]le$/.test(word) ? 1 : 0;
  const table = priceTable(lexicon, vowelRuns + consonantLe <= 1);
  const best: (Path | undefined)[] = [{ price: 0, sounds: [] }];
  const offer = (at: number, price: number, sounds: readonly Phoneme[]) => {
    const known = best[at];
    if (known === undefined || price < known.price) best[at] = { price, sounds };
  };
  for (let start = 0; start < word.length; start += 1) {
    const here = best[start];
    if (here === undefined) continue;
    for (const each of correspondences) {
      const listed = table.get(each.id);
      // The first vowel of a word is hardly ever the weak one.
      const weak = each.phonemes[0] === 'AH' && each.grapheme[0] !== 'u';
      const first = weak && !here.sounds.some(isVowelPhoneme) ? 2 : 0;
      const price = listed === undefined ? undefined : listed + first;
      if (price === undefined || !each.accents.includes(lexicon.accent)) continue;
      const split = each.grapheme.endsWith('_e');
      const letters = split ? each.grapheme.slice(0, -2) : each.grapheme;
      if (!word.startsWith(letters, start)) continue;
      const end = start + letters.length;
      if (split) {
        // One consonant letter and a final e: the split digraph as in make.
        const rest = word.slice(end);
        if (!/^([bcdfgklmnpstvz]|th|gu|qu)e[sd]?$/.test(rest)) continue;
        const soft = { c: 'S', g: 'JH', th: 'DH', gu: 'G', qu: 'K' };
        const letter = rest.replace(/e[sd]?$/, '');
        const consonant =
          soft[letter as keyof typeof soft] ??
          correspondences.find((one) => one.grapheme === letter && one.cost === 0)?.phonemes[0] ??
          '';
        const added = /s$/.test(rest) ? ['Z'] : /d$/.test(rest) ? ['D'] : [];
        offer(word.length, here.price + price + UNIT_PRICE, [
          ...here.sounds,
          ...each.phonemes,
          consonant,
          ...added,
        ]);
        continue;
      }
      if (!lettersAllow(word, start, end, each.contexts)) continue;
      offer(end, here.price + price + UNIT_PRICE, [...here.sounds, ...each.phonemes]);
    }
  }
  const sounds = best[word.length]?.sounds;
  return sounds?.map((phoneme, index) =>
    phoneme === 'N' && /^[KG]$/.test(sounds[index + 1] ?? '') ? 'NG' : phoneme,
  );
}

function build(
  word: string,
  sounds: readonly Phoneme[],
  stresses: readonly number[],
  lexicon: Lexicon,
  basis: string,
): Guess | undefined {
  const alignment = align(word, sounds, lexicon.accent);
  if (alignment === undefined) return undefined;
  const units: readonly AlignedUnit[] = alignment.units;
  return { units, stresses, syllables: syllabify(word, units, stresses), basis };
}

const endings: readonly (readonly [
  letters: string,
  sounds: (last: Phoneme) => readonly Phoneme[],
])[] = [
  ['ing', () => ['IH', 'NG']],
  [
    'ed',
    (last) =>
      /^[TD]$/.test(last) ? ['AH', 'D'] : /^(P|K|F|S|SH|CH|TH)$/.test(last) ? ['T'] : ['D'],
  ],
  [
    'es',
    (last) =>
      /^(S|Z|SH|CH|JH|ZH)$/.test(last) ? ['AH', 'Z'] : /^[PKFT]$/.test(last) ? ['S'] : ['Z'],
  ],
  ['s', (last) => (/^(P|K|F|T|TH)$/.test(last) ? ['S'] : ['Z'])],
  ['ly', () => ['L', 'IY']],
  ['er', () => ['ER']],
  ['ness', () => ['N', 'AH', 'S']],
  ['less', () => ['L', 'AH', 'S']],
  ['ful', () => ['F', 'AH', 'L']],
];

function fromBase(word: string, lexicon: Lexicon): Guess | undefined {
  for (const [letters, sounds] of endings) {
    if (!word.endsWith(letters) || word.length < letters.length + 2) continue;
    const stem = word.slice(0, -letters.length);
    // After one vowel and one consonant a silent e was dropped: hoping is from hope.
    const dropped = /[aeiou][^aeiouwxy]$/.test(stem) && /^[ei]/.test(letters);
    const likely = dropped ? [`${stem}e`, stem] : [stem, `${stem}e`];
    const candidates = [...likely, stem.replace(/i$/, 'y'), stem.replace(/(.)\1$/, '$1')];
    for (const candidate of new Set(candidates)) {
      const base = lexicon.find(candidate);
      if (base === undefined) continue;
      const own = phonemesIn(base.readings[0].units);
      const added = sounds(own[own.length - 1] ?? '').map((phoneme) =>
        phoneme === 'ER' && lexicon.accent === 'british' ? 'AH' : phoneme,
      );
      const stresses = [...base.readings[0].stresses, ...added.filter(isVowelPhoneme).map(() => 0)];
      const guess = build(
        word,
        [...own, ...added],
        stresses,
        lexicon,
        `from ${base.word} and -${letters}`,
      );
      if (guess) return guess;
    }
  }
  return undefined;
}

/** An unknown base with a regular ending: the base is sounded out, the ending is known. */
function fromLettersAndEnding(word: string, lexicon: Lexicon): Guess | undefined {
  for (const [letters, sounds] of endings) {
    const stem = word.slice(0, -letters.length);
    if (!word.endsWith(letters) || !/[aeiouy].*[^aeiou]$/.test(stem) || stem.length < 3) continue;
    if (letters === 's' && /[su]$/.test(stem)) continue;
    const base = /([^aeioulsfz])\1$/.test(stem)
      ? stem.slice(0, -1)
      : /^[^aeiou]*[aeiou][^aeiouwxy]$/.test(stem) && /^[ei]/.test(letters)
        ? `${stem}e`
        : stem;
    const own = soundOut(base, lexicon);
    if (own === undefined) continue;
    const added = sounds(own[own.length - 1] ?? '').map((phoneme) =>
      phoneme === 'ER' && lexicon.accent === 'british' ? 'AH' : phoneme,
    );
    const all = [...own, ...added];
    const stresses = all.filter(isVowelPhoneme).map((_, index) => (index === 0 ? 1 : 0));
    const guess = build(word, all, stresses, lexicon, 'from its letters');
    if (guess) return guess;
  }
  return undefined;
}

function fromTwoWords(word: string, lexicon: Lexicon): Guess | undefined {
  for (let at = 3; at <= word.length - 3; at += 1) {
    const left = lexicon.find(word.slice(0, at));
    const right = lexicon.find(word.slice(at));
    if (!left || !right || Math.min(left.zipf, right.zipf) < 3) continue;
    const readings = [left.readings[0], right.readings[0]];
    const guess = build(
      word,
      readings.flatMap((reading) => phonemesIn(reading.units)),
      readings.flatMap((reading, index) =>
        reading.stresses.map((stress) => (index === 1 && stress === 1 ? 2 : stress)),
      ),
      lexicon,
      `from ${left.word} and ${right.word}`,
    );
    if (guess) return guess;
  }
  return undefined;
}

/** A best guess, or undefined where the letters cannot be English. */
export function guessReading(written: string, lexicon: Lexicon): Guess | undefined {
  const word = written.toLowerCase().replaceAll('’', "'");
  if (!/^[a-z']{1,40}$/.test(word)) return undefined;
  const known =
    fromBase(word, lexicon) ?? fromTwoWords(word, lexicon) ?? fromLettersAndEnding(word, lexicon);
  if (known) return known;
  const sounds = soundOut(word, lexicon);
  if (sounds === undefined || sounds.length === 0) return undefined;
  const vowels = sounds.filter(isVowelPhoneme).length;
  const stresses = Array.from({ length: vowels }, (_, index) => (index === 0 ? 1 : 0));
  return build(word, sounds, stresses, lexicon, 'from its letters');
}
