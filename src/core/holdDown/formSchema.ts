import { array, object } from 'yup';
import { bodyDensityRule, lengthRule, massRule, positionRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { optionalNumberSchema } from '../schema/numberSchema';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';
import { noteSchema } from '../schema/textSchema';
import { solidKinds } from '../thermal/solids';
import { heldKeys } from './heldKeys';

/** Timber that lies beside the cavity, in the form: a slab of a river table. */
const slabSchema = object({
  name: noteSchema(60),
  length: quantitySchema(lengthRule),
  width: quantitySchema(lengthRule),
  thickness: quantitySchema(lengthRule),
  /** How high its underside is over the floor; on the floor without it. */
  height: optionalQuantitySchema(positionRule),
  count: optionalNumberSchema({ greatest: 50, whole: true, example: '2' }),
  density: optionalQuantitySchema(bodyDensityRule),
  ...heldKeys,
}).noUnknown();

/** The form round the job: its boards, its braces, what lies in it, and what it is held down with. */
export const formSchema = object({
  /** What its walls are of; as the heat step says, or the usual board, without it. */
  board: object({ material: choiceSchema(solidKinds), thickness: quantitySchema(lengthRule) })
    .noUnknown()
    .optional()
    .default(undefined),
  /** How far apart the braces of its walls are; from corner to corner without it. */
  braces: optionalQuantitySchema(lengthRule),
  slabs: array().of(slabSchema).max(20).optional().default(undefined),
  /** The weights that are at hand. */
  weights: optionalQuantitySchema(massRule),
})
  .noUnknown()
  .optional()
  .default(undefined);
