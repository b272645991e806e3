/**
 * Meanings packed as text: a line a word, its senses joined by tabs, the fields
 * of a sense joined by `|`. The wordbook's come first; WordNet 3.1 stands in for
 * words that it lacks.
 */
import { irregularBaseOf } from './irregular-base';
import type { Lexicon, LexiconEntry } from '../lexicon/lexicon';
import { writeGraphemes, writePhonemes } from '../sounds/align';
import { readingOfSense } from './sense-reading';

/** A sentence of the wordbook with the word's place in it. */
export interface SenseSentence {
  readonly text: string;
  /** Where the word, or a form of it, stands. */
  readonly start: number;
  readonly end: number;
  /** The youngest it speaks to: 5, 8 or 13. */
  readonly age: number;
}

export interface WordSense {
  /** n noun, v verb, a adjective, d adverb, and the closed classes of the wordbook: p c o t m x i. */
  readonly wordClass: string;
  readonly definition: string;
  readonly example?: string;
  /** Words that a teacher accepts for it. */
  readonly near: readonly string[];
  readonly opposites: readonly string[];
  /** What it is a kind of. */
  readonly kindOf?: string;
  /** `wordane` for a sense written for Wordane, `wordnet` for one of Princeton's. */
  readonly source: 'wordane' | 'wordnet';
  /** Of a sense of the wordbook: the age at which children understand it when heard. */
  readonly age?: number;
  /** CEFR level at which a learner meets it. */
  readonly level?: string;
  readonly topics?: readonly string[];
  /** The age from which it stands on a sheet unasked; 0 for any. */
  readonly from?: number;
  /** Of a word that is read in several ways: the graphemes and sounds that this sense has. */
  readonly reading?: { readonly graphemes: string; readonly phonemes: readonly string[] };
  /** Empty where there are none, or where they are not loaded. */
  readonly sentences: readonly SenseSentence[];
}

export interface Definition {
  readonly word: string;
  readonly known: boolean;
  /** The base whose senses these are, where the word is a form of it. */
  readonly base?: string;
  /** True where the word is built on the base (muddiness on muddy): the senses explain the base, not the word. */
  readonly derived?: boolean;
  readonly senses: readonly WordSense[];
}

const list = (field: string | undefined) => (field ? field.split(',') : []);

/** The youngest that the sentences of a sense speak to, in their order in the wordbook. */
export const sentenceAges = [5, 8, 13] as const;

/** Reads sentences as packed, joined by `|`, the word between asterisks; `-` where there is none. */
export function readSentences(packed: string): SenseSentence[] {
  return packed.split('|').flatMap((marked, slot): SenseSentence[] => {
    const start = marked.indexOf('*');
    const end = marked.indexOf('*', start + 1) - 1;
    if (start < 0 || end < start) return [];
    return [{ text: marked.replaceAll('*', ''), start, end, age: sentenceAges[slot] ?? 13 }];
  });
}

function readSense(text: string, packedSentences = ''): WordSense {
  const [head = '', definition = '', example = '', near, opposites, kindOf = '', ...book] =
    text.split('|');
  const sentences = readSentences(packedSentences);
  const shown = example || (sentences.find(({ age }) => age === 8) ?? sentences[0])?.text;
  const [age, level = '', topics, from] = book;
  return {
    wordClass: head[0] ?? 'n',
    definition,
    ...(shown ? { example: shown } : {}),
    near: list(near),
    opposites: list(opposites),
    ...(kindOf === '' ? {} : { kindOf }),
    source: head.endsWith('*') ? 'wordane' : 'wordnet',
    ...(age ? { age: Number(age), level, topics: list(topics), from: Number(from) } : {}),
    sentences,
  };
}

/** Writes a sense as it is packed; its sentences are packed apart. */
export function writeSense(sense: Omit<WordSense, 'sentences'>): string {
  const head = sense.wordClass + (sense.source === 'wordane' ? '*' : '');
  const plain = (text: string) => text.replace(/[|\t\n]/g, ' ');
  const fields = [
    head,
    plain(sense.definition),
    plain(sense.example ?? ''),
    sense.near.join(','),
    sense.opposites.join(','),
    sense.kindOf ?? '',
  ];
  if (sense.age !== undefined) {
    fields.push(
      String(sense.age),
      sense.level ?? '',
      sense.topics?.join(',') ?? '',
      String(sense.from ?? 0),
    );
  }
  return fields.join('|');
}

