import { boolean, object, type InferType } from 'yup';
import { areaRule, lengthRule, overageRule, positionRule, volumeRule } from '../../quantity/rules';
import { choiceSchema } from '../../schema/choiceSchema';
import { optionalQuantitySchema, quantitySchema } from '../../schema/quantitySchema';

/** Every allowance may be switched off without losing what was typed. */
const switchable = { off: boolean().optional() };

/** Faces that drink resin, by how they were treated. */
export const soakSurfaces = ['bare-timber', 'sealed-timber', 'other'] as const;

/** What is poured besides the cavity, each by itself. */
export const allowancesSchema = object({
  /** Resin that runs under slabs: area × gap. */
  seepage: object({
    area: quantitySchema(areaRule),
    gap: quantitySchema(lengthRule),
    ...switchable,
  })
    .noUnknown()
    .optional()
    .default(undefined),
  /** Resin that a surface drinks: area × rate. */
  soak: object({
    area: quantitySchema(areaRule),
    surface: choiceSchema(soakSurfaces),
    /** Volume over area, such as 120 ml/m2; needed for a surface of no known kind. */
    rate: optionalQuantitySchema(lengthRule),
    ...switchable,
  })
    .noUnknown()
    .optional()
    .default(undefined),
  /** Resin that runs off over open edges of a coat. */
  runOff: object({ share: quantitySchema(overageRule), ...switchable })
    .noUnknown()
    .optional()
    .default(undefined),
  /** Resin that stays in each cup or bucket. */
  residue: object({
    perBatch: optionalQuantitySchema(volumeRule),
    twoCups: boolean().optional(),
    ...switchable,
  })
    .noUnknown()
    .optional()
    .default(undefined),
  /** Volume that the resin loses as it cures. */
  shrinkage: object({ share: quantitySchema(overageRule), ...switchable })
    .noUnknown()
    .optional()
    .default(undefined),
  /** Stock that is planed away: pour thicker than the finished piece. */
  planing: object({
    top: optionalQuantitySchema(positionRule),
    bottom: optionalQuantitySchema(positionRule),
    ...switchable,
  })
    .noUnknown()
    .optional()
    .default(undefined),
}).noUnknown();

export type Allowances = InferType<typeof allowancesSchema>;
