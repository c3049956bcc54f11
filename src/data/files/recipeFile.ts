import type { Recipe } from '../../core/colour/colourSchemas';
import { readRecipes, recipesFileOf } from '../../core/colour/recipeFile';
import { jsonOf } from '../../core/schema/jsonText';

export const recipesText = (recipes: readonly Recipe[]): string =>
  `${JSON.stringify(recipesFileOf(recipes), null, 2)}\n`;

/** @throws InputError for the first thing that is wrong */
export const readRecipesFile = (text: string): readonly Recipe[] => readRecipes(jsonOf(text));
