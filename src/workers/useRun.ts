import type { Remote } from 'comlink';
import { useMemo } from 'react';
import { resolveJob } from '../core/job/resolveJob';
import { runSection, type RunSection } from '../core/production/runSection';
import type { ChooseWorker } from './chooseWorker';
import { hasWorkers } from './client';
import type { HeatRequest } from './heatWorker';
import { heard } from './told';
import { startChoosing } from './useChoices';
import { useWorked, type Worked } from './useWorked';

/**
 * A run put in order, in a thread; a change stops one that is at work.
 * @param request undefined while what is typed is not whole; the same object while nothing changed
 */
export function useRun(request: HeatRequest | undefined): Worked<RunSection> {
  const here = useMemo(() => {
    if (request === undefined || hasWorkers) return undefined;
    const { job, plan, pour, shelf } = request;
    return { value: runSection(resolveJob(job, shelf), plan, pour, shelf), busy: false };
  }, [request]);
  const work = useMemo(() => {
    if (request === undefined || !hasWorkers) return undefined;
    const { job, plan, pour, shelf } = request;
    return async (remote: Remote<ChooseWorker>) => heard(await remote.run(job, plan, pour, shelf));
  }, [request]);
  return { ...useWorked(startChoosing, work), ...here };
}
