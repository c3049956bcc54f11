import { array } from 'yup';
import { coloursFrom, portionSchema, tintSchema } from '../colour/colourSchemas';
import { layersSchema } from '../layers/layersSchema';
import { allowancesSchema } from '../measure/allowances/allowancesSchema';
import { overageKinds } from '../measure/allowances/overage';
import { cupMarksSchema, mixingSchema } from '../mix/mixingSchema';
import { overageRule } from '../quantity/rules';
import { resinSchema } from '../resin/resinSchema';
import { choiceSchema } from '../schema/choiceSchema';
import { needed } from '../schema/needed';
import { optionalNumberSchema } from '../schema/numberSchema';
import { optionalQuantitySchema } from '../schema/quantitySchema';
import { noteSchema } from '../schema/textSchema';

/** What a resin may be wanted for besides filling the cavity. */
export const wants = ['fine-detail', 'glitter'] as const;

/** What one pour is made of and how: keys that version 1 had beside those of the job. */
export const pourKeys = {
  /** What kind of job it is: decides the overage where none is typed. */
  kind: choiceSchema(overageKinds).optional(),
  overage: optionalQuantitySchema(overageRule),
  allowances: allowancesSchema.optional().default(undefined),
  resin: needed(resinSchema),
  /** The hardener of the card, where it has several; the card's own without it. */
  hardener: noteSchema(40),
  /** How the pour is cut into layers; without it, it is one layer. */
  layers: layersSchema,
  /** Equal batches asked for by number instead of by container. */
  batches: optionalNumberSchema({ greatest: 500, whole: true, example: '3' }),
  mixing: mixingSchema,
  cupMarks: cupMarksSchema,
  portions: array().of(portionSchema).max(300).optional().default(undefined),
  /** Whether each portion is mixed by itself, or is a share of one mixed batch. */
  coloursFrom: choiceSchema(coloursFrom).optional(),
  tint: tintSchema,
  /** What the resin must be good for besides; for choosing. */
  wants: array().of(choiceSchema(wants).defined()).max(wants.length).optional().default(undefined),
};