function readLines(packed: string): Map<string, string> {
  const lines = new Map<string, string>();
  for (const line of packed.split('\n')) {
    const tab = line.indexOf('\t');
    if (tab > 0) lines.set(line.slice(0, tab), line.slice(tab + 1));
  }
  return lines;
}

/** The meanings of words, read from packed text when first asked for. */
export class Meanings {
  private readonly lines: ReadonlyMap<string, string>;
  private readonly sentences: ReadonlyMap<string, string>;

  /**
   * @param packed a line a word, its senses joined by tabs
   * @param packedSentences the same words with the sentences of each sense, in the same order
   */
  constructor(packed: string, packedSentences = '') {
    this.lines = readLines(packed);
    this.sentences = readLines(packedSentences);
  }

  get size(): number {
    return this.lines.size;
  }

  /** The words that have sentences; none where they are not loaded. */
  get withSentences(): readonly string[] {
    return [...this.sentences.keys()];
  }

  sensesOf(word: string): WordSense[] {
    const key = word.toLowerCase();
    const sentences = this.sentences.get(key)?.split('\t');
    const line = this.lines.get(key);
    return line === undefined
      ? []
      : line.split('\t').map((sense, at) => readSense(sense, sentences?.[at]));
  }
}

/** The words whose senses explain a word: itself, its other spelling, the word it is a form of. */
export function definedBy(word: string, lexicon: Lexicon): string[] {
  const entry = lexicon.find(word);
  const own = entry?.word ?? word.toLowerCase();
  const lemma = entry && lexicon.lemmaOf(entry).word;
  const irregular = entry ? undefined : irregularBaseOf(own);
  const bases = [own, lemma, irregular].filter((each) => each !== undefined);
  return [...new Set(bases.flatMap((each) => [each, lexicon.twinOf(each)?.word ?? each]))];
}

/** The classes a form may have by its ending: stalking is no stalk of a plant. */
const classesOfEnding: readonly (readonly [ending: RegExp, classes: string])[] = [
  [/ing$/, 'v'],
  [/ed$/, 'va'],
  [/(er|est)$/, 'ad'],
];

/** The senses of a base, those of the class that the form shows first. */
function inClassOf(form: string, senses: readonly WordSense[]): readonly WordSense[] {
  const classes = classesOfEnding.find(([ending]) => ending.test(form))?.[1];
  if (classes === undefined) return senses;
  const fits = (sense: WordSense) => (classes.includes(sense.wordClass) ? 0 : 1);
  return [...senses].sort((left, right) => fits(left) - fits(right));
}

/** The senses of a word that is read in several ways, each with its reading. */
export function withReadings(entry: LexiconEntry | undefined, senses: readonly WordSense[]) {
  if (entry === undefined || entry.readings.length === 1) return senses;
  return senses.map((sense) => {
    const { units } = readingOfSense(entry, sense);
    return {
      ...sense,
      reading: { graphemes: writeGraphemes(units), phonemes: writePhonemes(units) },
    };
  });
}

/** The senses of a word, or of the word it is a form of; the wordbook's alone where it has the word. */
export function define(word: string, meanings: Meanings, lexicon: Lexicon): Definition {
  const candidates = definedBy(word, lexicon);
  // A word without senses of its own that is built on another is explained by that one.
  const entry = lexicon.find(word);
  const built = entry?.head?.derived ? lexicon.headOf(entry).word : undefined;
  for (const candidate of built ? [...candidates, built] : candidates) {
    const senses = meanings.sensesOf(candidate);
    if (senses.length === 0) continue;
    const own = candidate.toLowerCase() === word.toLowerCase();
    return {
      word,
      known: true,
      ...(own ? {} : { base: candidate }),
      ...(candidate === built ? { derived: true } : {}),
      senses: own ? withReadings(entry, senses) : inClassOf(word, senses),
    };
  }
  return { word, known: false, senses: [] };
}
