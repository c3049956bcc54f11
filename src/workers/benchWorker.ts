import type { BenchCopy } from '../core/bench/benchCopy';
import type { CureAnswer, CureQuestion } from '../core/cure/cureAnswer';
import type { CupAnswer, CupQuestion } from '../core/bench/potClock';
import type { Job } from '../core/job/jobSchema';
import type { PersonTyped } from '../core/person/personSchema';
import type { Shelf } from '../core/plan/planTypes';
import type { Told } from './told';

/** What a copy for the bench is made of. */
export interface CopyRequest {
  readonly job: Job;
  /** Counted from 0. */
  readonly pour: number;
  /** Without photos: nothing here looks at them. */
  readonly shelf: Shelf;
  readonly person: PersonTyped | undefined;
}

/** The models of the bench, over the thread's border. */
export interface BenchWorker {
  readonly copy: (request: CopyRequest) => Promise<Told<BenchCopy>>;
  readonly cup: (question: CupQuestion) => Promise<CupAnswer>;
  readonly cure: (question: CureQuestion) => Promise<Told<CureAnswer>>;
}
