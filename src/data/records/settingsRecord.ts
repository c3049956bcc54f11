import { array, number, object, string, type InferType } from 'yup';
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
});

export type SettingsRecord = InferType<typeof settingsRecordSchema>;

export const settingsRecords: RecordKind<typeof settingsRecordSchema> = {
  prefix: 'settings/',
  version: 1,
  schema: settingsRecordSchema,
  migrations: {},
};

export const settingsId = 'person';
