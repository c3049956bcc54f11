import { array, mixed, number, object, string, type InferType } from 'yup';
import { jobSchema, type Job } from '../../core/job/jobSchema';
import { upgradeDraft } from '../../core/upgrades/upgradeJob';
import type { JobDraft } from '../draft/jobDraft';
import type { Migration, RecordKind } from './readRecords';

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
    pours: array().of(object()).min(1).required(),
  }).isValidSync(value, { strict: true }),
).defined();

const lastGoodSchema = mixed<Job>((value): value is Job =>
  jobSchema.isValidSync(value, { strict: false }),
).nullable();

const jobRecordSchema = object({
  id: string().required(),
  schema: number().oneOf([4]).required(),
  revision: number().required(),
  createdAt: string().required(),
  updatedAt: string().required(),
  draft: draftSchema,
  /** The last state of the draft that was a whole job; null before there was one. */
  lastGood: lastGoodSchema.defined(),
});

export type JobRecord = InferType<typeof jobRecordSchema>;

const withUpgradedJob: Migration = ({ draft, lastGood, ...record }) => ({
  ...record,
  draft: upgradeDraft(draft),
  lastGood: upgradeDraft(lastGood),
});

export const jobRecords: RecordKind<typeof jobRecordSchema> = {
  prefix: 'job/',
  version: 4,
  schema: jobRecordSchema,
  // What a job said once is upgraded as in a file; each version here is one of those steps.
  migrations: { 1: withUpgradedJob, 2: withUpgradedJob, 3: withUpgradedJob },
};
