/** The words an exercise begins with: those of the material it can key, filled up within the class's reach. */
import type { ClassProfile } from '../classes/class-profile';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import type { Meanings } from '../languages/en/words/meanings';
import { speaks } from '../languages/registry/registry';
import { interactionOf } from './interactions';
import type { Maker } from './making/maker';
import {
  findMaker,
  makeExercise,
  suggestWords,
  wordsOfTask,
  type ExerciseRecipe,
} from './make-exercise';

/** Most words of one kind that are added where a maker mixes kinds, and the words such an exercise should have. */
const MOST_OF_A_KIND = 3;
const MIXED_WORDS = 10;

/** The recipe's words that its maker can key. */
function keyedWords(
  recipe: ExerciseRecipe,
  lexicon: Lexicon,
  meanings: Meanings | undefined,
): string[] {
  const { task } = makeExercise(recipe, lexicon, meanings);
  // A word that stands as the heading of its kind is used as well as the cards under it.
  const headings = task.interaction === 'sort' ? task.headings.map(({ label }) => label) : [];
  const keyed = new Set([...wordsOfTask(task), ...headings]);
  return recipe.words.filter((word) => keyed.has(word));
}

/** Words to add to a list that has some: of each kind only a few where the maker mixes kinds. */
function ofFewKinds(
  more: readonly string[],
  usable: readonly string[],
  { kindOf }: Maker,
  lexicon: Lexicon,
): readonly string[] {
  if (kindOf === undefined) return more;
  const counts = new Map<string, number>();
  const isOneOfFew = (word: string) => {
    const kind = kindOf({ word, entry: lexicon.find(word) });
    if (kind === undefined) return true;
    const count = (counts.get(kind) ?? 0) + 1;
    counts.set(kind, count);
    return count <= MOST_OF_A_KIND;
  };
  usable.forEach(isOneOfFew);
  return more.filter(isOneOfFew);
}

/** True where the words make an exercise with enough items and nothing wrong. */
function isSound(
  recipe: ExerciseRecipe,
  lexicon: Lexicon,
  meanings: Meanings | undefined,
): boolean {
  const { task } = makeExercise(recipe, lexicon, meanings);
  return (
    wordsOfTask(task).length >= findMaker(recipe.maker).fewestWords &&
    interactionOf(task).validate(task).length === 0
  );
}

/** Words for a recipe: the material's own, then more that fit, until the maker has enough. */
export function startWords(
  recipe: ExerciseRecipe,
  profile: ClassProfile,
  lexicon: Lexicon,
  meanings?: Meanings,
): string[] {
  const maker = findMaker(recipe.maker);
  if (maker.usesWords === false) return [...recipe.words];
  const own = maker.ownStartWords?.(recipe.parameters) ?? [];
  if (own.length > 0) return [...new Set([...own, ...(maker.startWords ?? [])])];
  if (maker.bringsWords === true) {
    return isSound(recipe, lexicon, meanings) || !maker.startWords
      ? [...recipe.words]
      : [...maker.startWords];
  }
  const usable = keyedWords(recipe, lexicon, meanings);
  if (!speaks(recipe.parameters.language, 'words'))
    return usable.length > 0 ? usable : [...recipe.words];
  if (maker.startWords && !isSound({ ...recipe, words: usable }, lexicon, meanings)) {
    return [...maker.startWords];
  }
  const wanted = maker.kindOf === undefined ? maker.fewestWords : MIXED_WORDS;
  if (usable.length >= wanted) return usable;
  const more = suggestWords(
    { ...recipe, words: usable },
    profile,
    lexicon,
    (wanted - usable.length) * 3,
  );
  // What fits the search may still not be keyed (a word without a short meaning): only what is, stays.
  const tried = { ...recipe, words: [...usable, ...more] };
  const keyed = new Set(keyedWords(tried, lexicon, meanings));
  const fit = more.filter((word) => keyed.has(word));
  return [...usable, ...ofFewKinds(fit, usable, maker, lexicon)].slice(
    0,
    Math.max(wanted, usable.length),
  );
}
