/**
 * Words by how they sound: homophones, rhymes and minimal pairs. Built once a
 * lexicon, at the first question.
 */
import type { AlignedUnit } from '../sounds/align';
import { isVowelPhoneme, type Phoneme } from '../sounds/phonemes';
import type { Lexicon, LexiconEntry, Reading } from '../lexicon/lexicon';

/** The phonemes of a reading in order. */
export function phonemesIn(units: readonly AlignedUnit[]): Phoneme[] {
  return units.flatMap((unit) => unit.phonemes);
}

/** Where the rime begins that rhymes with others: the vowel of the last stressed syllable. */
function rhymeStart(phonemes: readonly Phoneme[], stresses: readonly number[]): number {
  const vowels = phonemes.flatMap((phoneme, index) => (isVowelPhoneme(phoneme) ? [index] : []));
  const stressed =
    vowels.findLast((_, order) => stresses[order] === 1) ??
    vowels.findLast((_, order) => stresses[order] === 2);
  return stressed ?? vowels[0] ?? 0;
}

/** The sounds from the last stressed vowel on, joined by spaces: two words rhyme where these agree. */
export function rhymeKey({ units, stresses }: Pick<Reading, 'units' | 'stresses'>): string {
  const phonemes = phonemesIn(units);
  return phonemes.slice(rhymeStart(phonemes, stresses)).join(' ');
}

/** A word that differs from another in one sound. */
export interface MinimalPair {
  readonly entry: LexiconEntry;
  readonly partner: LexiconEntry;
  readonly sounds: readonly [Phoneme, Phoneme];
}

const vowelClass = (phoneme: Phoneme) => isVowelPhoneme(phoneme);

export class SoundIndex {
  private readonly byPhonemes = new Map<string, LexiconEntry[]>();
  private readonly byRhyme = new Map<string, LexiconEntry[]>();
  private readonly pairs = new Map<string, ReadonlyMap<LexiconEntry, readonly LexiconEntry[]>>();

  constructor(private readonly lexicon: Lexicon) {
    for (const entry of lexicon.entries) {
      for (const reading of entry.readings) {
        keep(this.byPhonemes, phonemesIn(reading.units).join(' '), entry);
        keep(this.byRhyme, rhymeKey(reading), entry);
      }
    }
  }

  /** The entries said with these phonemes. */
  said(phonemes: readonly Phoneme[]): readonly LexiconEntry[] {
    return this.byPhonemes.get(phonemes.join(' ')) ?? [];
  }

  /** Other words with the same sound, in any of the word's readings; twin spellings of one word are none. */
  homophones(entry: LexiconEntry): LexiconEntry[] {
    const twin = this.lexicon.twinOf(entry.word)?.word;
    const found = entry.readings
      .flatMap((reading) => this.said(phonemesIn(reading.units)))
      .filter((each) => each !== entry && each.word !== twin)
      .filter((each) => !isSpellingVariant(each.word, entry.word));
    return [...new Set(found)].sort((left, right) => left.rank - right.rank);
  }

  /** Words that rhyme with a word in its first reading, most frequent first; its homophones are none. */
  rhymes(reading: Reading): LexiconEntry[] {
    const own = phonemesIn(reading.units).join(' ');
    return (this.byRhyme.get(rhymeKey(reading)) ?? [])
      .filter((each) => each.readings.some((other) => phonemesIn(other.units).join(' ') !== own))
      .sort((left, right) => left.rank - right.rank);
  }

  /** The entries with this rime, see `rhymeKey`. */
  withRhyme(key: string): readonly LexiconEntry[] {
    return this.byRhyme.get(key) ?? [];
  }

  /** Every word that becomes another when one sound is changed, with what it becomes; found once a pair. */
  pairsOf(from: Phoneme, to: Phoneme): ReadonlyMap<LexiconEntry, readonly LexiconEntry[]> {
    const key = `${from}>${to}`;
    let found = this.pairs.get(key);
    if (found === undefined) {
      const pairs = new Map<LexiconEntry, readonly LexiconEntry[]>();
      for (const entry of this.lexicon.entries) {
        // reject the verb and reject the noun differ in a sound, and are one word.
        const partners = this.partners(entry.readings[0], from, to).filter(
          (each) => each !== entry,
        );
        if (partners.length > 0) pairs.set(entry, partners);
      }
      found = pairs;
      this.pairs.set(key, found);
    }
    return found;
  }

  /** The words that a word becomes when one sound is changed for another. */
  partners(reading: Reading, from: Phoneme, to: Phoneme): LexiconEntry[] {
    const phonemes = phonemesIn(reading.units);
    return phonemes.flatMap((phoneme, index) => {
      if (phoneme !== from) return [];
      return this.said(phonemes.map((each, at) => (at === index ? to : each)));
    });
  }

  /** Every word that differs from this one in one sound of the same kind (vowel or consonant). */
  minimalPairs(entry: LexiconEntry, phonemes: readonly Phoneme[]): MinimalPair[] {
    const reading = entry.readings[0];
    const own = phonemesIn(reading.units);
    const found: MinimalPair[] = [];
    own.forEach((phoneme, index) => {
      for (const other of phonemes) {
        if (other === phoneme || vowelClass(other) !== vowelClass(phoneme)) continue;
        for (const partner of this.said(own.map((each, at) => (at === index ? other : each)))) {
          if (partner !== entry) found.push({ entry, partner, sounds: [phoneme, other] });
        }
      }
    });
    return found.sort((left, right) => left.partner.rank - right.partner.rank);
  }
}

/** Two spellings of one word: realize and realise, okay and ok. */
function isSpellingVariant(one: string, other: string): boolean {
  const plain = (word: string) => word.toLowerCase().replace(/ise?/g, 'iz').replace(/ize?/g, 'iz');
  return plain(one) === plain(other);
}

function keep(map: Map<string, LexiconEntry[]>, key: string, entry: LexiconEntry): void {
  const list = map.get(key);
  if (list === undefined) map.set(key, [entry]);
  else if (list[list.length - 1] !== entry) list.push(entry);
}

const indexes = new WeakMap<Lexicon, SoundIndex>();

/** The sound index of a lexicon. */
export function soundIndex(lexicon: Lexicon): SoundIndex {
  let index = indexes.get(lexicon);
  if (index === undefined) {
    index = new SoundIndex(lexicon);
    indexes.set(lexicon, index);
  }
  return index;
}
