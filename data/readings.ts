/** How each word is said, in either accent, and how its letters spell it. */
import { readFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import type { Accent } from '../core/kernel/accent';
import { isVowelPhoneme } from '../core/languages/en/sounds/phonemes';
import { readIpa } from '../core/languages/en/sounds/ipa';
import { toBritish } from '../core/languages/en/sounds/to-british';
import { readPronunciation, type Pronunciation } from '../core/languages/en/sounds/pronunciation';
import { gapWords } from './gap-words';
import {
  analyseSpelling,
  type SpellingAnalysis,
} from '../core/languages/en/words/analyse-spelling';

export interface PackedReading {
  readonly pronunciation: Pronunciation;
  readonly wordClass: string;
  readonly analysis: SpellingAnalysis;
}

function lines(file: string): string[] {
  return readFileSync(new URL(file, import.meta.url), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'));
}

interface HandReading {
  readonly pronunciation: Pronunciation;
  readonly wordClass: string;
}
const handReadings = new Map<string, HandReading[]>();
for (const line of lines('./pronunciations.tsv')) {
  const [word, wordClass, arpabet] = line.split('\t') as [string, string, string];
  const reading = { pronunciation: readPronunciation(arpabet), wordClass };
  handReadings.set(word, [...(handReadings.get(word) ?? []), reading]);
}

/** Says how a word is said that neither the dictionary nor the list by hand has. */
export function addReading(word: string, arpabet: string): void {
  if (handReadings.has(word)) return;
  handReadings.set(word, [{ pronunciation: readPronunciation(arpabet), wordClass: '-' }]);
}
for (const { word, arpabet } of gapWords) if (arpabet !== undefined) addReading(word, arpabet);

/** The ARPAbet of a word's first reading, by hand or in the dictionary. */
export function arpabetOf(word: string): string | undefined {
  const byHand = handReadings.get(word)?.[0]?.pronunciation;
  if (byHand === undefined) return dictionary[word.toLowerCase()];
  let vowel = 0;
  return byHand.phonemes
    .map((each) => (isVowelPhoneme(each) ? `${each}${byHand.stresses[vowel++] ?? 0}` : each))
    .join(' ');
}

const britishIpa = new Map<string, string>();
for (const line of lines('./british.tsv')) {
  const [word, ipa] = line.split('\t') as [string, string];
  britishIpa.set(word.toLowerCase(), ipa);
}

/** The dictionary's variants of a word: `word`, `word(2)`, `word(3)` … */
function variants(word: string): Pronunciation[] {
  return [word, ...[1, 2, 3, 4].map((number) => `${word}(${number})`)]
    .map((key) => dictionary[key.toLowerCase()])
    .filter((arpabet) => arpabet !== undefined)
    .map(readPronunciation);
}

/** The first pronunciation of any word of the dictionary, in phonemes without stress. */
export function dictionaryPhonemes(word: string): readonly string[] | undefined {
  return variants(word)[0]?.phonemes;
}

/** True where a pronunciation is known: by hand or in the dictionary. */
export function isPronounced(word: string): boolean {
  return handReadings.has(word) || dictionary[word.toLowerCase()] !== undefined;
}

/** Letters of the vowel of thought, and words in which a before l has that of lot (Kenyon and Knott 1953). */
const thoughtLetters = /^(?:aw|au|augh|ough)$/;
const lotBeforeL = /swall|wallo|walla|scall|schmal|allel/;

/**
 * The dictionary was made by speakers of both kinds: taught has the vowel of thought, and caught, raw
 * and falling that of lot. Who keeps the two apart says them alike, and so do their rhymes here.
 */
function withThoughtVowel(
  word: string,
  reading: PackedReading,
  lookUp: Parameters<typeof analyseSpelling>[2],
): PackedReading {
  const { pronunciation, analysis } = reading;
  let at = 0;
  const phonemes = analysis.units.flatMap(({ grapheme, phonemes: own, end }, index) => {
    const from = at;
    at += own.length;
    const said = pronunciation.phonemes.slice(from, at);
    const next = analysis.units[index + 1]?.grapheme ?? '';
    const beforeL =
      grapheme === 'a' &&
      !lotBeforeL.test(word) &&
      (next === 'll' || (next === 'l' && /^[kt]/.test(word.slice(end + 1))));
    const merged = said.length === 1 && said[0] === 'AA';
    return merged && (thoughtLetters.test(grapheme) || beforeL) ? ['AO' as const] : said;
  });
  if (phonemes.join(' ') === pronunciation.phonemes.join(' ')) return reading;
  const changed = { ...pronunciation, phonemes };
  const again = analyseSpelling(word, changed, lookUp);
  return again ? { ...reading, pronunciation: changed, analysis: again } : reading;
}

/**
 * The readings of words in both accents.
 *
 * @param twins British spellings with the American word whose sounds they share
 */
export class Readings {
  private readonly sounds: Record<Accent, Map<string, Pronunciation['phonemes'] | undefined>> = {
    american: new Map(),
    british: new Map(),
  };

  constructor(
    private readonly ordinary: ReadonlySet<string>,
    private readonly twins: ReadonlyMap<string, string>,
  ) {}

  /** The readings in an accent, the default first; empty where one cannot be aligned. */
  of(word: string, accent: Accent): PackedReading[] {
    return accent === 'american' ? this.american(word) : this.british(word);
  }

  private lookUp(accent: Accent) {
    return (word: string) => {
      const known = this.sounds[accent];
      if (!known.has(word)) {
        const pronunciation =
          accent === 'american' ? this.firstAmerican(word) : this.spokenBritish(word);
        known.set(word, this.ordinary.has(word) ? pronunciation?.phonemes : undefined);
      }
      return known.get(word);
    };
  }

  private firstAmerican(word: string): Pronunciation | undefined {
    return handReadings.get(word)?.[0]?.pronunciation ?? variants(word)[0];
  }

  private american(word: string): PackedReading[] {
    const source = this.twins.get(word) ?? word;
    const byHand = handReadings.get(word) ?? handReadings.get(source);
    const lookUp = this.lookUp('american');
    if (byHand !== undefined) {
      const all = byHand.map((reading) => ({
        ...reading,
        analysis: analyseSpelling(word, reading.pronunciation, lookUp),
      }));
      return all.every((each) => each.analysis !== undefined) ? (all as PackedReading[]) : [];
    }
    // The cheapest reading, 1 dearer for each later variant and 3 for one without stress.
    let best: (PackedReading & { price: number }) | undefined;
    const own = variants(word);
    (own.length > 0 ? own : variants(source)).forEach((pronunciation, rank) => {
      const analysis = analyseSpelling(word, pronunciation, lookUp);
      if (analysis === undefined) return;
      const unstressed = pronunciation.stresses.every((stress) => stress === 0) ? 3 : 0;
      const price = analysis.cost + rank + unstressed;
      if (best === undefined || price < best.price) {
        best = { pronunciation, wordClass: '-', analysis, price };
      }
    });
    return best ? [withThoughtVowel(word, best, lookUp)] : [];
  }

  /** A form has the vowel of its base, and the bath words have theirs: chance, chances. */
  private asItsBase(word: string, own: Pronunciation): Pronunciation {
    const base = formEndings
      .flatMap(([ending, put]) =>
        word.endsWith(ending) ? [word.slice(0, -ending.length) + put] : [],
      )
      .find((each) => each.length > 2 && (this.ordinary.has(each) || bathWords.has(each)));
    const isBath = bathWords.has(word) || (base !== undefined && bathWords.has(base));
    const model = base === undefined ? undefined : this.spokenBritish(base)?.phonemes;
    const isEither = (each: string | undefined) => each === 'AE' || each === 'AA';
    const last = /^after/.test(word)
      ? own.phonemes.findIndex(isEither)
      : own.phonemes.findLastIndex(isEither);
    return {
      ...own,
      phonemes: own.phonemes.map((each, index) => {
        if (!isEither(each)) return each;
        if (trapWords.test(word)) return 'AE';
        if (isBath && index === last) return 'AA';
        const other = model?.[index];
        return other !== undefined && isEither(other) ? other : each;
      }),
    };
  }

  private spokenBritish(word: string): Pronunciation | undefined {
    const ipa = britishIpa.get(word.toLowerCase());
    const read = ipa === undefined ? undefined : readIpa(ipa);
    return read && happyVowel(word, read);
  }

  /** By the speech rules; where these do not fit the letters, and for homographs, from the American by rule. */
  private british(word: string): PackedReading[] {
    const lookUp = this.lookUp('british');
    const fromAmerican = (): PackedReading[] =>
      this.american(word).flatMap((reading) => {
        const pronunciation = this.asItsBase(
          word,
          toBritish(reading.analysis.units, reading.pronunciation.stresses),
        );
        const analysis = analyseSpelling(word, pronunciation, lookUp, 'british');
        return analysis ? [{ ...reading, pronunciation, analysis }] : [];
      });
    const byHand = handReadings.get(word) ?? [];
    if (byHand.length > 0) {
      const readings = fromAmerican();
      if (readings.length === byHand.length) return readings;
    }
    const own = this.spokenBritish(word);
    const spoken = own && this.asItsBase(word, own);
    const analysis = spoken && analyseSpelling(word, spoken, lookUp, 'british');
    if (spoken && analysis && analysis.cost < LEAST_PLAUSIBLE * word.length) {
      return [{ pronunciation: spoken, wordClass: '-', analysis }];
    }
    return fromAmerican();
  }
}

/** Endings of forms, with what the base has in their place. */
const formEndings: readonly (readonly [ending: string, put: string])[] = [
  ["'s", ''],
  ['s', ''],
  ['es', ''],
  ['es', 'e'],
  ['ed', ''],
  ['ed', 'e'],
  ['ing', ''],
  ['ing', 'e'],
  ['er', ''],
  ['er', 'e'],
  ['ers', ''],
  ['ers', 'e'],
  ['y', ''],
  ['es', 'is'],
];
/** Words that look like bath words and keep the vowel of trap (Wells 1982). */
const trapWords = /^(lass(es)?$|castig|castrat|fastid|franchis|passiv|passe$|francs?$|frantic)/;
const bathWords = new Set(lines('./bath-words.txt').flatMap((line) => line.split(' ')));

/** An alignment dearer than this a letter shows that the speech rules misread the word. */
const LEAST_PLAUSIBLE = 0.9;

/** The last vowel of happy, which the speech rules write short, is the long one of see (Wells 1982). */
function happyVowel(word: string, { phonemes, stresses }: Pronunciation): Pronunciation {
  const ending = /(y|ey|ie|i|ee|e)(s|d|'s)?$/.exec(word.toLowerCase());
  if (!ending || stresses[stresses.length - 1] === 1) return { phonemes, stresses };
  const extra = ending[2] === undefined ? 0 : 1;
  const at = phonemes.length - 1 - extra;
  if (phonemes[at] !== 'IH' || (extra === 1 && !/[zsd]/i.test(phonemes[at + 1] ?? ''))) {
    return { phonemes, stresses };
  }
  if (extra === 1 && /[^i]e[sd]$/.test(word)) return { phonemes, stresses };
  return { phonemes: phonemes.map((each, index) => (index === at ? 'IY' : each)), stresses };
}
