/**
 * The lexicon: every word the program knows, taken apart. It is made from a
 * pack once, and never changes.
 */
import type { AlignedUnit } from '../sounds/align';
import { cefrLevels, levelOfAge, type CefrLevel, type Level } from '../../../kernel/level';
import { correspondences } from '../sounds/correspondences';
import {
  correspondenceIds,
  decodeUnits,
  levelSources,
  type LevelSource,
  PACK_FORMAT,
  type AccentPack,
  type LexiconPack,
} from './lexicon-pack';
import type { Spelling } from '../../../kernel/spelling';
import { staysInBritain } from './spelling-variety';
import type { Accent } from '../../../kernel/accent';
import type { Phoneme } from '../sounds/phonemes';
import { plainEar, unpackHashes, wordHash } from './word-hash';

/** One way a word is said. */
export interface Reading {
  readonly units: readonly AlignedUnit[];
  /** The units as packed, one character each (see `unitCharacter`); absent from a reading made by hand. */
  readonly code?: string;
  /** Stress of each vowel phoneme: 1 primary, 2 secondary, 0 none. */
  readonly stresses: readonly number[];
  readonly syllables: readonly string[];
  /** n noun, v verb, a adjective, d adverb; - where the reading does not depend on it. */
  readonly wordClass: string;
}

export interface LexiconEntry {
  readonly word: string;
  /** Position by frequency; 0 is the most frequent. */
  readonly rank: number;
  /** Zipf frequency: log10 of occurrences in a thousand million words (van Heuven et al. 2014). */
  readonly zipf: number;
  /** The year of school by whose age the word is understood when heard. */
  readonly level: Level;
  /** Age at which most children who grow up with English understand it when heard, in years. */
  readonly age: number;
  /** Where a learner of English meets it. */
  readonly cefr: CefrLevel;
  readonly levelFrom: LevelSource;
  /** The youngest age for which it is offered unasked; 0 for any. */
  readonly from: number;
  /** The word it is a form of, or is built on. */
  readonly head: { readonly rank: number; readonly derived: boolean } | undefined;
  /** Letters of the wordbook's classes, what a school meets first in front; empty for words it lacks. */
  readonly schoolClasses: string;
  /** Word classes as the bits of `wordClassBits`. */
  readonly kinds: number;
  /** How often it is meant as noun, verb, adjective, adverb: digits 0 (never) to 9; zeros at the end left out. */
  readonly shares: string;
  /** At least one; the default first. */
  readonly readings: readonly [Reading, ...Reading[]];
}

/** A base-36 digit of a packed column. */
const digit = (column: string, rank: number, absent: number) => {
  const sign = column[rank];
  return sign === undefined ? absent : parseInt(sign, 36);
};

function readHead(text: string): LexiconEntry['head'] {
  if (text === '') return undefined;
  const derived = text.startsWith('-');
  return { rank: parseInt(derived ? text.slice(1) : text, 36), derived };
}

/** Names that topics had before, for searches that were kept. */
const formerTopics: Readonly<Record<string, string>> = {
  colours: 'colour',
  numbers: 'number',
  tools: 'tool',
  materials: 'material',
  shapes: 'shape',
  'sport and play': 'sport',
};

/** The other way round: for each picture the words it shows. */
function wordsByPicture(icons: ReadonlyMap<string, readonly string[]>) {
  const named = new Map<string, string[]>();
  for (const [word, names] of icons) {
    for (const name of names) named.set(name, [...(named.get(name) ?? []), word]);
  }
  return named;
}

export class Lexicon {
  readonly entries: readonly LexiconEntry[];
  private readonly byWord = new Map<string, LexiconEntry>();
  /** For each correspondence the ranks of the words that have it, in order. */
  private readonly postings: readonly number[][] = correspondences.map(() => []);

  readonly accent: Accent;
  /** Names of the topics, in the order of the pack. */
  readonly topicNames: readonly string[];
  private readonly topicSets: ReadonlyMap<string, ReadonlySet<string>>;
  private readonly nameKindSets: ReadonlyMap<string, ReadonlySet<string>>;
  private readonly opposites = new Map<string, string[]>();
  private readonly icons = new Map<string, string[]>();
  /** The words of each picture, made at the first question. */
  private named: ReadonlyMap<string, readonly string[]> | undefined;
  private readonly unfit: ReadonlySet<number>;
  private readonly otherWords: ReadonlySet<number>;
  private readonly britishOf = new Map<string, string>();
  private readonly americanOf = new Map<string, string>();

