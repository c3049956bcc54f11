import { benchCopyOf, type BenchCopy } from '../core/bench/benchCopy';
import { cureAnswer, type CureAnswer, type CureQuestion } from '../core/cure/cureAnswer';
import { cupAnswer, type CupAnswer, type CupQuestion } from '../core/bench/potClock';
import { resolveJob } from '../core/job/resolveJob';
import { personOf } from '../core/person/person';
import { planResolved } from '../core/plan/planJob';
import { withoutPhotos } from '../core/plan/withoutPhotos';
import type { BenchWorker, CopyRequest } from './benchWorker';
import { createWorkerClient, hasWorkers } from './client';
import { heard } from './told';

const begun = (answerMs: number) =>
  createWorkerClient<BenchWorker>(() => new Worker(new URL('./bench.worker', import.meta.url)), {
    answerMs,
  });

/** Somebody stands at the bench and waits for these. */
const models = begun(30_000);
/** What cures takes longer to follow: the pot life of a cup does not wait for it. */
const cures = begun(120_000);

/**
 * All that the bench needs of a job, in a thread.
 * @throws InputError those of `planJob` and `benchCopyOf`, `worker-failed`, `worker-too-slow`
 */
export async function askBenchCopy(request: CopyRequest): Promise<BenchCopy> {
  if (hasWorkers) {
    const whole = { ...request, shelf: withoutPhotos(request.shelf) };
    return heard(await models.ask(async (remote) => remote.copy(whole)));
  }
  const { job, pour, shelf, person } = request;
  const resolved = resolveJob(job, shelf);
  return benchCopyOf(resolved, planResolved(resolved, shelf), pour, personOf(person), shelf);
}

/**
 * How long a batch in its cup lasts, in a thread.
 * @throws InputError `worker-failed`, `worker-too-slow`
 */
export const askCup = async (question: CupQuestion): Promise<CupAnswer> =>
  hasWorkers ? models.ask((remote) => remote.cup(question)) : cupAnswer(question);

/**
 * How a pour cures by what was measured of it, in a thread.
 * @throws InputError `heat-lost-itself`, `worker-failed`, `worker-too-slow`
 */
export const askCure = async (question: CureQuestion): Promise<CureAnswer> =>
  hasWorkers
    ? heard(await cures.ask(async (remote) => remote.cure(question)))
    : cureAnswer(question);
