/** From a form to everything it can be, and from a word to its forms. */
import { hasMacrons, keyOf, plain } from './letters';
import type { LatinLexicon, Lexeme } from './lexicon';
import type { Features, Form, PartOfSpeech } from './parse';

export interface Parse extends Features {
  /** The first principal part; with macrons where the form that was asked for has them. */
  readonly lemma: string;
  readonly partOfSpeech: PartOfSpeech;
  readonly meaning: string;
  /** The form with its long vowels. */
  readonly form: string;
  /** Written as a passive, said as an active. */
  readonly deponent?: true;
}

/** Words that lean on the one before: -que, -ne, -ve. */
const enclitics = ['que', 'ne', 've'];

const isDeponent = ({ partOfSpeech, lemma }: Lexeme) =>
  partOfSpeech === 'verb' && lemma.endsWith('or');

function parsesOf(word: string, lexicon: LatinLexicon, long: boolean): Parse[] {
  return (lexicon.byForm.get(keyOf(word)) ?? [])
    .filter(
      ({ form }) =>
        !long ||
        form.form.toLowerCase() === word.normalize('NFC').toLowerCase() ||
        !hasMacrons(word),
    )
    .map(({ lexeme, form: { form, lemma, partOfSpeech, ...features } }) => ({
      lemma: long ? (lemma ?? lexeme.lemma) : plain(lemma ?? lexeme.lemma),
      partOfSpeech: partOfSpeech ?? lexeme.partOfSpeech,
      ...features,
      meaning: lexeme.meaning,
      form,
      ...(isDeponent(lexeme) ? { deponent: true as const } : {}),
    }));
}

/** Tenses of the perfect passive by those of sum. */
const compoundTenses = {
  present: 'perfect',
  imperfect: 'pluperfect',
  future: 'future perfect',
} as const;

/** A participle and a form of sum: amātus est, secūta erat. */
function compoundOf(word: string, lexicon: LatinLexicon, long: boolean): Parse[] {
  const [participle = '', auxiliary = '', ...more] = word.trim().split(/\s+/);
  if (auxiliary === '' || more.length > 0) return [];
  const parts = parsesOf(participle, lexicon, long).filter(
    ({ mood, case: its }) =>
      (mood === 'participle' || mood === 'gerundive') && its === 'nominative',
  );
  const helpers = parsesOf(auxiliary, lexicon, long).filter(
    ({ lemma, mood }) =>
      plain(lemma) === 'sum' && (mood === 'indicative' || mood === 'subjunctive'),
  );
  return parts.flatMap((part) =>
    helpers.flatMap((helper): Parse[] => {
      const { tense } = helper;
      if (part.number !== helper.number || tense === undefined || !(tense in compoundTenses))
        return [];
      if (part.tense !== 'perfect' || part.voice !== 'passive') return [];
      return [
        {
          lemma: part.lemma,
          partOfSpeech: 'verb',
          ...(helper.person === undefined ? {} : { person: helper.person }),
          ...(helper.number === undefined ? {} : { number: helper.number }),
          tense: compoundTenses[tense as keyof typeof compoundTenses],
          ...(helper.mood === undefined ? {} : { mood: helper.mood }),
          voice: 'passive',
          ...(part.gender === undefined ? {} : { gender: part.gender }),
          meaning: part.meaning,
          form: `${part.form} ${helper.form}`,
          ...(part.deponent ? { deponent: true } : {}),
        },
      ];
    }),
  );
}

/** Every parse of a form. Macrons, j for i and v for u are as the writer likes; where long vowels are marked, they count. */
export function parseForm(word: string, lexicon: LatinLexicon): Parse[] {
  const long = hasMacrons(word);
  if (/\s/.test(word.trim())) return compoundOf(word, lexicon, long);
  const whole = parsesOf(word.trim(), lexicon, long);
  if (whole.length > 0) return whole;
  // Marked otherwise than here: what it can be is said all the same.
  const unmarked = long ? parsesOf(word.trim(), lexicon, false) : [];
  if (unmarked.length > 0) return unmarked;
  const end = enclitics.find((each) => keyOf(word).endsWith(keyOf(each)));
  return end === undefined ? [] : parsesOf(word.trim().slice(0, -end.length), lexicon, long);
}

/** The forms of a word, by its first principal part; more than one word may have it. */
export const formsOf = (
  lemma: string,
  lexicon: LatinLexicon,
): {
  readonly entry: string;
  readonly partOfSpeech: PartOfSpeech;
  readonly meaning: string;
  readonly forms: readonly Form[];
}[] =>
  (lexicon.byLemma.get(keyOf(lemma)) ?? []).map(({ entry, partOfSpeech, meaning, forms }) => ({
    entry,
    partOfSpeech,
    meaning,
    forms,
  }));
