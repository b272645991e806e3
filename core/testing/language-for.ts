/** A language in which a maker can be tried: English where that can do what it asks for, else the first that can. */
import type { Ability } from '../languages/language-pack';
import { languagesFor, packOf } from '../languages/registry/registry';

const languageFor = (asks: readonly Ability[]) => {
  const able = languagesFor(asks);
  return able.includes('en') ? 'en' : (able[0] ?? 'en');
};

/** What a recipe of the maker says of its language; nothing of English. */
export const inItsLanguage = ({ asks }: { readonly asks: readonly Ability[] }) => {
  const language = languageFor(asks);
  // A text brings its language along.
  return asks.includes('small words') || language === 'en' ? {} : { language };
};

/** Words and sentences of a pack that fetches them. */
export const loadLanguage = async ({ asks }: { readonly asks: readonly Ability[] }) =>
  packOf(languageFor(asks)).load?.();

/** Words of French with letters that say two things, sounds that are spelled in two ways, silent letters. */
const french =
  'le sac,le cinéma,une école,la glace,petit,la rose,le sel,la maison,la danse,le lapin,le pain,plein,le chat,grand,la fenêtre,la pluie';

/** The words that a maker is tried with: those given, or such as a language read by rule is asked about. */
export const wordsToTry = (
  { asks }: { readonly asks: readonly Ability[] },
  words: readonly string[],
): readonly string[] => (asks.includes('spelling rules') ? french.split(',') : words);
