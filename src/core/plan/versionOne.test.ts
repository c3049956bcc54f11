import { createHash } from 'node:crypto';
import { asVersion1, readJob } from '../job/readJob';
import { InputError } from '../problem';
import { runs } from '../../testing/campaign';
import kept from './fixtures/versionOne.json';
import { planJob } from './planJob';
import { printedPlan } from './printedPlan';

/**
 * Jobs of version 1, the demo's and random ones, with what the last core that knew no pours printed for them: a digest of the
 * plan, or the code and the field of the refusal. Nine of them were mended since: on a coarse scale or in a marked cup they are
 * rounded from the part that errs least, and what comes out far over the need is warned of. Since pot life comes from the bucket
 * model the plans say how each batch fares in its cup, and five of them are mixed in more batches; field by field nothing else
 * came to differ.
 */
const { plans, resins } = kept;

const digestOf = (value: unknown): string =>
  createHash('sha256').update(JSON.stringify(value)).digest('hex').slice(0, 16);

function printed(job: unknown): string {
  try {
    // What version 1 did not print comes after what it did.
    const {
      weight: _,
      pours: __,
      ...asBefore
    } = asVersion1(() => printedPlan(planJob(readJob(job))));
    return digestOf(asBefore);
  } catch (error) {
    if (error instanceof InputError) return `${error.code} ${error.field}`;
    throw error;
  }
}

/** So many of them, evenly, from this one on; all of them in a campaign. */
function oneOfEvery(first: number) {
  const step = Math.ceil(plans.length / runs(24, plans.length));
  return plans.filter((_, at) => at % step === first % step);
}

test('a job of version 1 is planned to the very figures it had, byte for byte', () => {
  expect(plans.length).toBeGreaterThan(110);
  const tried = oneOfEvery(0);
  const now = tried.map(({ job }) => printed({ ...job, resin: resins[job.resin] }));
  expect(now).toEqual(tried.map(({ digest }) => digest));
});

test('the job of version 2 that it becomes says the same, and can be written and read', () => {
  for (const { job, digest } of oneOfEvery(1)) {
    const old = { ...job, resin: resins[job.resin] };
    if (digest.includes(' ')) continue;
    const now = readJob(old);
    expect(now.version).toBe(2);
    const again = readJob(JSON.parse(JSON.stringify(now)));
    expect(again).toEqual(now);
    expect(printed(again)).toBe(digest);
  }
});
