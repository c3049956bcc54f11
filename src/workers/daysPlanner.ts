import type { Shelf } from '../core/plan/planTypes';
import { withoutPhotos } from '../core/plan/withoutPhotos';
import { createWorkerClient } from './client';
import type { DaysAnswer, DaysRequest, DaysWorker } from './daysWorker';
import { heard } from './told';

const client = createWorkerClient<DaysWorker>(
  () => new Worker(new URL('./days.worker', import.meta.url)),
  { answerMs: 120_000 },
);

/** What each thread that was started plans with. */
const shelves = new WeakMap<object, Shelf>();

/**
 * The days of all these jobs, in a thread that keeps what it has planned: a change of dates is told within a moment.
 * @returns undefined where a newer question has come meanwhile
 * @throws InputError `no-such-zone`, `worker-failed`, `worker-too-slow`
 */
export const askDays = async (
  shelf: Shelf,
  request: DaysRequest,
): Promise<DaysAnswer | undefined> =>
  heard(
    await client.ask(async (remote) => {
      if (shelves.get(remote) !== shelf) {
        shelves.set(remote, shelf);
        await remote.useShelf(withoutPhotos(shelf));
      }
      return remote.solve(request);
    }),
  );
