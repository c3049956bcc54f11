import { object, string, type InferType } from 'yup';
import { densityRule, lengthRule } from '../quantity/rules';
import { needed } from '../schema/needed';
import { numberSchema } from '../schema/numberSchema';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';
import { nameSchema, noteSchema } from '../schema/textSchema';
import { resinFamilies } from './families';

const partOfRatioSchema = numberSchema({ greatest: 1000, whole: false, example: '3' });

/** The mixing ratio as the maker states it; `by` says which of the two ratios it is. */
const ratioSchema = object({
  by: string()
    .oneOf(['volume', 'weight'] as const)
    .defined(),
  a: partOfRatioSchema,
  b: partOfRatioSchema,
}).noUnknown();

/** A resin card: what the label says. The one source of its type, for form, file and storage. */
export const resinSchema = object({
  /** Ties a job to the card on the shelf; a file may leave it out. */
  id: string().optional(),
  name: nameSchema(60),
  family: string().oneOf(resinFamilies).defined(),
  ratio: needed(ratioSchema),
  densityA: quantitySchema(densityRule),
  densityB: quantitySchema(densityRule),
  /** Greatest depth of one pour by the label. */
  greatestDepth: optionalQuantitySchema(lengthRule),
  notes: noteSchema(2000),
}).noUnknown();

export type Resin = InferType<typeof resinSchema>;
export type StatedRatio = Resin['ratio'];
