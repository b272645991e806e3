/**
 * Pseudowords: letter strings a class can sound out and cannot know. Each obeys
 * the correspondences taught so far and the phonotactics of English (its onset,
 * vowel and coda occur in that place in real words), and is never a real word,
 * a homophone of one, or rude.
 */
import { Random } from '../kernel/random';
import { writeGraphemes, writePhonemes, type AlignedUnit } from '../languages/en/sounds/align';
import type { PatternName } from '../languages/en/sounds/patterns';
import { patternsOf } from '../languages/en/sounds/patterns';
import { isVowelPhoneme } from '../languages/en/sounds/phonemes';
import type { SequenceIndex } from '../languages/en/sounds/sequence';
import { shapesOf } from '../languages/en/sounds/sequence';
import { decodingSteps } from '../reach/reach-table';
import type { Lexicon, LexiconEntry } from '../languages/en/lexicon/lexicon';
import { phonemesIn, soundIndex } from '../languages/en/words/sound-index';
import { plainEar } from '../languages/en/lexicon/word-hash';

export interface Pseudoword {
  readonly word: string;
  readonly graphemes: string;
  readonly phonemes: readonly string[];
  readonly patterns: readonly PatternName[];
  /** The step at which the last of its correspondences is taught. */
  readonly step: number;
}

export interface PseudowordRequest {
  readonly index: SequenceIndex;
  /** Only correspondences taught by this step. */
  readonly step: number;
  readonly pattern?: PatternName;
  readonly count: number;
  readonly seed: number;
}

/** Onset, vowel and coda of a word of one syllable; a split digraph's parts stay together in the end. */
interface Pieces {
  readonly onset: readonly AlignedUnit[];
  readonly end: readonly AlignedUnit[];
}

function piecesOf(entry: LexiconEntry): Pieces | undefined {
  const { units, syllables } = entry.readings[0];
  if (syllables.length !== 1 || units.some((unit) => unit.phonemes.length === 0)) return undefined;
  if (entry.word.includes("'") || /^[A-Z]/.test(entry.word)) return undefined;
  const vowel = units.findIndex((unit) => unit.phonemes.some(isVowelPhoneme));
  if (vowel < 0) return undefined;
  return { onset: units.slice(0, vowel), end: units.slice(vowel) };
}

/** Letters of a row of units; each unit knows its place in the word it came from. */
function spell(units: readonly AlignedUnit[], word: string): string {
  const first = units[0];
  const last = units[units.length - 1];
  return first && last ? word.slice(first.start, last.end) : '';
}

interface Bank {
  readonly onsets: readonly { letters: string; units: readonly AlignedUnit[] }[];
  readonly ends: readonly { letters: string; units: readonly AlignedUnit[] }[];
}

/** An onset of fewer words than this is a stranger (shtick, dwarf); so is a rime of only one. */
const LEAST_ONSET = 4;
const LEAST_END = 2;

type Piece = Bank['onsets'][number];

/** Pieces with the number of words that have them. */
class Counted {
  private readonly pieces = new Map<string, { piece: Piece; count: number }>();

  add(key: string, piece: Piece): void {
    const known = this.pieces.get(key);
    if (known) known.count += 1;
    else this.pieces.set(key, { piece, count: 1 });
  }

  common(least: number): Piece[] {
    return [...this.pieces.values()]
      .filter(({ count }) => count >= least)
      .map(({ piece }) => piece);
  }
}

const banks = new WeakMap<SequenceIndex, Map<string, Bank>>();

/** The bank of a step, made once. */
function bankFor(lexicon: Lexicon, request: PseudowordRequest): Bank {
  const byStep = banks.get(request.index) ?? new Map<string, Bank>();
  banks.set(request.index, byStep);
  const key = `${lexicon.accent} ${lexicon.size} ${request.step}`;
  const known = byStep.get(key) ?? makeBank(lexicon, request);
  byStep.set(key, known);
  return known;
}

