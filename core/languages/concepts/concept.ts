/**
 * The common list of concepts: what 1,080 everyday things, deeds and qualities are called in nine
 * languages besides English, with their genders. A pack takes its words from here.
 */

export const conceptLanguages = ['fr', 'es', 'pt', 'it', 'de', 'ru', 'ja'] as const;
export type ConceptLanguage = (typeof conceptLanguages)[number];

/** Masculine, feminine, either by person, and those that are only plural. */
export type Gender = 'm' | 'f' | 'mf' | 'mp' | 'fp';

export interface ConceptWord {
  /** As it is written, a noun of German with its article; Russian without its stress. */
  readonly word: string;
  readonly gender?: Gender;
  /** Feminine or plural where no rule gives it. */
  readonly form?: string;
  /** How it is said: the stressed vowel marked (Russian), kana (Japanese). */
  readonly said?: string;
}

export interface Concept {
  readonly english: string;
  readonly partOfSpeech: 'noun' | 'verb' | 'adjective' | 'adverb' | 'number';
  readonly cefr: string;
  readonly topics: readonly string[];
  readonly words: Readonly<Partial<Record<ConceptLanguage, readonly ConceptWord[]>>>;
}

/** Cells of a row as scripts/make-language-words.mjs writes it. */
export type ConceptRow = readonly string[];

const classes: Readonly<Record<string, Concept['partOfSpeech']>> = {
  n: 'noun',
  v: 'verb',
  a: 'adjective',
  d: 'adverb',
  m: 'number',
};

const isThere = (cell: string | undefined): cell is string =>
  cell !== undefined && cell !== '' && cell !== '-';

const genders: ReadonlySet<string> = new Set(['m', 'f', 'mf', 'mp', 'fp']);
const isGender = (text: string | undefined): text is Gender => genders.has(text ?? '');

/** The words of a cell, one for each way it is said; a stroke stands between them. */
function wordsOf(cell: string | undefined, gender?: string, form?: string): ConceptWord[] {
  if (!isThere(cell)) return [];
  const kinds = (gender ?? '').split('/');
  return cell.split('/').map((word, at) => {
    const of = kinds[at] ?? kinds[0];
    return {
      word: word.trim(),
      ...(isGender(of) ? { gender: of } : {}),
      ...(isThere(form) ? { form } : {}),
    };
  });
}

const STRESS = /\u0301/g;

const russian = (cell: string | undefined): ConceptWord[] =>
  wordsOf(cell).map(({ word }) => ({
    word: word.normalize('NFD').replace(STRESS, '').normalize('NFC'),
    said: word,
  }));

const japanese = (written: string | undefined, reading: string | undefined): ConceptWord[] =>
  isThere(written)
    ? [{ word: written, ...(isThere(reading) ? { said: reading.split(' ')[0] ?? reading } : {}) }]
    : [];

/** A row as a concept. */
export function conceptOf(row: ConceptRow): Concept {
  const [english = '', wordClass = '', cefr = '', topics = ''] = row;
  const [, , , , fr, frGender, frForm, es, esGender, pt, ptGender, it, de, dePlural, ru, ja, kana] =
    row;
  const words: Partial<Record<ConceptLanguage, readonly ConceptWord[]>> = {
    fr: wordsOf(fr, frGender, frForm),
    es: wordsOf(es, esGender),
    pt: wordsOf(pt, ptGender),
    it: wordsOf(it),
    de: wordsOf(de, undefined, dePlural),
    ru: russian(ru),
    ja: japanese(ja, kana),
  };
  return {
    english,
    partOfSpeech: classes[wordClass] ?? 'noun',
    cefr,
    topics: topics.split(/,\s*/).filter(isThere),
    words: Object.fromEntries(Object.entries(words).filter(([, list]) => list.length > 0)),
  };
}

/** Lists of concepts, found by what they are called in a language. */
export interface Concepts {
  readonly all: readonly Concept[];
  /** What a word of a language can mean; none where the list lacks it. */
  readonly of: (language: ConceptLanguage, word: string) => readonly Concept[];
}

export function readConcepts(rows: readonly ConceptRow[]): Concepts {
  const all = rows.map(conceptOf);
  const byWord = new Map<string, Concept[]>();
  for (const concept of all) {
    for (const [language, words] of Object.entries(concept.words)) {
      for (const { word } of words) {
        const key = `${language} ${word.toLowerCase()}`;
        byWord.set(key, [...(byWord.get(key) ?? []), concept]);
      }
    }
  }
  return { all, of: (language, word) => byWord.get(`${language} ${word.toLowerCase()}`) ?? [] };
}
