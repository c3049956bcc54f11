import { array, mixed, object, string, type InferType } from 'yup';
import type { Job } from '../../core/job/jobSchema';
import { asKept } from '../../core/schema/asKept';
import { checkedDraft } from '../draft/checkedDraft';
import type { JobDraft } from '../draft/jobDraft';
import { lateSchemas } from './lateSchemas';
import type { Migration, RecordKind } from './readRecords';
import { storedFields } from './stored';

/** Whether texts stand where texts belong and lists where lists do: anything else no form can have made, and none can show. */
const isOfItsShape = (draft: unknown): boolean =>
  !checkedDraft(draft).problems.some(
    ({ code, field, value }) => code === 'wrong-type' || (value === null && field.endsWith(']')),
  );

/** A draft is whatever a person has typed so far: it needs only the shape that a form can show. */
const draftSchema = mixed<JobDraft>(
  (value): value is JobDraft =>
    object({
      name: string().defined(),
      room: object({ temperature: string().defined() }),
      measure: object({
        parts: array()
          .of(object({ shape: string().required() }))
          .required(),
      }),
      pours: array().of(object()).min(1).required(),
    }).isValidSync(value, { strict: true }) && isOfItsShape(value),
).defined();

/** Jobs that `checkJob` gave: on a keystroke they need not be held against their schema once more. */
const checkedJobs = new WeakSet<object>();

export function asChecked(job: Job): Job {
  checkedJobs.add(job);
  return job;
}

const lastGoodSchema = mixed<Job>(
  (value): value is Job =>
    checkedJobs.has(value as object) ||
    lateSchemas().job.isValidSync(value, { strict: false, ...asKept }),
).nullable();

const jobRecordSchema = object({
  ...storedFields(4),
  createdAt: string().required(),
  updatedAt: string().required(),
  draft: draftSchema,
  /** The last state of the draft that was a whole job; null before there was one. */
  lastGood: lastGoodSchema.defined(),
});

export type JobRecord = InferType<typeof jobRecordSchema>;

const withUpgradedJob: Migration = ({ draft, lastGood, ...record }) => ({
  ...record,
  draft: lateSchemas().upgradeDraft(draft),
  lastGood: lateSchemas().upgradeDraft(lastGood),
});

export const jobRecords: RecordKind<typeof jobRecordSchema> = {
  prefix: 'job/',
  version: 4,
  schema: jobRecordSchema,
  // What a job said once is upgraded as in a file; each version here is one of those steps.
  migrations: { 1: withUpgradedJob, 2: withUpgradedJob, 3: withUpgradedJob },
};
