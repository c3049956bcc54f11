import { wrap } from 'comlink';
import type { Shelf } from '../core/plan/planTypes';
import { withoutPhotos } from '../core/plan/withoutPhotos';
import type { ListedJob, ListWorker } from './listedJob';

interface Limits {
  /** Longer than this no job is planned for a list, ms. */
  readonly jobMs: number;
  /** A thread that nothing is asked of for so long is let go, ms. */
  readonly restMs: number;
}

const usualLimits: Limits = { jobMs: 5_000, restMs: 30_000 };

/** A thread that plans jobs for lists; `failed` rejects where it cannot run. */
export interface ListThread {
  readonly remote: ListWorker;
  readonly failed: Promise<never>;
  readonly terminate: () => void;
}

function startThread(): ListThread {
  const thread = new Worker(new URL('./list.worker', import.meta.url));
  const failed = new Promise<never>((_, reject) => {
    thread.addEventListener('error', ({ message }) => reject(new Error(message)));
  });
  failed.catch(() => undefined);
  return { remote: wrap<ListWorker>(thread), failed, terminate: () => thread.terminate() };
}

/** A job to plan. */
export interface ToPlan {
  readonly key: string;
  /** As it is stored. */
  readonly text: string;
  readonly shelf: Shelf;
  /** What somebody looks at goes before what is only counted. */
  readonly inSight: boolean;
  /** It is not wanted any more. */
  readonly signal: AbortSignal;
}

interface Asked extends ToPlan {
  readonly resolve: (listed: ListedJob) => void;
  readonly reject: (error: unknown) => void;
}

/** Plans jobs one after the other in a thread of their own, each within a time limit. */
export interface ListPlanner {
  /** Rejects where the thread cannot run, and where the signal said that it is not wanted any more. */
  readonly plan: (job: ToPlan) => Promise<ListedJob>;
}

/** @param start starts the thread */
export function createListPlanner(start = startThread, limits = usualLimits): ListPlanner {
  const asked: Asked[] = [];
  let thread: ListThread | undefined;
  let known: Shelf | undefined;
  let isAtWork = false;
  let rest: ReturnType<typeof setTimeout> | undefined;

  function stop(): void {
    thread?.terminate();
    thread = undefined;
    known = undefined;
  }

  /** The one that came into sight last; then the others in their order. */
  function next(): Asked | undefined {
    const at = asked.findLastIndex(({ inSight }) => inSight);
    return at < 0 ? asked.shift() : asked.splice(at, 1)[0];
  }

  async function answer({ key, text, shelf }: Asked): Promise<ListedJob> {
    thread ??= start();
    const { remote, failed } = thread;
    if (known !== shelf) {
      await Promise.race([remote.useShelf(withoutPhotos(shelf)), failed]);
      known = shelf;
    }
    let timer: ReturnType<typeof setTimeout> | undefined;
    const limit = new Promise<ListedJob>((resolve) => {
      timer = setTimeout(() => resolve({ state: 'too-slow' }), limits.jobMs);
    });
    try {
      const listed = await Promise.race([remote.plan(key, text), failed, limit]);
      if (listed.state === 'too-slow') stop();
      return listed;
    } finally {
      clearTimeout(timer);
    }
  }

  async function work(): Promise<void> {
    if (isAtWork) return;
    isAtWork = true;
    clearTimeout(rest);
    for (let job = next(); job !== undefined; job = next()) {
      if (job.signal.aborted) {
        job.reject(job.signal.reason);
        continue;
      }
      try {
        job.resolve(await answer(job));
      } catch (error) {
        stop();
        job.reject(error);
      }
    }
    isAtWork = false;
    rest = setTimeout(stop, limits.restMs);
  }

  return {
    plan: (job) =>
      new Promise((resolve, reject) => {
        asked.push({ ...job, resolve, reject });
        void work();
      }),
  };
}

/** The one that all lists share. */
export const listPlanner = createListPlanner();
