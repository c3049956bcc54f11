import { number, object, string, type InferType } from 'yup';
import { resinSchema } from '../../core/resin/resinSchema';
import type { RecordKind } from './readRecords';

const resinRecordSchema = object({
  id: string().required(),
  schema: number().oneOf([1]).required(),
  revision: number().required(),
  updatedAt: string().required(),
  resin: resinSchema,
});

export type ResinRecord = InferType<typeof resinRecordSchema>;

export const resinRecords: RecordKind<typeof resinRecordSchema> = {
  prefix: 'resin/',
  version: 1,
  schema: resinRecordSchema,
  migrations: {},
};
