import { mixed, object, string, type InferType } from 'yup';
import type { Version } from '../store/versions';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

/**
 * What a person has typed and nothing else keeps: a card that is not saved yet, or a job that somebody else has changed or
 * deleted meanwhile.
 */
const draftRecordSchema = object({
  ...storedFields(1),
  updatedAt: string().required(),
  /** The key of the record that it is of; with an empty id it is of one that is not kept yet. */
  of: string().required(),
  name: string().defined(),
  /** The state of that record on which the typing began; null for none. */
  base: mixed<Version>().nullable().defined(),
  /** What stands in the form. */
  values: mixed<object>(isObject).required(),
});

export type DraftRecord = InferType<typeof draftRecordSchema>;

export const draftRecords: RecordKind<typeof draftRecordSchema> = {
  prefix: 'draft/',
  version: 1,
  schema: draftRecordSchema,
  migrations: {},
};
