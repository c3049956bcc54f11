import type { Job } from '../../core/job/jobSchema';
import type { Shelf } from '../../core/plan/planTypes';
import { jobToCarry, readCarriedJob } from '../files/jobFile';
import { packed, unpacked } from './packed';

/** Where links of jobs lead; what they hold stands behind the `#` and never goes to a server. */
export const takePath = '/take';

/** More than this unpacked is not a job that a link holds; a file takes any. */
const largestJob = 2_000_000;

/** A whole job as letters for a link: with its cards and moulds, as they are now. */
export const jobLetters = (job: Job, shelf: Shelf): string => packed(jobToCarry(job, shelf));

/**
 * The job that such letters say; it is read as a job's file is.
 * @throws InputError `link-broken`, or for the first thing that is wrong with the job
 */
export const jobOfLetters = (letters: string, shelf: Shelf): Job =>
  readCarriedJob(unpacked(letters, largestJob), shelf);