/** Onsets and rimes of the real words that the class can decode: each is one the language has. */
function makeBank(lexicon: Lexicon, request: PseudowordRequest): Bank {
  const steps = decodingSteps(lexicon, request.index);
  const onsets = new Counted();
  const ends = new Counted();
  for (const entry of lexicon.entries) {
    if ((steps[entry.rank] ?? 255) > request.step || entry.zipf < 2.3) continue;
    const pieces = piecesOf(entry);
    if (pieces === undefined) continue;
    // Each grapheme says only what it was taught to say first.
    if (!entry.readings[0].units.every((unit) => request.index.isFirstSound(unit))) continue;
    const onset = spell(pieces.onset, entry.word);
    const end = spell(pieces.end, entry.word);
    const key = (units: readonly AlignedUnit[]) =>
      `${writeGraphemes(units)} ${phonemesIn(units).join(' ')}`;
    if (pieces.onset.length > 0)
      onsets.add(key(pieces.onset), { letters: onset, units: pieces.onset });
    // An added ending (cats, jumped) would make a word with a meaning of its own.
    if (!/s$|ed$/.test(end) || /(ss|us|ax|is)$/.test(end)) {
      ends.add(key(pieces.end), { letters: end, units: pieces.end });
    }
  }
  return { onsets: onsets.common(LEAST_ONSET), ends: ends.common(LEAST_END) };
}

/** Seams that English spelling avoids: c before e or i, k before a or o, q without u, gu, doubled starts. */
function seamIsSound(onset: readonly AlignedUnit[], end: string): boolean {
  const last = onset[onset.length - 1];
  const first = end[0] ?? '';
  const letters = last?.grapheme ?? '';
  const sound = last?.phonemes[last.phonemes.length - 1];
  if (letters === 'c' && sound === 'K' && /[eiy]/.test(first)) return false;
  if (letters === 'c' && sound === 'S' && !/[eiy]/.test(first)) return false;
  if (letters === 'k' && onset.length === 1 && /[aou]/.test(first)) return false;
  if (letters === 'g' && sound === 'G' && /[eiy]/.test(first)) return false;
  if (letters === 'g' && sound === 'JH' && !/[eiy]/.test(first)) return false;
  if (letters === 'w' && /^(ar|or|a|u)/.test(end)) return false;
  if (letters === 'qu' && /^(u|o|ar|or)/.test(end)) return false;
  if (/^(wh|w)$/.test(letters) && /^(oo|u|w)/.test(end)) return false;
  if (letters === 'y' && /^(i|y|ee|ea|igh)/.test(end)) return false;
  return !(letters === 'r' && /^(r)/.test(end));
}

/** Combinations no English syllable has: the same liquid or cluster on both sides of a short vowel. */
function soundsEnglish(onset: readonly AlignedUnit[], end: readonly AlignedUnit[]): boolean {
  const before = phonemesIn(onset);
  const after = phonemesIn(end).slice(1);
  const lastBefore = before[before.length - 1];
  if (before.length > 1 && lastBefore === after[0] && /^[LRWMN]$/.test(lastBefore ?? ''))
    return false;
  // sC V C with the same consonant twice (spap, skak) occurs in no word of the language.
  return !(
    before[0] === 'S' &&
    before.length > 1 &&
    before[1] === after[0] &&
    /^[PKM]$/.test(before[1] ?? '')
  );
}

function place(units: readonly AlignedUnit[], by: number): AlignedUnit[] {
  return units.map((unit) => ({ ...unit, start: unit.start + by, end: unit.end + by }));
}

function join(
  onset: Bank['onsets'][number],
  end: Bank['ends'][number],
): { word: string; units: AlignedUnit[] } {
  const startOfEnd = end.units[0]?.start ?? 0;
  const startOfOnset = onset.units[0]?.start ?? 0;
  return {
    word: onset.letters + end.letters,
    units: [
      ...place(onset.units, -startOfOnset),
      ...place(end.units, onset.letters.length - startOfEnd),
    ],
  };
}

