import type { Job } from '../core/job/jobSchema';
import type { ResinChoice } from '../core/plan/choose/chooseResin';
import type { Shelf } from '../core/plan/planTypes';
import type { Told } from './told';

/** Choosing among many cards, over the thread's border. */
export interface ChooseWorker {
  readonly choose: (
    job: Job,
    pour: number,
    shelf: Shelf,
    today: string,
  ) => Promise<Told<readonly ResinChoice[]>>;
}
