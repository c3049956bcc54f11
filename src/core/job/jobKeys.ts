import { array, object } from 'yup';
import { formSchema } from '../holdDown/formSchema';
import { insertSchema, partSchema } from '../measure/parts/partSchema';
import { mouldSchema } from '../measure/mould/mouldSchema';
import { containerSchema } from '../mix/mixingSchema';
import {
  fillRule,
  humidityRule,
  lengthRule,
  massRule,
  roomTemperatureRule,
  volumeRule,
} from '../quantity/rules';
import { prepareSchema } from '../prepare/prepareSchema';
import { needed } from '../schema/needed';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';
import { heatSchema } from '../thermal/heatSchema';

/** What is measured: cavities, and what stands in them. */
export const measureKeys = {
  parts: array().of(partSchema).min(1).max(200).defined(),
  /** What stands in the pour and takes the place of resin. */
  inserts: array().of(insertSchema).max(200).optional().default(undefined),
  /** What the tape is read to; each length may be off by half of it. */
  readTo: optionalQuantitySchema(lengthRule),
};

const roomSchema = object({
  temperature: quantitySchema(roomTemperatureRule),
  /** Relative, as a hygrometer shows it at that temperature, or at the mean of a day. */
  humidity: optionalQuantitySchema(humidityRule),
}).noUnknown();

/** Where it is poured and what it is mixed in: a job says it once, and a pour may differ. */
export const placeKeys = {
  /** What the cure's heat depends on besides. */
  heat: heatSchema,
  /** The one cup or bucket that it is mixed in; without it and without a set of them everything is one batch. */
  container: object({ capacity: quantitySchema(volumeRule), fill: quantitySchema(fillRule) })
    .noUnknown()
    .optional()
    .default(undefined),
  /** Cups and buckets to choose from: the one that takes the fewest batches, of those the smallest. */
  containers: array().of(containerSchema).max(40).optional().default(undefined),
};

export const roomOfJob = needed(roomSchema);
export const roomOfPour = roomSchema.optional().default(undefined);

/** What is one for the whole job. */
export const jobKeys = {
  ...placeKeys,
  /** What the scale can show. */
  scaleStep: optionalQuantitySchema(massRule),
  /** The form that is built round it, and what is held down in it. */
  form: formSchema,
  /** What it is prepared from and for. */
  prepare: prepareSchema,
  /** Small moulds that stand ready for what is left over. */
  leftoverMoulds: array().of(mouldSchema).max(40).optional().default(undefined),
};
