import { jobVersion, type Job, type JobVersion1 } from './jobSchema';
import { jobKeys } from './jobKeys';

type Values = Readonly<Record<string, unknown>>;

const isObject = (value: unknown): value is Values => typeof value === 'object' && value !== null;

/** Jobs of version 1 that were written when the step of the scale stood in an object of its own. */
export function liftScale(job: unknown): unknown {
  if (!isObject(job) || !('scale' in job)) return job;
  const { scale, ...rest } = job;
  const step = isObject(scale) ? scale['step'] : undefined;
  return step === undefined || 'scaleStep' in rest ? rest : { ...rest, scaleStep: step };
}

/** Keys of version 1 that stay with the job; all others are of its one pour. */
const ofJob: ReadonlySet<string> = new Set([
  'format',
  'version',
  'name',
  'room',
  'measure',
  ...Object.keys(jobKeys),
]);

/** Version 2 gave a job its pours: what version 1 said beside the job is said of the first. */
function pourOut(job: Values): Values {
  const entries = Object.entries(job).filter(([, value]) => value !== undefined);
  const own = entries.filter(([key]) => ofJob.has(key));
  const ofPour = entries.filter(([key]) => !ofJob.has(key));
  return { ...Object.fromEntries(own), version: jobVersion, pours: [Object.fromEntries(ofPour)] };
}

/** A whole job of version 1 as version 2 says it: the same figures. */
export const upgradeJob = (job: JobVersion1): Job => pourOut(job) as Job;

/** The same for a draft, which may hold anything that a person had typed so far. */
export const upgradeDraft = (draft: unknown): unknown =>
  isObject(draft) && !('pours' in draft) ? pourOut(liftScale(draft) as Values) : draft;

/**
 * Where in a file of version 1 a problem stands that was found in what it became.
 * @param field path into version 2
 */
export const fieldInVersion1 = (field: string): string => field.replace(/^pours\[0\]\.?/, '');
