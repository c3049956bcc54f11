import { object, string, type InferType } from 'yup';
import { mouldSchema } from '../../core/measure/mould/mouldSchema';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

const mouldRecordSchema = object({
  ...storedFields(1),
  updatedAt: string().required(),
  mould: mouldSchema,
});

export type MouldRecord = InferType<typeof mouldRecordSchema>;

export const mouldRecords: RecordKind<typeof mouldRecordSchema> = {
  prefix: 'mould/',
  version: 1,
  schema: mouldRecordSchema,
  migrations: {},
};
