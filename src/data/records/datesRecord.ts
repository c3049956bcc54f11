import { array, object, string, type InferType } from 'yup';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

/** Day and time where the person lives: `2026-05-04T08:00`. */
const localMoment = () => string().matches(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/);

/** When a job is wanted; its id is the job's. */
const datesRecordSchema = object({
  ...storedFields(1),
  /** The first pour begins then. */
  start: localMoment().optional(),
  /** All of it is done by then. */
  due: localMoment().optional(),
  /** Tasks that stay where they were put. */
  pins: array()
    .of(object({ task: string().max(120).required(), at: localMoment().required() }))
    .max(500)
    .defined(),
});

export type DatesRecord = InferType<typeof datesRecordSchema>;

export const datesRecords: RecordKind<typeof datesRecordSchema> = {
  prefix: 'dates/',
  version: 1,
  schema: datesRecordSchema,
  migrations: {},
};
