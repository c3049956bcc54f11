import { useMemo } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { Plan, Shelf } from '../../core/plan/planTypes';
import { withoutPhotos } from '../../core/plan/withoutPhotos';
import { useShelf } from '../hooks/queries';
import { useOpenJob } from './openJob';

/** What a thread is asked with about the pour in hand. */
interface PlannedRequest {
  readonly job: Job;
  readonly plan: Plan;
  /** Counted from 0. */
  readonly pour: number;
  /** Without photos: no thread looks at them. */
  readonly shelf: Shelf;
}

/** The open job as it is planned, for a thread: the same object while nothing changed, undefined while what is typed is not whole. */
export function usePlannedRequest(): PlannedRequest | undefined {
  const { plan, job, pourIndex, outdated } = useOpenJob();
  const shelf = useShelf();
  return useMemo(
    () =>
      plan === undefined || job === undefined || outdated
        ? undefined
        : { job, plan, pour: pourIndex, shelf: withoutPhotos(shelf) },
    [plan, job, pourIndex, outdated, shelf],
  );
}
