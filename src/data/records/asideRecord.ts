import { object, string, type InferType } from 'yup';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

/** A text that could not be read and whose place was needed: kept as it was, and offered as a file. */
const asideRecordSchema = object({
  ...storedFields(1),
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
