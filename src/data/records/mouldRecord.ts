import { lazy, object, string, type InferType } from 'yup';
import { lateSchemas } from './lateSchemas';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

const mouldRecordSchema = object({
  ...storedFields(1),
  updatedAt: string().required(),
  mould: lazy(() => lateSchemas().mould),
});

export type MouldRecord = InferType<typeof mouldRecordSchema>;

export const mouldRecords: RecordKind<typeof mouldRecordSchema> = {
  prefix: 'mould/',
  version: 1,
  schema: mouldRecordSchema,
  migrations: {},
};
