import { expose } from 'comlink';
import { benchCopyOf } from '../core/bench/benchCopy';
import { cureAnswer } from '../core/cure/cureAnswer';
import { cupAnswer } from '../core/bench/potClock';
import { resolveJob } from '../core/job/resolveJob';
import { personOf } from '../core/person/person';
import { planResolved } from '../core/plan/planJob';
import type { BenchWorker } from './benchWorker';
import { told } from './told';

const worker: BenchWorker = {
  copy: ({ job, pour, shelf, person }) =>
    told(async () => {
      const resolved = resolveJob(job, shelf);
      return benchCopyOf(resolved, planResolved(resolved, shelf), pour, personOf(person), shelf);
    }),
  cup: async (question) => cupAnswer(question),
  cure: (question) => told(async () => cureAnswer(question)),
};

expose(worker);
