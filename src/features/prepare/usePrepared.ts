import { useMemo } from 'react';
import { holdDownOf, type HoldDown } from '../../core/holdDown/holdDownOf';
import type { Job } from '../../core/job/jobSchema';
import { resolveJob } from '../../core/job/resolveJob';
import { personOf, type Person } from '../../core/person/person';
import type { Plan } from '../../core/plan/planTypes';
import { prepareOf, type PrepareLine } from '../../core/prepare/prepareOf';
import { useOpenJob } from '../../data/draft/openJob';
import { useSettings, useShelf } from '../../data/hooks/queries';

/** How the open job is prepared and held down; undefined while it has no plan. */
export interface Prepared {
  readonly holdDown: HoldDown;
  readonly lines: readonly PrepareLine[];
  readonly person: Person;
}

export function usePrepared(): Prepared | undefined {
  const { plan, job } = useOpenJob();
  return usePreparedOf(plan, job);
}

/** The same of a plan that is at hand. */
export function usePreparedOf(plan: Plan | undefined, job: Job | undefined): Prepared | undefined {
  const shelf = useShelf();
  const typed = useSettings().data?.person;
  return useMemo(() => {
    if (plan === undefined || job === undefined) return undefined;
    const person = personOf(typed);
    const resolved = resolveJob(job, shelf);
    return {
      person,
      holdDown: holdDownOf(resolved, plan),
      lines: prepareOf(resolved, plan, person),
    };
  }, [plan, job, shelf, typed]);
}
