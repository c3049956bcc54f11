import { wrap } from 'comlink';
import { startTransition, useEffect, useState } from 'react';
import { resolveJob } from '../core/job/resolveJob';
import { clearingOf, type Clearing } from '../core/plan/clearing';
import { InputError, type Problem } from '../core/problem';
import type { HeatRequest, HeatWorker } from './heatWorker';
import { heard } from './told';

/** What would clear more bubbles, as far as it is worked out. */
export interface ClearingState {
  readonly ways: readonly Clearing[] | undefined;
  readonly problem: Problem | undefined;
}

/** A page without threads works it out itself. */
const hasThreads = typeof Worker !== 'undefined';

/**
 * What would clear more bubbles of a pour, in a thread of its own that a change stops.
 * @param request the same object while nothing changed
 */
export function useClearing(request: HeatRequest): ClearingState {
  const [state, setState] = useState<ClearingState>({ ways: undefined, problem: undefined });
  useEffect(() => {
    if (!hasThreads) {
      const { job, plan, pour, shelf } = request;
      setState({
        ways: clearingOf(resolveJob(job, shelf), plan, pour, shelf),
        problem: undefined,
      });
      return undefined;
    }
    const worker = new Worker(new URL('./heat.worker', import.meta.url));
    const ask = async (): Promise<void> => {
      try {
        const ways = heard(await wrap<HeatWorker>(worker).clearing(request));
        startTransition(() => setState({ ways, problem: undefined }));
      } catch (error) {
        if (!(error instanceof InputError)) throw error;
        startTransition(() => setState({ ways: undefined, problem: error }));
      }
    };
    void ask();
    return () => worker.terminate();
  }, [request]);
  return state;
}
