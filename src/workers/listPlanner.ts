import type { Shelf } from '../core/plan/planTypes';
import { withoutPhotos } from '../core/plan/withoutPhotos';
import { InputError, isOfCode } from '../core/problem';
import { createWorkerClient, type WorkerLimits } from './client';
import type { ListedJob, ListWorker } from './listedJob';

/** Starts the thread that plans jobs for lists. */
const startThread = (): Worker => new Worker(new URL('./list.worker', import.meta.url));

/** Longer than that no job is planned for a list; a thread that nothing is asked of is let go. */
const listLimits: WorkerLimits = { answerMs: 5_000, restMs: 30_000 };

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
export function createListPlanner(start = startThread, limits = listLimits): ListPlanner {
  const client = createWorkerClient<ListWorker>(start, limits);
  const asked: Asked[] = [];
  /** What each thread that was started plans with. */
  const shelves = new WeakMap<object, Shelf>();
  let isAtWork = false;

  /** The one that came into sight last; then the others in their order. */
  function next(): Asked | undefined {
    const at = asked.findLastIndex(({ inSight }) => inSight);
    return at < 0 ? asked.shift() : asked.splice(at, 1)[0];
  }

  async function answer({ key, text, shelf }: Asked): Promise<ListedJob> {
    try {
      return await client.ask(async (remote) => {
        if (shelves.get(remote) !== shelf) {
          await remote.useShelf(withoutPhotos(shelf));
          shelves.set(remote, shelf);
        }
        return remote.plan(key, text);
      });
    } catch (error) {
      if (error instanceof InputError && isOfCode(error, 'worker-too-slow')) {
        return { state: 'too-slow' };
      }
      throw error;
    }
  }

  async function work(): Promise<void> {
    if (isAtWork) return;
    isAtWork = true;
    for (let job = next(); job !== undefined; job = next()) {
      if (job.signal.aborted) {
        job.reject(job.signal.reason);
        continue;
      }
      try {
        job.resolve(await answer(job));
      } catch (error) {
        job.reject(error);
      }
    }
    isAtWork = false;
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
