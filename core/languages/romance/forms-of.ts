/** Every form of a word of a Romance language: a verb in its tenses, a noun with its articles, an adjective that agrees. */
import type { Concept, Concepts } from '../concepts/concept';
import { frenchPersons, frenchVerb } from '../fr/verb-forms';
import { italianPersons, italianVerb } from '../it/verb-forms';
import { portuguesePersons, portugueseVerb } from '../pt/verb-forms';
import { spanishVerb } from '../es/verb-forms';
import {
  articlesOf,
  feminineOf,
  likelyGender,
  pluralOf,
  type RomanceLanguage,
} from '../romance-words/nouns';

export interface RomanceForm {
  readonly form: string;
  readonly name: string;
}

export interface RomanceWord {
  readonly entry: string;
  readonly partOfSpeech: 'verb' | 'noun' | 'adjective';
  /** English; empty where the word is not in the common list. */
  readonly meaning: string;
  readonly gender?: string;
  /** False where the gender is only what its ending mostly has. */
  readonly sure?: boolean;
  readonly forms: readonly RomanceForm[];
  readonly rule?: string;
}

const spanishPersons = ['yo', 'tú', 'él, ella', 'nosotros', 'vosotros', 'ellos, ellas'] as const;

/** A verb with the names of its persons. @throws RangeError where it is no infinitive */
export function romanceVerb(language: RomanceLanguage, verb: string) {
  switch (language) {
    case 'fr':
      return { ...frenchVerb(verb), persons: frenchPersons };
    case 'es':
      return { ...spanishVerb(verb), persons: spanishPersons };
    case 'pt':
      return { ...portugueseVerb(verb), persons: portuguesePersons };
    case 'it':
      return { ...italianVerb(verb), persons: italianPersons };
  }
}

function verbOf(
  language: RomanceLanguage,
  lemma: string,
  meaning: string,
): RomanceWord | undefined {
  try {
    const { verb, tenses, persons, participle, rule } = romanceVerb(language, lemma);
    return {
      entry: verb,
      partOfSpeech: 'verb',
      meaning,
      forms: [
        ...Object.entries(tenses).flatMap(([tense, forms]) =>
          forms.flatMap((form, person) =>
            form === '' ? [] : [{ form, name: `${tense}, ${persons[person] ?? ''}` }],
          ),
        ),
        { form: participle, name: 'past participle' },
      ],
      rule,
    };
  } catch {
    return undefined;
  }
}

function nounOf(
  language: RomanceLanguage,
  lemma: string,
  concept: Concept | undefined,
): RomanceWord {
  const known = concept?.words[language]?.find(({ word }) => word === lemma)?.gender;
  const gender = known ?? likelyGender(lemma, language);
  const { definite, indefinite, many } = articlesOf(lemma, language, gender);
  const only = gender === 'mp' || gender === 'fp';
  const plural = only ? lemma : pluralOf(lemma, language, gender);
  const space = definite.endsWith('’') ? '' : ' ';
  return {
    entry: lemma,
    partOfSpeech: 'noun',
    meaning: concept?.english ?? '',
    gender,
    ...(known ? {} : { sure: false }),
    forms: [
      ...(only
        ? []
        : [
            { form: `${definite}${space}${lemma}`, name: 'the, one' },
            {
              form: `${indefinite}${indefinite.endsWith('’') ? '' : ' '}${lemma}`,
              name: 'a',
            },
          ]),
      { form: `${many} ${plural}`, name: 'the, more than one' },
    ],
  };
}

function adjectiveOf(language: RomanceLanguage, concept: Concept, lemma: string): RomanceWord {
  const form = concept.words[language]?.find(({ word }) => word === lemma)?.form;
  const she = form ?? feminineOf(lemma, language);
  return {
    entry: lemma,
    partOfSpeech: 'adjective',
    meaning: concept.english,
    forms: [
      { form: lemma, name: 'masculine, one' },
      { form: she, name: 'feminine, one' },
      { form: pluralOf(lemma, language, 'm'), name: 'masculine, more than one' },
      { form: pluralOf(she, language, 'f'), name: 'feminine, more than one' },
    ],
  };
}

/** All words that a lemma can be: those of the common list, else a verb by its ending, else a noun. */
export function formsOfRomance(
  language: RomanceLanguage,
  lemma: string,
  concepts: Concepts,
): RomanceWord[] {
  const known = concepts.of(language, lemma);
  const words = known.flatMap((concept): RomanceWord[] => {
    if (concept.partOfSpeech === 'verb')
      return [verbOf(language, lemma, concept.english) ?? []].flat();
    if (concept.partOfSpeech === 'adjective') return [adjectiveOf(language, concept, lemma)];
    return concept.partOfSpeech === 'noun' ? [nounOf(language, lemma, concept)] : [];
  });
  if (words.length > 0) {
    // One word, however many things it is called for.
    const seen = new Map<string, RomanceWord>();
    for (const word of words) {
      const same = seen.get(word.partOfSpeech);
      seen.set(
        word.partOfSpeech,
        same ? { ...same, meaning: `${same.meaning}, ${word.meaning}` } : word,
      );
    }
    return [...seen.values()];
  }
  const verb = verbOf(language, lemma, '');
  return [verb ?? nounOf(language, lemma, undefined)];
}
