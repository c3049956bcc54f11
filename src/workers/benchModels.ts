import { wrap, type Remote } from 'comlink';
import { benchCopyOf, type BenchCopy } from '../core/bench/benchCopy';
import { cureAnswer, type CureAnswer, type CureQuestion } from '../core/cure/cureAnswer';
import { cupAnswer, type CupAnswer, type CupQuestion } from '../core/bench/potClock';
import { resolveJob } from '../core/job/resolveJob';
import { personOf } from '../core/person/person';
import { planResolved } from '../core/plan/planJob';
import { withoutPhotos } from '../core/plan/withoutPhotos';
import type { BenchWorker, CopyRequest } from './benchWorker';
import { heard } from './told';

/** A page without threads works it out itself. */
const hasThreads = typeof Worker !== 'undefined';

const begun = (): Remote<BenchWorker> =>
  wrap<BenchWorker>(new Worker(new URL('./bench.worker', import.meta.url)));

let thread: Remote<BenchWorker> | undefined;
/** What cures takes longer to follow: the pot life of a cup does not wait for it. */
let cureThread: Remote<BenchWorker> | undefined;

const models = (): Remote<BenchWorker> => (thread ??= begun());

/**
 * All that the bench needs of a job, in a thread.
 * @throws InputError those of `planJob` and `benchCopyOf`
 */
export async function askBenchCopy(request: CopyRequest): Promise<BenchCopy> {
  if (hasThreads) {
    return heard(await models().copy({ ...request, shelf: withoutPhotos(request.shelf) }));
  }
  const { job, pour, shelf, person } = request;
  const resolved = resolveJob(job, shelf);
  return benchCopyOf(resolved, planResolved(resolved, shelf), pour, personOf(person), shelf);
}

/** How long a batch in its cup lasts, in a thread. */
export const askCup = async (question: CupQuestion): Promise<CupAnswer> =>
  hasThreads ? models().cup(question) : cupAnswer(question);

/**
 * How a pour cures by what was measured of it, in a thread.
 * @throws InputError `heat-lost-itself`
 */
export const askCure = async (question: CureQuestion): Promise<CureAnswer> =>
  hasThreads ? heard(await (cureThread ??= begun()).cure(question)) : cureAnswer(question);
