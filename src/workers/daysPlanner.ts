import { wrap, type Remote } from 'comlink';
import type { Shelf } from '../core/plan/planTypes';
import { withoutPhotos } from '../core/plan/withoutPhotos';
import type { DaysAnswer, DaysRequest, DaysWorker } from './daysWorker';
import { heard } from './told';

/** A thread that works out days; `failed` rejects where it cannot run. */
interface DaysThread {
  readonly remote: Remote<DaysWorker>;
  readonly failed: Promise<never>;
}

let thread: DaysThread | undefined;
let known: Shelf | undefined;

function started(): DaysThread {
  const worker = new Worker(new URL('./days.worker', import.meta.url));
  const failed = new Promise<never>((_, reject) => {
    worker.addEventListener('error', ({ message }) => {
      worker.terminate();
      thread = undefined;
      known = undefined;
      reject(new Error(message));
    });
  });
  failed.catch(() => undefined);
  return { remote: wrap<DaysWorker>(worker), failed };
}

/**
 * The days of all these jobs, in a thread that keeps what it has planned: a change of dates is told within a moment.
 * @returns undefined where a newer question has come meanwhile
 * @throws InputError `no-such-zone`
 */
export async function askDays(shelf: Shelf, request: DaysRequest): Promise<DaysAnswer | undefined> {
  thread ??= started();
  const { remote, failed } = thread;
  if (known !== shelf) {
    known = shelf;
    await Promise.race([remote.useShelf(withoutPhotos(shelf)), failed]);
  }
  return heard(await Promise.race([remote.solve(request), failed]));
}
