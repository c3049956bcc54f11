import { proxy, wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { InputError, type Problem } from '../core/problem';
import type { HeatAnswer, HeatMore, HeatRequest, HeatWorker } from './heatWorker';
import { heard } from './told';

/** The heat of a job as far as it is worked out. */
export interface HeatState {
  readonly answer: HeatAnswer | undefined;
  readonly more: Partial<HeatMore>;
  readonly problem: Problem | undefined;
  /** Something is still being worked out. */
  readonly busy: boolean;
}

const nothingYet: HeatState = { answer: undefined, more: {}, problem: undefined, busy: true };

interface Thread {
  readonly worker: Worker;
  readonly remote: Remote<HeatWorker>;
}

function startThread(): Thread {
  const worker = new Worker(new URL('./heat.worker', import.meta.url));
  return { worker, remote: wrap<HeatWorker>(worker) };
}

/** The worker's two threads: one answers at once and is never stopped, the other is stopped by the next change. */
interface Threads {
  quick: Thread | undefined;
  slow: Thread | undefined;
}

/**
 * The heat of a job: first figures and pictures, then ranges, advice and the rest as they come. A change stops what is
 * overtaken; what was told stays on the screen until there is something newer.
 * @param wanted `figures`: no ranges, no advice, for a comparison
 * @param request undefined while what is typed is not whole; the same object while nothing changed
 */
export function useHeat(
  request: HeatRequest | undefined,
  wanted: 'figures' | 'all' = 'all',
): HeatState {
  const [state, setState] = useState(nothingYet);
  const threads = useRef<Threads>({ quick: undefined, slow: undefined });
  useEffect(() => {
    const held = threads.current;
    return () => {
      held.quick?.worker.terminate();
      held.slow?.worker.terminate();
      held.quick = undefined;
      held.slow = undefined;
    };
  }, []);
  useEffect(() => {
    if (request === undefined) return undefined;
    const held = threads.current;
    let overtaken = false;
    const tell = (change: Partial<HeatState>): void => {
      if (!overtaken) setState((last) => ({ ...last, ...change }));
    };
    const run = async (): Promise<void> => {
      tell({ busy: true });
      held.quick ??= startThread();
      const answer = heard(await held.quick.remote.follow(request));
      if (overtaken) return;
      tell({ answer, more: {}, problem: undefined });
      if (!('view' in answer) || wanted === 'figures') {
        tell({ busy: false });
        return;
      }
      held.slow ??= startThread();
      const part = proxy((each: Partial<HeatMore>) => {
        if (!overtaken) setState((last) => ({ ...last, more: { ...last.more, ...each } }));
      });
      heard(await held.slow.remote.more(request, part));
      tell({ busy: false });
    };
    // A pause of a tick lets a burst of keystrokes through before the first of them is worked out.
    const timer = setTimeout(() => {
      run().catch((error: unknown) => {
        if (!(error instanceof InputError)) throw error;
        tell({ problem: error, busy: false, answer: undefined, more: {} });
      });
    }, 30);
    return () => {
      overtaken = true;
      clearTimeout(timer);
      held.slow?.worker.terminate();
      held.slow = undefined;
    };
  }, [request, wanted]);
  return state;
}
