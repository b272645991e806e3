/** The words of a language from the common list, as they are offered for a list: a noun of a Romance language with its article. */
import type { ConceptLanguage, Concepts } from '../concepts/concept';
import { articlesOf, likelyGender, romanceLanguages } from '../romance-words/nouns';

export interface CommonWord {
  readonly word: string;
  /** With its article, where nouns have one in the language. */
  readonly withArticle: string;
  readonly english: string;
  readonly partOfSpeech: string;
  readonly cefr: string;
  readonly topics: readonly string[];
  /** Kana, or the stressed vowel marked, where that differs. */
  readonly said?: string;
}

/** Months are named without an article in these languages: en juin, en junio. */
const months: ReadonlySet<string> = new Set(
  'January February March April May June July August September October November December'.split(
    ' ',
  ),
);

export function commonWords(concepts: Concepts, language: ConceptLanguage): CommonWord[] {
  const romance = romanceLanguages.find((each) => each === language);
  const seen = new Set<string>();
  return concepts.all.flatMap(({ english, partOfSpeech, cefr, topics, words }): CommonWord[] =>
    (words[language] ?? []).slice(0, 1).flatMap(({ word, gender, said }) => {
      // Hot and warm are one word in French: it is offered once, for the first.
      if (seen.has(word)) return [];
      seen.add(word);
      const noun = partOfSpeech === 'noun' && romance !== undefined && !months.has(english);
      const of = noun
        ? articlesOf(word, romance, gender ?? likelyGender(word, romance))
        : undefined;
      const plural = gender === 'mp' || gender === 'fp';
      const article = of && (plural ? of.many : of.definite);
      return [
        {
          word,
          withArticle: article ? `${article}${article.endsWith('’') ? '' : ' '}${word}` : word,
          english,
          partOfSpeech,
          cefr,
          topics,
          ...(said !== undefined && said !== word ? { said } : {}),
        },
      ];
    }),
  );
}
