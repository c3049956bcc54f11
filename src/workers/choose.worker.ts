import { expose } from 'comlink';
import type { Job } from '../core/job/jobSchema';
import { resolveJob } from '../core/job/resolveJob';
import { chooseResin } from '../core/plan/choose/chooseResin';
import type { Shelf } from '../core/plan/planTypes';
import { runSection } from '../core/production/runSection';
import type { ChooseWorker } from './chooseWorker';
import { told } from './told';

const worker: ChooseWorker = {
  choose: (job: Job, pour: number, shelf: Shelf, today: string) =>
    told(async () => chooseResin(job, pour, shelf, today)),
  run: (job, plan, pour, shelf) =>
    told(async () => runSection(resolveJob(job, shelf), plan, pour, shelf)),
};

expose(worker);
