/** The articles and contractions of a text, as they are lit in it and asked for in an exercise. */
import type { Span } from '../../kernel/span';
import { findArticles } from './articles';
import { contractingLanguages, findContractions } from './contractions';
import type { RomanceLanguage } from '../romance-words/nouns';

export const smallWordKinds = ['contractions', 'articles'] as const;
export type SmallWordKind = (typeof smallWordKinds)[number];

export interface SmallWord extends Span {
  readonly text: string;
  /** What it stands for: em + a; what kind of article it is. */
  readonly full: string;
  readonly sure: boolean;
}

/** The language, where it is one whose small words are found. */
export const withSmallWords = (language: string | undefined): RomanceLanguage | undefined =>
  contractingLanguages.find((each) => each === language);

export const findSmallWords = (
  text: string,
  language: RomanceLanguage,
  kind: SmallWordKind,
): SmallWord[] =>
  kind === 'contractions'
    ? findContractions(text, language).map(({ of, ...found }) => ({
        ...found,
        full: of.join(' + '),
      }))
    : findArticles(text, language).map(({ kind: article, ...found }) => ({
        ...found,
        full: `${article} article`,
      }));

/** Articles that the same noun can have, the definite with the indefinite. */
const partners: Readonly<Record<RomanceLanguage, readonly (readonly [string, string])[]>> = {
  es: [
    ['el', 'un'],
    ['la', 'una'],
    ['los', 'unos'],
    ['las', 'unas'],
  ],
  fr: [
    ['le', 'un'],
    ['la', 'une'],
    ['les', 'des'],
    ['du', 'le'],
  ],
  pt: [
    ['o', 'um'],
    ['a', 'uma'],
    ['os', 'uns'],
    ['as', 'umas'],
  ],
  it: [
    ['il', 'un'],
    ['lo', 'uno'],
    ['la', 'una'],
  ],
};

const capitalAs = (model: string, word: string) =>
  /^\p{Lu}/u.test(model) ? word.charAt(0).toUpperCase() + word.slice(1) : word;

/**
 * The other article of the same gender and number, which is right in the place, too; none where the
 * next sound would change it (un arbre, l’arbre).
 */
export function otherArticle(
  article: string,
  language: RomanceLanguage,
  after: string,
): string | undefined {
  const elides = language === 'fr' || language === 'it';
  if (elides && /^\s*[aeiouhyàâèéêëìîïòôùûœ]/i.test(after)) return undefined;
  const lower = article.toLowerCase();
  const pair = partners[language].find((each) => each.includes(lower));
  const other = pair?.find((each) => each !== lower);
  return other === undefined ? undefined : capitalAs(article, other);
}
