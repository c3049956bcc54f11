import { object } from 'yup';
import { lengthRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { optionalQuantitySchema } from '../schema/quantitySchema';

/** Half full, tilted until every wall is wet, then filled; or all at once. */
export const fillWays = ['half', 'at-once'] as const;
/** What goes into a mould between two castings. */
export const betweenWays = ['powder', 'release', 'nothing'] as const;

/** How castings are poured, and what is done between them. */
export const castingSchema = object({
  fill: choiceSchema(fillWays).optional(),
  between: choiceSchema(betweenWays).optional(),
  /** How thick they are on the whole: thin ones take longer. */
  thickness: optionalQuantitySchema(lengthRule),
})
  .noUnknown()
  .optional()
  .default(undefined);

export type FillWay = (typeof fillWays)[number];
export type BetweenWay = (typeof betweenWays)[number];
