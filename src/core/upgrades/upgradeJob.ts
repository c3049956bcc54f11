import { jobKeys } from '../job/jobKeys';
import { jobVersion, type Job, type JobVersion1 } from '../job/jobSchema';
import { upgradeCard } from './upgradeCard';
import { isObject, type Values } from './values';

/** Jobs of version 1 that were written when the step of the scale stood in an object of its own. */
function scaleOfOneKey(job: Values): Values {
  if (!('scale' in job)) return job;
  const { scale, ...rest } = job;
  const step = isObject(scale) ? scale['step'] : undefined;
  return step === undefined || 'scaleStep' in rest ? rest : { ...rest, scaleStep: step };
}

/** A pour, or a job of version 1, with its card as cards are today. */
const withCard = (values: Values): Values =>
  'resin' in values ? { ...values, resin: upgradeCard(values['resin']) } : values;

/**
 * A file of a job with what its version once said otherwise said as that version does today; it stays in its version.
 * @param job as it came; what is no job comes back as it is
 */
export function upgradeWithinVersion(job: unknown): unknown {
  if (!isObject(job)) return job;
  const { pours } = job;
  if (!Array.isArray(pours)) return withCard(scaleOfOneKey(job));
  return { ...job, pours: pours.map((pour: unknown) => (isObject(pour) ? withCard(pour) : pour)) };
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
export function upgradeDraft(draft: unknown): unknown {
  const upgraded = upgradeWithinVersion(draft);
  return isObject(upgraded) && !('pours' in upgraded) ? pourOut(upgraded) : upgraded;
}

/**
 * Where in a file of version 1 a problem stands that was found in what it became.
 * @param field path into version 2
 */
export const fieldInVersion1 = (field: string): string => field.replace(/^pours\[0\]\.?/, '');
