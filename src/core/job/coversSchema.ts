import { object } from 'yup';
import { lengthRule, positionRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';

/** What a pour is for; it decides how it joins what lies below, and what is told of it. */
export const pourRoles = ['seal', 'fill', 'coat', 'mould', 'castings'] as const;
export type PourRole = (typeof pourRoles)[number];

/** Faces of the form that a pour may cover: its walls, its floor, both, or the level face at a height. */
export const coveredFaces = ['sides', 'floor', 'sides-and-floor', 'surface'] as const;
export type CoveredFace = (typeof coveredFaces)[number];

/** The job's cavities between two heights over the floor; floor and rim without them. */
export const fillsSchema = object({
  from: optionalQuantitySchema(positionRule),
  to: optionalQuantitySchema(lengthRule),
})
  .noUnknown()
  .optional()
  .default(undefined);

/** A face of the form at a thickness. */
export const coversSchema = object({
  face: choiceSchema(coveredFaces),
  /** Height over the floor: sides are covered up to it, the surface lies at it; the rim without it. */
  upTo: optionalQuantitySchema(positionRule),
  thickness: quantitySchema(lengthRule),
})
  .noUnknown()
  .optional()
  .default(undefined);
