/** Another exercise from the same material. */
import type { ExerciseRecipe } from './make-exercise';

/** Settings that go from one maker to another: they are about the material, not about the exercise. */
const aboutMaterial = ['textId', 'section', 'sentences', 'language', 'beside'] as const;

/** The recipe with another maker: what was chosen about the material stays, all else is as usual. */
export function recipeFor<Recipe extends Omit<ExerciseRecipe, 'reading'>>(
  maker: string,
  recipe: Recipe,
): Recipe {
  const { parameters } = recipe;
  const kept = aboutMaterial.filter((name) => parameters[name] !== undefined);
  return {
    ...recipe,
    maker,
    parameters: Object.fromEntries(kept.map((name) => [name, parameters[name]])),
  };
}
