import { object } from 'yup';
import { lengthRule, positionRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';
import { coveredFaces } from './pourChoices';

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
