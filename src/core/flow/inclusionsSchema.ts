import { array, object, type InferType } from 'yup';
import { bodyDensityRule, grainSizeRule, lengthRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { optionalQuantitySchema } from '../schema/quantitySchema';
import { noteSchema } from '../schema/textSchema';
import { inclusionKindNames } from './inclusionKinds';

/** Something small that is to be seen in the resin where it was put. It takes no room of it that counts. */
const inclusionSchema = object({
  name: noteSchema(40),
  kind: choiceSchema(inclusionKindNames),
  /** Across; the kind's usual one without it. */
  size: optionalQuantitySchema(grainSizeRule),
  /** Of a disc. */
  thickness: optionalQuantitySchema(grainSizeRule),
  density: optionalQuantitySchema(bodyDensityRule),
  /** How far it may move before the resin gels; 2 mm without it. */
  within: optionalQuantitySchema(lengthRule),
}).noUnknown();

export const inclusionsSchema = array().of(inclusionSchema).max(12).optional().default(undefined);

export type Inclusion = InferType<typeof inclusionSchema>;
