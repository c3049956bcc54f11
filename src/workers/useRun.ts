import { wrap, type Remote } from 'comlink';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import { InputError, type Problem } from '../core/problem';
import { runSection, type RunSection } from '../core/production/runSection';
import { resolveJob } from '../core/job/resolveJob';
import type { ChooseWorker } from './chooseWorker';
import type { HeatRequest } from './heatWorker';
import { heard } from './told';

/** A run as far as it is put in order. */
export interface RunState {
  /** What it was last; it stays until there is something newer. */
  readonly run: RunSection | undefined;
  readonly problem: Problem | undefined;
  readonly busy: boolean;
}

interface Thread {
  readonly worker: Worker;
  readonly remote: Remote<ChooseWorker>;
  busy: boolean;
}

const nothingYet: RunState = { run: undefined, problem: undefined, busy: true };

/** A page without threads works it out itself. */
const hasThreads = typeof Worker !== 'undefined';

const runHere = ({ job, plan, pour, shelf }: HeatRequest): RunState => ({
  run: runSection(resolveJob(job, shelf), plan, pour, shelf),
  problem: undefined,
  busy: false,
});

/**
 * A run put in order, in a thread; a change stops one that is at work.
 * @param request undefined while what is typed is not whole; the same object while nothing changed
 */
export function useRun(request: HeatRequest | undefined): RunState {
  const here = useMemo(
    () => (request === undefined || hasThreads ? undefined : runHere(request)),
    [request],
  );
  const [state, setState] = useState<RunState>(nothingYet);
  const held = useRef<Thread | undefined>(undefined);
  useEffect(() => () => held.current?.worker.terminate(), []);
  useEffect(() => {
    if (request === undefined || !hasThreads) return undefined;
    if (held.current === undefined) {
      const worker = new Worker(new URL('./choose.worker', import.meta.url));
      held.current = { worker, remote: wrap<ChooseWorker>(worker), busy: false };
    }
    const thread = held.current;
    let overtaken = false;
    const ask = async (): Promise<void> => {
      thread.busy = true;
      try {
        const { job, plan, pour, shelf } = request;
        const run = heard(await thread.remote.run(job, plan, pour, shelf));
        if (overtaken) return;
        startTransition(() => setState({ run, problem: undefined, busy: false }));
      } catch (error) {
        if (!(error instanceof InputError)) throw error;
        if (!overtaken) setState({ run: undefined, problem: error, busy: false });
      } finally {
        thread.busy = false;
      }
    };
    void ask();
    return () => {
      overtaken = true;
      if (!thread.busy) return;
      thread.worker.terminate();
      held.current = undefined;
    };
  }, [request]);
  return here ?? state;
}
