import { number, object, string, type InferType } from 'yup';
import { mouldSchema } from '../../core/measure/mould/mouldSchema';
import type { RecordKind } from './readRecords';

const mouldRecordSchema = object({
  id: string().required(),
  schema: number().oneOf([1]).required(),
  revision: number().required(),
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