  /**
   * @param spoken how the words are said in another accent than the American of the pack
   * @throws Error where a pack is of another format
   */
  constructor(pack: LexiconPack, spoken?: AccentPack) {
    this.accent = spoken?.accent ?? 'american';
    if (pack.format !== PACK_FORMAT || (spoken && spoken.format !== PACK_FORMAT)) {
      throw new Error('The word pack is of another version. Build it again with npm run build.');
    }
    const words = pack.words.split(' ');
    const columns = spoken ?? pack;
    const units = columns.units.split(' ');
    const stresses = columns.stresses.split(' ');
    const syllables = columns.syllables.split(' ');
    const classes = columns.classes.split(' ');
    const kinds = pack.kinds.split(' ');
    const shares = pack.shares.split(' ');
    const heads = pack.heads.split(' ');
    const schoolClasses = pack.schoolClasses.split(' ');
    this.entries = words.map((word, rank) => {
      const zipf = (pack.zipf[rank] ?? 0) / 100;
      const age = digit(pack.ages, rank, 18) / 2;
      const code = units[rank] ?? '';
      const readings = unpackReadings(
        word,
        code,
        stresses[rank] ?? '',
        syllables[rank] ?? '',
        classes[rank] ?? '-',
      );
      for (const id of correspondenceIds(code)) {
        const posting = this.postings[id];
        // A word that has the correspondence twice is posted once.
        if (posting && posting[posting.length - 1] !== rank) posting.push(rank);
      }
      return {
        word,
        rank,
        zipf,
        level: levelOfAge(age),
        age,
        cefr: cefrLevels[digit(pack.cefrs, rank, 2)] ?? 'B1',
        levelFrom: levelSources[(pack.levelsFrom[rank] ?? 'e') as keyof typeof levelSources],
        from: digit(pack.froms, rank, 0),
        head: readHead(heads[rank] ?? ''),
        schoolClasses: schoolClasses[rank] ?? '',
        kinds: parseInt(kinds[rank] ?? '0', 36),
        shares: shares[rank] ?? '',
        readings,
      };
    });
    for (const entry of this.entries) {
      const key = entry.word.toLowerCase();
      if (!this.byWord.has(key)) this.byWord.set(key, entry);
    }
    this.topicNames = Object.keys(pack.topics);
    this.topicSets = new Map(
      Object.entries(pack.topics).map(([name, list]) => [name, new Set(list.split(' '))]),
    );
    this.nameKindSets = new Map(
      Object.entries(pack.nameKinds).map(([name, list]) => [name, new Set(list.split(' '))]),
    );
    for (const pair of pack.opposites.split(' ')) {
      const [word = '', others = ''] = pair.split('=');
      if (others === '') continue;
      for (const other of others.split(',')) {
        this.opposites.set(word, [...(this.opposites.get(word) ?? []), other]);
      }
    }
    for (const line of pack.pictures.split('\n')) {
      const [icon = '', ...names] = line.split(' ');
      for (const name of names) this.icons.set(name, [...(this.icons.get(name) ?? []), icon]);
    }
    this.unfit = unpackHashes(pack.unfit);
    this.otherWords = unpackHashes(pack.otherWords);
    for (const pair of pack.twins.split(' ')) {
      const [american = '', british = ''] = pair.split('=');
      this.britishOf.set(american, british);
      this.americanOf.set(british, american);
    }
  }

  /** True for a word that must not be shown to a class, by its letters or by its sounds. */
  isUnfit(word: string, phonemes: readonly Phoneme[] = []): boolean {
    return [word.toLowerCase(), plainEar(word), phonemes.join(' ')].some(
      (form) => form !== '' && this.unfit.has(wordHash(form)),
    );
  }

  /** True for a written word that the lexicon leaves out because no class is given it. */
  isLeftOut(word: string): boolean {
    return this.find(word) === undefined && this.unfit.has(wordHash(word.toLowerCase()));
  }

  /** True where the letters alone, whatever they sound like, spell what no classroom wants to read. */
  isUnfitSpelling(letters: string): boolean {
    return this.unfit.has(wordHash(letters));
  }

  /** True for a short word or name that is real although the lexicon leaves it out. */
  isOtherWord(word: string, phonemes: readonly Phoneme[] = []): boolean {
    return [word.toLowerCase(), phonemes.join(' ')].some(
      (form) => form !== '' && this.otherWords.has(wordHash(form)),
    );
  }

  /** The words of a topic; empty for a name that is none. */
  topicWords(topic: string): ReadonlySet<string> {
    return this.topicSets.get(formerTopics[topic] ?? topic) ?? new Set();
  }

