import { number, object, string, type InferType } from 'yup';
import { benchEventsSchema } from '../../core/bench/benchEvents';
import type { RecordKind } from './readRecords';
import { storedFields } from './stored';

/** A pour at the bench: what happened, from which everything on its screen follows. */
const liveRecordSchema = object({
  ...storedFields(1),
  /** Of the job that it was begun from; that may be gone. */
  job: string().max(120).required(),
  /** What the job and the pour were called then. */
  name: string().max(200).defined(),
  pourName: string().max(200).defined(),
  /** Of the job's pours, counted from 0. */
  pour: number().integer().min(0).required(),
  /** Ms since 1970. */
  startedAt: number().integer().min(0).required(),
  state: string()
    .oneOf(['under-way', 'over'] as const)
    .required(),
  /** The record that it is written to; older ones have none. */
  piece: string().max(120).optional(),
  events: benchEventsSchema,
});

export type LiveRecord = InferType<typeof liveRecordSchema>;

export const liveRecords: RecordKind<typeof liveRecordSchema> = {
  prefix: 'live/',
  version: 1,
  schema: liveRecordSchema,
  migrations: {},
};
