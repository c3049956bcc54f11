import { array, mixed, number, object, string, type InferType } from 'yup';
import { jobSchema, liftScale, type Job } from '../../core/job';
import type { JobDraft } from '../draft/jobDraft';
import type { RecordKind } from './readRecords';

/** A draft is whatever a person has typed so far: it needs only the shape that a form can show. */
const draftSchema = mixed<JobDraft>((value): value is JobDraft =>
  object({
    name: string().defined(),
    room: object({ temperature: string().defined() }),
    measure: object({
      parts: array()
        .of(object({ shape: string().required() }))
        .required(),
    }),
    overage: string(),
  }).isValidSync(value, { strict: true }),
).defined();

const lastGoodSchema = mixed<Job>((value): value is Job =>
  jobSchema.isValidSync(value, { strict: false }),
).nullable();

const jobRecordSchema = object({
  id: string().required(),
  schema: number().oneOf([2]).required(),
  revision: number().required(),
  createdAt: string().required(),
  updatedAt: string().required(),
  draft: draftSchema,
  /** The last state of the draft that was a whole job; null before there was one. */
  lastGood: lastGoodSchema.defined(),
});

export type JobRecord = InferType<typeof jobRecordSchema>;

export const jobRecords: RecordKind<typeof jobRecordSchema> = {
  prefix: 'job/',
  version: 2,
  schema: jobRecordSchema,
  migrations: {
    // The step of the scale left an object of its own.
    1: ({ draft, lastGood, ...record }) => ({
      ...record,
      draft: liftScale(draft),
      lastGood: liftScale(lastGood),
    }),
  },
};
