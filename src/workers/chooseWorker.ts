import type { Job } from '../core/job/jobSchema';
import type { ResinChoice } from '../core/plan/choose/chooseResin';
import type { RunSection } from '../core/production/runSection';
import type { Plan, Shelf } from '../core/plan/planTypes';
import type { Told } from './told';

/** Choosing among many cards and many orders of a run, over the thread's border. */
export interface ChooseWorker {
  readonly choose: (
    job: Job,
    pour: number,
    shelf: Shelf,
    today: string,
  ) => Promise<Told<readonly ResinChoice[]>>;
  /** A run put in order; undefined for a pour that is none. */
  readonly run: (
    job: Job,
    plan: Plan,
    pour: number,
    shelf: Shelf,
  ) => Promise<Told<RunSection | undefined>>;
}
