import { array, number, object, string, type InferType } from 'yup';
import { recipeSchema } from '../../core/colour/colourSchemas';
import { containerSchema } from '../../core/mix/mixingSchema';
import type { RecordKind } from './readRecords';

const settingsRecordSchema = object({
  id: string().required(),
  schema: number().oneOf([1]).required(),
  revision: number().required(),
  /** What the shelf and the jobs began as. */
  startedWith: string()
    .oneOf(['demo', 'empty'] as const)
    .required(),
  /** The quick mix as it was left. */
  quick: object({
    amount: string().defined(),
    resinId: string().defined(),
    batches: string().defined(),
  }),
  /** Grains whose bulk density was found once. */
  grains: array()
    .of(object({ name: string().required(), bulkDensity: string().required() }))
    .optional(),
  /** Colours that were found good. */
  recipes: array().of(recipeSchema).optional(),
  /** Cups and buckets that the person has. */
  containers: array().of(containerSchema).optional(),
  /** What stands before a price. */
  currency: string().max(5).optional(),
});

export type SettingsRecord = InferType<typeof settingsRecordSchema>;

export const settingsRecords: RecordKind<typeof settingsRecordSchema> = {
  prefix: 'settings/',
  version: 1,
  schema: settingsRecordSchema,
  migrations: {},
};

export const settingsId = 'person';
