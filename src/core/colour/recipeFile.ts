import { array, number, object, string } from 'yup';
import { checkedOrThrow } from '../schema/check';
import { recipeSchema, type Recipe } from './colourSchemas';

/** Version of the format for recipes that this core writes and reads; see `docs/formats`. */
const recipesVersion = 1;

/** What such a file holds; the published JSON Schema is made from it. */
export const recipesFileSchema = object({
  format: string()
    .oneOf(['nipperkin-recipes'] as const)
    .defined(),
  version: number()
    .oneOf([recipesVersion] as const)
    .defined(),
  recipes: array().of(recipeSchema).min(1).max(500).defined(),
}).noUnknown();

/** Ids are of this shelf and stay here. */
const without = ({ id: _, ...recipe }: Recipe): Recipe => recipe;

/** Recipes as a file. */
export const recipesFileOf = (recipes: readonly Recipe[]): object => ({
  format: 'nipperkin-recipes',
  version: recipesVersion,
  recipes: recipes.map(without),
});

/**
 * Reads recipes from a file.
 * @throws InputError for the first thing that is wrong, an unknown key included
 */
export const readRecipes = (value: unknown): readonly Recipe[] =>
  checkedOrThrow(recipesFileSchema, value).recipes.map(without);