/** Sounds that spelling does not tell apart: th is two sounds, and many say cot and caught alike. */
const otherEars: readonly (readonly [string, string])[] = [
  ['TH', 'DH'],
  ['DH', 'TH'],
  ['AA', 'AO'],
  ['AO', 'AA'],
  ['UW', 'UH'],
  ['S', 'Z'],
];

function isRealOrRude(word: string, phonemes: readonly string[], lexicon: Lexicon): boolean {
  const sounds = soundIndex(lexicon);
  const heardAs = [
    phonemes,
    ...otherEars.map(([from, to]) => phonemes.map((each) => (each === from ? to : each))),
  ];
  if (lexicon.find(word)) return true;
  return heardAs.some(
    (heard) =>
      sounds.said(heard).length > 0 ||
      lexicon.isUnfit(word, heard) ||
      lexicon.isOtherWord(word, heard),
  );
}

const vowelOf = ({ units }: Piece) => units[0]?.grapheme ?? '';
/** Tries at one spelling of the vowel before it is given up for this time. */
const MOST_TRIES = 60;

/** Gives the rimes of each spelling of the vowel in turn, those that were used least first. */
class Spread {
  private readonly groups: { readonly ends: readonly Piece[]; used: number; tries: number }[];

  constructor(ends: readonly Piece[]) {
    const byVowel = new Map<string, Piece[]>();
    for (const end of ends) {
      byVowel.set(vowelOf(end), [...(byVowel.get(vowelOf(end)) ?? []), end]);
    }
    this.groups = [...byVowel.values()].map((group) => ({ ends: group, used: 0, tries: 0 }));
  }

  next(): readonly Piece[] {
    const [least] = this.groups.sort(
      (left, right) =>
        left.used +
          Math.floor(left.tries / MOST_TRIES) -
          (right.used + Math.floor(right.tries / MOST_TRIES)) || left.tries - right.tries,
    );
    if (least === undefined) return [];
    least.tries += 1;
    return least.ends;
  }

  took(end: Piece): void {
    for (const group of this.groups) if (group.ends.includes(end)) group.used += 1;
  }
}

/**
 * Pseudowords for a step of a sequence; fewer than asked where the step allows
 * no more.
 */
export function pseudowords(lexicon: Lexicon, request: PseudowordRequest): Pseudoword[] {
  const random = new Random(request.seed);
  const { onsets, ends } = bankFor(lexicon, request);
  const found = new Map<string, Pseudoword>();
  if (onsets.length === 0 || ends.length === 0) return [];
  const pick = <Value>(values: readonly Value[]) =>
    values[Math.floor(random.next() * values.length)] as Value;
  const spread = new Spread(ends);
  for (
    let attempt = 0;
    attempt < request.count * 400 + 2000 && found.size < request.count;
    attempt += 1
  ) {
    const onset = pick(onsets);
    const end = pick(spread.next());
    const { word, units } = join(onset, end);
    if (word.length < 3 || found.has(word) || !seamIsSound(onset.units, end.letters)) continue;
    if (!soundsEnglish(onset.units, end.units)) continue;
    if (isRealOrRude(word, phonemesIn(units), lexicon)) continue;
    const source = { units, stresses: [1], syllables: [word] };
    const patterns = patternsOf(source);
    if (request.pattern && !patterns.includes(request.pattern)) continue;
    const step = Math.max(
      0,
      ...units.map((unit) => request.index.stepOf(unit) ?? 255),
      ...shapesOf(units).map((shape) => request.index.stepOfShape(shape) ?? 0),
    );
    if (step > request.step) continue;
    if ([...found.keys()].some((other) => plainEar(other) === plainEar(word))) continue;
    spread.took(end);
    found.set(word, {
      word,
      graphemes: writeGraphemes(units),
      phonemes: writePhonemes(units),
      patterns,
      step,
    });
  }
  return [...found.values()];
}
