import type { Remote } from 'comlink';
import { useCallback, useMemo } from 'react';
import { resolveJob } from '../core/job/resolveJob';
import { clearingOf, type Clearing } from '../core/plan/clearing';
import { createWorkerClient, hasWorkers } from './client';
import type { HeatRequest, HeatWorker } from './heatWorker';
import { heard } from './told';
import { useWorked, type Worked } from './useWorked';

const start = () =>
  createWorkerClient<HeatWorker>(() => new Worker(new URL('./heat.worker', import.meta.url)), {
    answerMs: 60_000,
  });

/**
 * What would clear more bubbles of a pour, in a thread of its own that a change stops.
 * @param request the same object while nothing changed
 */
export function useClearing(request: HeatRequest): Worked<readonly Clearing[]> {
  const here = useMemo(() => {
    const { job, plan, pour, shelf } = request;
    return hasWorkers ? undefined : clearingOf(resolveJob(job, shelf), plan, pour, shelf);
  }, [request]);
  const work = useCallback(
    async (remote: Remote<HeatWorker>) => heard(await remote.clearing(request)),
    [request],
  );
  const there = useWorked(start, hasWorkers ? work : undefined);
  return here === undefined ? there : { ...there, value: here };
}
