/** Items of the same kind as an exercise's, for another round of what was wrong. */
import type { ClassProfile } from '../classes/class-profile';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import type { Meanings } from '../languages/en/words/meanings';
import { speaks } from '../languages/registry/registry';
import type { Task } from './interactions';
import { findMaker, makeExercise, suggestWords, type ExerciseRecipe } from './make-exercise';

/** A prime, so that turns of neighbouring seeds do not meet. */
const TURN = 104_729;
/** Words of a spare: enough that each kind of a mixed list is among them. */
const MOST_WORDS = 24;

/** Other words of the class's reach that keep the list's aim; none where the maker takes no plain words. */
function otherWords(
  recipe: ExerciseRecipe,
  lexicon: Lexicon,
  profile: ClassProfile | undefined,
): string[] {
  const { usesWords, usesSentences, needsText, bringsWords } = findMaker(recipe.maker);
  const plain = usesWords !== false && !usesSentences && !needsText && !bringsWords;
  if (!plain || profile === undefined || !speaks(recipe.parameters.language, 'words')) return [];
  const own = new Set(recipe.words.map((word) => word.toLowerCase()));
  return suggestWords(recipe, profile, lexicon, MOST_WORDS).filter((word) => !own.has(word));
}

/**
 * The task made with another seed, of other words where the class has some, and without what was
 * changed by hand.
 *
 * @returns undefined where there is too little for one
 */
export function spareTask(
  recipe: ExerciseRecipe,
  lexicon: Lexicon,
  meanings?: Meanings,
  profile?: ClassProfile,
): Task | undefined {
  const {
    edits: _,
    order: _order,
    renewed: _renewed,
    without: _out,
    ...parameters
  } = recipe.parameters;
  const spare = { ...recipe, parameters, seed: recipe.seed + TURN };
  const others = otherWords(recipe, lexicon, profile);
  const tried = [...(others.length > 0 ? [{ ...spare, words: others }] : []), spare];
  for (const each of tried) {
    const made = makeExercise(each, lexicon, meanings, profile);
    if (made.short === undefined) return made.task;
  }
  return undefined;
}
