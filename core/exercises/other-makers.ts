/** Which other exercises the same words, text or sentences make: a way on where one maker has too little. */
import type { ClassProfile } from '../classes/class-profile';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import type { Meanings } from '../languages/en/words/meanings';
import { canDo } from '../languages/language-pack';
import { packOf } from '../languages/registry/registry';
import { findMaker, makeExercise, wordsOfTask, type ExerciseRecipe } from './make-exercise';
import type { Maker } from './making/maker';
import { makers } from './makers';
import { recipeFor } from './recipe-for';

/** Most makers that are tried before the search gives up. */
const MOST_TRIED = 40;

/** What a maker works from. */
function materialOf({
  needsText,
  usesSentences,
  usesWords,
}: Maker): 'text' | 'sentences' | 'words' {
  if (needsText) return 'text';
  return usesSentences && !usesWords ? 'sentences' : 'words';
}

/**
 * Makers that give a sheet from this recipe's material: those of the same group
 * first, and of words those first that use most of them.
 */
export function otherMakers(
  recipe: ExerciseRecipe,
  lexicon: Lexicon,
  meanings?: Meanings,
  profile?: ClassProfile,
  count = 4,
): string[] {
  const present = findMaker(recipe.maker);
  const material = materialOf(present);
  const pack = packOf(recipe.parameters.language);
  const candidates = makers
    .filter(
      (maker) =>
        maker.id !== present.id &&
        materialOf(maker) === material &&
        // A maker with sentences of its own is no use made of these.
        (material !== 'sentences' || maker.parameters?.['sentences'] !== undefined) &&
        canDo(pack, maker.asks),
    )
    .sort((left, right) => nearness(right, present) - nearness(left, present))
    .slice(0, MOST_TRIED);
  const found = candidates.flatMap((maker) => {
    const made = makeExercise(recipeFor(maker.id, recipe), lexicon, meanings, profile);
    if (made.short !== undefined || made.task.interaction === 'write') return [];
    const shown = new Set(wordsOfTask(made.task));
    const used = material === 'words' ? recipe.words.filter((word) => shown.has(word)).length : 1;
    return used === 0 ? [] : [{ id: maker.id, used }];
  });
  return found
    .sort((left, right) => right.used - left.used)
    .slice(0, count)
    .map(({ id }) => id);
}

const nearness = (maker: Maker, present: Maker) =>
  (maker.group === present.group ? 2 : 0) + (maker.interaction === present.interaction ? 1 : 0);
