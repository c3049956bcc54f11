import { object, type InferType } from 'yup';
import { benchCopySchema } from '../../core/bench/copySchema';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

/** The plan that a pour at the bench goes by; its id is the pour's. */
const copyRecordSchema = object({
  ...storedFields(1),
  copy: benchCopySchema.required(),
});

export type CopyRecord = InferType<typeof copyRecordSchema>;

export const copyRecords: RecordKind<typeof copyRecordSchema> = {
  prefix: 'copies/',
  version: 1,
  schema: copyRecordSchema,
  migrations: {},
};
