import { array, object, string, type InferType } from 'yup';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

/** A moment wherever one is: `2026-05-04T07:00:00.000Z`. */
const instant = () => string().matches(/^\d{4}-\d{2}-\d{2}T[\d:.]+Z$/);

/** What of a job was done, and when; its id is the job's. */
const ticksRecordSchema = object({
  ...storedFields(1),
  /** Lines of what is prepared. */
  lines: array()
    .of(object({ id: string().max(120).required(), at: instant().required() }))
    .max(500)
    .defined(),
  /** Tasks of its days, from when to when. */
  tasks: array()
    .of(
      object({
        id: string().max(120).required(),
        from: instant().required(),
        to: instant().required(),
      }),
    )
    .max(500)
    .defined(),
});

export type TicksRecord = InferType<typeof ticksRecordSchema>;

export const ticksRecords: RecordKind<typeof ticksRecordSchema> = {
  prefix: 'ticks/',
  version: 1,
  schema: ticksRecordSchema,
  migrations: {},
};
