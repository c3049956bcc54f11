import { array, object } from 'yup';
import { causeCodes } from '../diagnose/causeCodes';
import { lengthRule, moistureRule } from '../quantity/rules';
import { choiceSchema } from '../schema/choiceSchema';
import { dateSchema } from '../schema/dateSchema';
import { optionalQuantitySchema } from '../schema/quantitySchema';
import { sealedFaces, sealings } from '../person/personSchema';
import { driedBy } from './moisture';

/** What a coat goes on. */
export const surfaces = ['timber', 'panel', 'picture', 'metal', 'other'] as const;
export type CoatedSurface = (typeof surfaces)[number];

/** What a picture is painted with. */
export const paints = ['acrylic', 'oil'] as const;
export type Paint = (typeof paints)[number];

/** What must be known of a job before its form is ready; all of it may be left out. */
export const prepareSchema = object({
  /** Of the timber: how thick, what the meter said, how it was dried. */
  stockThickness: optionalQuantitySchema(lengthRule),
  moisture: optionalQuantitySchema(moistureRule),
  dried: choiceSchema(driedBy).optional(),
  /** In place of what the person does usually. */
  sealing: choiceSchema(sealings).optional(),
  sealedFaces: choiceSchema(sealedFaces).optional(),
  /** Whether the face is planed or sanded afterwards. */
  surfaced: choiceSchema(['yes', 'no'] as const).optional(),
  surface: choiceSchema(surfaces).optional(),
  paint: choiceSchema(paints).optional(),
  /** The day on which the last paint went on. */
  painted: dateSchema.optional(),
  /** Causes of faults in earlier pieces: what to do otherwise this time. */
  lessons: array().of(choiceSchema(causeCodes)).max(40).optional().default(undefined),
})
  .noUnknown()
  .optional()
  .default(undefined);
