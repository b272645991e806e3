/** The words of the Latin pack: each line of a dictionary read into its forms. */
import { adjectiveForms } from './adjectives';
import { besideRegular, irregularForms } from './irregular-verbs';
import { keyOf } from './letters';
import { nounForms } from './nouns';
import type { Form, Gender, PartOfSpeech } from './parse';
import { pronouns } from './pronouns';
import { verbForms, type Verb } from './verbs';

export interface Lexeme {
  /** The first principal part, with its macrons. */
  readonly lemma: string;
  /** As a dictionary has it: cāsus, -ūs m. */
  readonly entry: string;
  readonly partOfSpeech: PartOfSpeech;
  /** In English. */
  readonly meaning: string;
  readonly forms: readonly Form[];
}

/** A line of the table: what it means, its class (n v a d m p c i) and the dictionary's entry. */
export type LatinRow = readonly [meaning: string, wordClass: string, entry: string];

const genderOf: Readonly<Record<string, Gender>> = { m: 'masculine', f: 'feminine', n: 'neuter' };
const parts: Readonly<Record<string, PartOfSpeech>> = {
  n: 'noun',
  v: 'verb',
  a: 'adjective',
  d: 'adverb',
  m: 'numeral',
  p: 'preposition',
  c: 'conjunction',
  i: 'interjection',
};

/** Principal parts as a dictionary gives them: -, where there is none. */
export function verbOf(entry: string): Verb {
  const [first = '', infinitive = '', third = '', fourth = ''] = entry
    .split(',')
    .map((part) => part.trim())
    .map((part) => (part === '-' ? '' : part));
  return { first, infinitive, perfect: third, supine: fourth };
}

const impersonal = /^(?:\p{L}+)(?:t|tur)$/u;

/** An impersonal verb: third persons singular and infinitives of its verb. */
function impersonalForms({ first, infinitive, perfect }: Verb): Form[] {
  const bare = infinitive.endsWith('ēre')
    ? first.replace(/et$/, 'eō')
    : infinitive.endsWith('āre')
      ? first.replace(/at$/, 'ō')
      : first.replace(/it$/, 'ō');
  const personal = perfect === '' ? '' : perfect.replace(/it$/, 'ī');
  const verb = { first: bare, infinitive, perfect: personal, supine: '' };
  return (irregularForms(verb) ?? verbForms(verb)).filter(
    ({ person, number, mood, voice }) =>
      voice === 'active' &&
      (mood === 'infinitive' || (person === 3 && number === 'singular' && mood !== 'imperative')),
  );
}

function formsOfVerb(entry: string): Form[] {
  const verb = verbOf(entry);
  if (impersonal.test(verb.first) && !/[ōr]$/u.test(verb.first)) return impersonalForms(verb);
  return [...(irregularForms(verb) ?? verbForms(verb)), ...besideRegular(verb)];
}

function nounOf(entry: string) {
  const found = /^(.*?),\s*(.*?)\s+((?:[mfn]\.?(?:\/[mfn]\.?)?)(?:\s*pl\.)?|[mfn]\. pl\.)$/u.exec(
    entry,
  );
  if (!found) return undefined;
  const [, nominative = '', genitive = '', marks = ''] = found;
  if (/\s/.test(nominative)) return undefined;
  return {
    nominative,
    genitive,
    genders: (marks.replace('pl', '').match(/[mfn]/g) ?? []).map(
      (letter) => genderOf[letter] ?? 'masculine',
    ),
    pluralOnly: /pl\./.test(marks),
  };
}

const hundreds = /gentī$|centī$/u;

/** Reads a line; undefined for what is more than one word, or cannot be told. */
export function lexemeOf([meaning, wordClass, entry]: LatinRow): Lexeme | undefined {
  const partOfSpeech = parts[wordClass] ?? 'adverb';
  const [lemma = ''] = entry.split(',').map((part) => part.trim());
  if (/\s/.test(lemma) && wordClass !== 'v') return undefined;
  try {
    if (wordClass === 'n') {
      const noun = nounOf(entry);
      return noun && { lemma, entry, partOfSpeech, meaning, forms: nounForms(noun) };
    }
    if (wordClass === 'v')
      return /\s/.test(lemma)
        ? undefined
        : { lemma, entry, partOfSpeech, meaning, forms: formsOfVerb(entry) };
    // A pronoun that a table calls an adjective or a number has its forms already.
    if (pronouns.some((each) => each.lemma === lemma)) return undefined;
    if (wordClass === 'a' || (wordClass === 'm' && entry.includes(','))) {
      const [masculine = '', ...others] = entry.split(',').map((part) => part.trim());
      const all = adjectiveForms({ masculine, others });
      const forms = hundreds.test(lemma) ? all.filter(({ number }) => number === 'plural') : all;
      return {
        lemma,
        entry,
        partOfSpeech:
          wordClass === 'm'
            ? /^ūnus|centī|gentī/u.test(lemma)
              ? 'numeral'
              : 'adjective'
            : partOfSpeech,
        meaning,
        forms,
      };
    }
  } catch {
    return undefined;
  }
  return {
    lemma,
    entry,
    partOfSpeech,
    meaning,
    forms: [{ form: lemma, ...(wordClass === 'd' ? { degree: 'positive' as const } : {}) }],
  };
}

export interface LatinLexicon {
  readonly lexemes: readonly Lexeme[];
  /** By the key of a form: which words it is of, and what. */
  readonly byForm: ReadonlyMap<string, readonly { readonly lexeme: Lexeme; readonly form: Form }[]>;
  readonly byLemma: ReadonlyMap<string, readonly Lexeme[]>;
}

const says = ({ form: _, ...features }: Form) => JSON.stringify(features);

/** Every form of every word, to be found by. */
export function latinLexicon(rows: readonly LatinRow[]): LatinLexicon {
  const byForm = new Map<string, { lexeme: Lexeme; form: Form }[]>();
  const byLemma = new Map<string, Lexeme[]>();
  const lexemes: Lexeme[] = pronouns.map(({ lemma, partOfSpeech, forms }) => ({
    lemma,
    entry: lemma,
    partOfSpeech,
    meaning: '',
    forms,
  }));
  // The same word may stand in both tables, with its genitive written out or not.
  const signOf = ({ lemma, partOfSpeech, forms }: Lexeme) =>
    [lemma, partOfSpeech, ...forms.slice(0, 24).map(({ form }) => form)].join(' ');
  const signs = new Set(lexemes.map(signOf));
  const seen = new Set(lexemes.map(({ entry }) => entry));
  for (const row of rows) {
    if (seen.has(row[2])) continue;
    seen.add(row[2]);
    const lexeme = lexemeOf(row);
    if (lexeme === undefined || signs.has(signOf(lexeme))) continue;
    signs.add(signOf(lexeme));
    lexemes.push(lexeme);
  }
  for (const lexeme of lexemes) {
    byLemma.set(keyOf(lexeme.lemma), [...(byLemma.get(keyOf(lexeme.lemma)) ?? []), lexeme]);
    const own = new Set<string>();
    for (const form of lexeme.forms) {
      const key = keyOf(form.form);
      const name = `${key} ${says(form)}`;
      if (key === '' || own.has(name)) continue;
      own.add(name);
      const there = byForm.get(key);
      if (there) there.push({ lexeme, form });
      else byForm.set(key, [{ lexeme, form }]);
    }
  }
  return { lexemes, byForm, byLemma };
}
