import { InputError } from '../problem';
import { check, checkedOrThrow, type Checked } from '../schema/check';
import { jobSchema, jobSchemaVersion1, type Job } from './jobSchema';
import { fieldInVersion1, upgradeJob, upgradeWithinVersion } from '../upgrades/upgradeJob';

/** Holds what a person is still typing against the job schema, naming everything that is wrong. */
export const checkJob = (draft: unknown): Checked<Job> => check(jobSchema, draft, { strip: true });

export const isVersion1 = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && (value as { version?: unknown }).version === 1;

/**
 * Reads a job from a file, of this version or an older one.
 * @throws InputError for the first thing that is wrong, an unknown key included; its field is a path into the file as it came
 */
export function readJob(value: unknown): Job {
  const upgraded = upgradeWithinVersion(value);
  return isVersion1(upgraded)
    ? upgradeJob(checkedOrThrow(jobSchemaVersion1, upgraded))
    : checkedOrThrow(jobSchema, upgraded);
}

/** Runs what is planned of a file of version 1, and tells its problems by their place in that file. */
export function asVersion1<T>(work: () => T): T {
  try {
    return work();
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    throw error.at(fieldInVersion1(error.field));
  }
}
