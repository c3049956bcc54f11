import { array, number, object, string, type InferType } from 'yup';
import { benchEventsSchema } from '../../core/bench/benchEvents';
import { lotUsedSchema } from '../../core/record/recordSchema';
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
  /** What it took off the shelf so far, g of both parts, and of which lots. */
  takenG: number().min(0).optional(),
  lots: array().of(lotUsedSchema).max(60).optional().default(undefined),
  /** Of what it asks for, the share that is still to be mixed; undefined before anything was. */
  restShare: number().min(0).max(1).optional(),
  /** Castings that its moulds had made before it, by mould; they are counted once. */
  castingsBefore: array()
    .of(
      object({
        id: string().max(120).required(),
        castings: number().integer().min(0).required(),
      }).noUnknown(),
    )
    .max(200)
    .optional()
    .default(undefined),
  events: benchEventsSchema,
});

export type LiveRecord = InferType<typeof liveRecordSchema>;

export const liveRecords: RecordKind<typeof liveRecordSchema> = {
  prefix: 'live/',
  version: 1,
  schema: liveRecordSchema,
  migrations: {},
};
