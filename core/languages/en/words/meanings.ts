/**
 * Meanings from WordNet 3.1, packed as text: a line a word, its senses joined by
 * tabs, the fields of a sense joined by `|`.
 */
import { irregularBaseOf } from './irregular-base';
import type { Lexicon } from '../lexicon/lexicon';
import { wordParts } from './word-parts';

export interface WordSense {
  /** n noun, v verb, a adjective, d adverb. */
  readonly wordClass: string;
  readonly definition: string;
  readonly example?: string;
  readonly synonyms: readonly string[];
  readonly antonyms: readonly string[];
  /** What it is a kind of. */
  readonly kindOf?: string;
  /** `wordane` for a gloss of our own, `wordnet` for one of Princeton's. */
  readonly source: 'wordane' | 'wordnet';
}

export interface Definition {
  readonly word: string;
  readonly known: boolean;
  /** The base whose senses these are, where the word is a form of it. */
  readonly base?: string;
  readonly senses: readonly WordSense[];
}

const list = (field: string | undefined) => (field ? field.split(',') : []);

function readSense(text: string): WordSense {
  const [head = '', definition = '', example = '', synonyms, antonyms, kindOf = ''] =
    text.split('|');
  return {
    wordClass: head[0] ?? 'n',
    definition,
    ...(example === '' ? {} : { example }),
    synonyms: list(synonyms),
    antonyms: list(antonyms),
    ...(kindOf === '' ? {} : { kindOf }),
    source: head.endsWith('*') ? 'wordane' : 'wordnet',
  };
}

/** Writes a sense as it is packed. */
export function writeSense(sense: WordSense): string {
  const head = sense.wordClass + (sense.source === 'wordane' ? '*' : '');
  const plain = (text: string) => text.replace(/[|\t\n]/g, ' ');
  return [
    head,
    plain(sense.definition),
    plain(sense.example ?? ''),
    sense.synonyms.join(','),
    sense.antonyms.join(','),
    sense.kindOf ?? '',
  ].join('|');
}

/** The meanings of words, read from packed text when first asked for. */
export class Meanings {
  private readonly lines = new Map<string, string>();

  constructor(packed: string) {
    for (const line of packed.split('\n')) {
      const tab = line.indexOf('\t');
      if (tab > 0) this.lines.set(line.slice(0, tab), line.slice(tab + 1));
    }
  }

  get size(): number {
    return this.lines.size;
  }

  sensesOf(word: string): WordSense[] {
    const line = this.lines.get(word.toLowerCase());
    return line === undefined ? [] : line.split('\t').map(readSense);
  }
}

/** The words whose senses may explain a word: itself, its other spelling, the base it is a form of. */
export function definedBy(word: string, lexicon: Lexicon): string[] {
  const entry = lexicon.find(word);
  const own = entry?.word ?? word.toLowerCase();
  const twin = lexicon.twinOf(own)?.word;
  const irregular = irregularBaseOf(own);
  const parts = entry ? wordParts(entry, lexicon).parts : [];
  const last = parts[parts.length - 1];
  const inflected = last?.kind === 'suffix' && /^(s|es|ed|ing|er|est)$/.test(last.text);
  const before = parts[parts.length - 2];
  const head = parts
    .slice(0, -2)
    .map((part) => part.text)
    .join('');
  const base = inflected && before ? head + (before.from ?? before.text) : undefined;
  return [own, twin, irregular, base, base && lexicon.twinOf(base)?.word].filter(
    (each) => each !== undefined,
  );
}

/** The senses of a word, or of the base it is a form of. */
export function define(word: string, meanings: Meanings, lexicon: Lexicon): Definition {
  for (const candidate of definedBy(word, lexicon)) {
    const senses = meanings.sensesOf(candidate);
    if (senses.length === 0) continue;
    const own = candidate === word.toLowerCase();
    return { word, known: true, ...(own ? {} : { base: candidate }), senses };
  }
  return { word, known: false, senses: [] };
}
