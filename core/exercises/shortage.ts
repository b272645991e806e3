/** Whether what was made is a sheet at all: a title over nothing is never handed out. */
import { joinList } from '../kernel/join-list';
import { canDo } from '../languages/language-pack';
import { languagesFor, packOf } from '../languages/registry/registry';
import { interactionOf, type Task } from './interactions';
import type { Maker } from './making/maker';
import type { ExerciseRecipe } from './make-exercise';

/** Words that go with a number of things. */
const counted = (count: number, what: string) =>
  `${count === 0 ? 'no' : count} ${what}${count === 1 ? '' : 's'}`;

/** Headings that have no card under them. */
function bareHeadings(task: Task): string[] {
  if (task.interaction !== 'sort') return [];
  return task.headings
    .filter(({ id }) => !task.cards.some(({ home }) => home === id))
    .map(({ label }) => label);
}

function sortShortage(task: Task): string | undefined {
  if (task.interaction !== 'sort') return undefined;
  const bare = bareHeadings(task);
  const filled = task.headings.length - bare.length;
  const [only] = task.headings;
  if (filled >= 2) return undefined;
  return filled === 1 && bare.length === 0
    ? `Every word belongs under ${only?.label ?? 'one heading'}, and a sort needs two headings. Add words of another kind.`
    : `A sort needs words under two headings or more${bare.length > 0 ? `; nothing stands under ${joinList(bare, 'and')}` : ''}.`;
}

/**
 * What is missing for a sheet, in a plain sentence with what to do; undefined
 * where there is enough.
 *
 * @param task as made, before a version or the teacher's hand takes items away
 * @param used how many of the words given it uses, for a maker of words
 */
export function shortageOf(
  maker: Maker,
  recipe: ExerciseRecipe,
  task: Task,
  used: number,
): string | undefined {
  if (!canDo(packOf(recipe.parameters.language), maker.asks)) {
    const made = languagesFor(maker.asks).map((tag) => packOf(tag).name);
    return `${maker.name} is made for ${joinList(made, 'and')} so far. Choose a matching exercise, cards or handwriting instead.`;
  }
  const size = interactionOf(task).size(task);
  const ofWords = maker.usesWords !== false && maker.needsText !== true;
  if (ofWords && used < maker.fewestWords) {
    return recipe.words.length === 0
      ? `${maker.name} is made from ${maker.fewestWords} words or more (${maker.needs}), and has none yet.`
      : `${maker.name} needs ${maker.fewestWords} words or more (${maker.needs}); ${used === 0 ? 'none' : used} of these can be used.`;
  }
  if (size === 0) return nothingMade(maker, recipe);
  if (!ofWords && size < maker.fewestWords) {
    return `${maker.name} needs ${counted(maker.fewestWords, 'item')} or more, and ${sourceOf(maker, recipe)} ${counted(size, 'item')}. ${wayOn(maker, recipe)}`;
  }
  return sortShortage(task);
}

const ownSentences = ({ parameters }: ExerciseRecipe) =>
  Array.isArray(parameters['sentences']) && parameters['sentences'].length > 0;

const sourceOf = (maker: Maker, recipe: ExerciseRecipe) =>
  ownSentences(recipe)
    ? 'your sentences give'
    : maker.needsText === true || recipe.reading
      ? 'this text gives'
      : 'there is material for';

const wayOn = (maker: Maker, recipe: ExerciseRecipe) =>
  ownSentences(recipe)
    ? 'Write more of them, or take them away and Wordane brings its own.'
    : maker.needsText === true || recipe.reading
      ? 'Take a longer text, or another exercise.'
      : 'Take another exercise.';

function nothingMade(maker: Maker, recipe: ExerciseRecipe): string {
  const needs = maker.needs.startsWith('nothing')
    ? `${maker.name} brings its own sentences`
    : `${maker.name} needs ${maker.needs}`;
  if (ownSentences(recipe))
    return `${needs}; none of your sentences can be used. ${wayOn(maker, recipe)}`;
  if (maker.needsText === true || recipe.reading)
    return `${needs}; this text gives none. ${wayOn(maker, recipe)}`;
  return `${needs}; nothing here can be used.`;
}
