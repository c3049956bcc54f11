import { number, object, string, type InferType } from 'yup';
import type { RecordKind } from './readRecords';

/** A text that could not be read and whose place was needed: kept as it was, and offered as a file. */
const asideRecordSchema = object({
  id: string().required(),
  schema: number().oneOf([1]).required(),
  revision: number().required(),
  /** Where it stood. */
  key: string().required(),
  text: string().required(),
  reason: string().defined(),
});

export type AsideRecord = InferType<typeof asideRecordSchema>;

export const asideRecords: RecordKind<typeof asideRecordSchema> = {
  prefix: 'aside/',
  version: 1,
  schema: asideRecordSchema,
  migrations: {},
};