  /** The topics a word belongs to. */
  topicsOf(word: string): string[] {
    return this.topicNames.filter((name) => this.topicSets.get(name)?.has(word));
  }

  /** What nouns may be names for: animal, tool, part of the body … */
  get nameKinds(): readonly string[] {
    return [...this.nameKindSets.keys()];
  }

  /** The nouns that are names for a kind; empty for a kind that is none. */
  namesFor(kind: string): ReadonlySet<string> {
    return this.nameKindSets.get(kind) ?? new Set();
  }

  /** The opposites of a word as the wordbook has them, of all its senses. */
  oppositesOf(word: string): readonly string[] {
    return this.opposites.get(word) ?? [];
  }

  /** The word that a word is a form of or is built on; itself where it is neither. */
  headOf(entry: LexiconEntry): LexiconEntry {
    return (entry.head && this.entries[entry.head.rank]) ?? entry;
  }

  /** The word that a word is a form of; itself where it is none, or where it is built on another with an affix. */
  lemmaOf(entry: LexiconEntry): LexiconEntry {
    return entry.head?.derived === false ? this.headOf(entry) : entry;
  }

  /** Names of the pictures that show a word, the best first. */
  picturesOf(word: string): readonly string[] {
    return this.icons.get(word) ?? [];
  }

  /** Every word that a picture shows. */
  wordsOfPicture(picture: string): readonly string[] {
    this.named ??= wordsByPicture(this.icons);
    return this.named.get(picture) ?? [];
  }

  /** Every word that has a picture. */
  get pictured(): ReadonlySet<string> {
    return new Set(this.icons.keys());
  }

  /** False for the spelling of the other side of the Atlantic (color for a British class). */
  suits(word: string, spelling: Spelling): boolean {
    if (spelling === 'us') return !this.americanOf.has(word);
    return !this.britishOf.has(word) || staysInBritain(word);
  }

  /** The other spelling of a word that America and Britain spell differently. */
  twinOf(word: string): { readonly word: string; readonly spelling: 'uk' | 'us' } | undefined {
    const british = this.britishOf.get(word);
    if (british !== undefined) return { word: british, spelling: 'uk' };
    const american = this.americanOf.get(word);
    return american === undefined ? undefined : { word: american, spelling: 'us' };
  }

  /** The words in which any of the correspondences occurs, most frequent first. */
  withCorrespondences(ids: readonly number[]): LexiconEntry[] {
    const marked = new Uint8Array(this.size);
    for (const id of ids) {
      for (const rank of this.postings[id] ?? []) marked[rank] = 1;
    }
    return this.entries.filter((entry) => marked[entry.rank] === 1);
  }

  get size(): number {
    return this.entries.length;
  }

  /** The entry of a word in any capitalisation, or undefined where it is not known. */
  find(word: string): LexiconEntry | undefined {
    return this.byWord.get(word.trim().toLowerCase().replaceAll('’', "'"));
  }
}

/** A reading as packed; its parts are decoded when first asked for. */
class PackedReading implements Reading {
  private decoded: readonly AlignedUnit[] | undefined;
  private stressList: readonly number[] | undefined;
  private syllableList: readonly string[] | undefined;

  constructor(
    private readonly word: string,
    readonly code: string,
    private readonly stressDigits: string,
    private readonly syllableLengths: string,
    readonly wordClass: string,
  ) {}

  get units(): readonly AlignedUnit[] {
    this.decoded ??= decodeUnits(this.code);
    return this.decoded;
  }

  get stresses(): readonly number[] {
    this.stressList ??= [...this.stressDigits].map(Number);
    return this.stressList;
  }

  get syllables(): readonly string[] {
    let at = 0;
    this.syllableList ??= [...this.syllableLengths].map((digit) => {
      const from = at;
      at += parseInt(digit, 36);
      return this.word.slice(from, at);
    });
    return this.syllableList;
  }
}

/** The readings of one word from its place in each column; most words have one. */
function unpackReadings(
  word: string,
  code: string,
  stresses: string,
  syllables: string,
  classes: string,
): readonly [Reading, ...Reading[]] {
  if (!code.includes('|')) return [new PackedReading(word, code, stresses, syllables, classes)];
  const columns = [stresses, syllables, classes].map((column) => column.split('|'));
  const readings = code
    .split('|')
    .map(
      (each, index) =>
        new PackedReading(
          word,
          each,
          columns[0]?.[index] ?? '',
          columns[1]?.[index] ?? '',
          columns[2]?.[index] ?? '-',
        ),
    );
  return readings as unknown as [Reading, ...Reading[]];
}
